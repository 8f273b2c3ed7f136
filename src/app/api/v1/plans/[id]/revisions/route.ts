import { PLAN } from '@/core/securement/plan';
import { pool } from '@/db/pool';
import { rawDocument } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { askedVersion, historyPage } from '@/server/revisions';
import { answer, route } from '@/server/route';

export const GET = route(API.planHistory, async ({ request, params, member }) => {
  const id = documentId(params);
  const after = askedVersion(new URL(request.url).searchParams);
  await rawDocument(pool(), 'plan', member.crewId, id);
  return answer(API.planHistory, await historyPage(pool(), 'plan', PLAN, member.crewId, id, after));
});
