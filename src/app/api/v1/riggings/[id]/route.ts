import { pool, transaction } from '@/db/pool';
import { setDeleted } from '@/db/queries/revisions';
import { riggingById, updateRigging } from '@/db/queries/riggings';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { answer, route } from '@/server/route';

export const GET = route(API.readRigging, async ({ params, member }) =>
  documentResponse(API.readRigging, await riggingById(pool(), member.crewId, documentId(params))),
);

export const PUT = route(API.saveRigging, async ({ request, params, body, member }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.saveRigging,
    await transaction((db) => updateRigging(db, member.crewId, member.id, id, version, body)),
  );
});

export const DELETE = route(API.deleteRigging, async ({ params, member }) => {
  await setDeleted(pool(), 'rigging', member.crewId, documentId(params), true);
  return answer(API.deleteRigging, { ok: true });
});
