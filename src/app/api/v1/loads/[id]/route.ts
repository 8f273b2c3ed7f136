import { pool, transaction } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { changePart, removePart } from '@/server/kept-parts';
import { answer, route } from '@/server/route';

export const GET = route(API.readLoad, async ({ params, member }) =>
  documentResponse(API.readLoad, await partById(pool(), 'load', member.crewId, documentId(params))),
);

export const PUT = route(API.saveLoad, async ({ request, params, body, member, now }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.saveLoad,
    await transaction((db) => changePart(db, 'load', member, id, version, body, now)),
  );
});

export const DELETE = route(API.deleteLoad, async ({ params, member }) => {
  await transaction((db) => removePart(db, 'load', member, documentId(params), true));
  return answer(API.deleteLoad, { ok: true });
});
