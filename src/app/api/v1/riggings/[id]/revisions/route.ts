import { RIGGING } from '@/core/bench/rigging';
import { pool } from '@/db/pool';
import { rawDocument } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { askedVersion, historyPage } from '@/server/revisions';
import { answer, route } from '@/server/route';

export const GET = route(API.riggingHistory, async ({ request, params, member }) => {
  const id = documentId(params);
  const after = askedVersion(new URL(request.url).searchParams);
  await rawDocument(pool(), 'rigging', member.crewId, id);
  return answer(
    API.riggingHistory,
    await historyPage(pool(), 'rigging', RIGGING, member.crewId, id, after),
  );
});
