import { pool, transaction } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { changePart, removePart } from '@/server/kept-parts';
import { answer, route } from '@/server/route';

export const GET = route(API.readDeck, async ({ params, member }) =>
  documentResponse(API.readDeck, await partById(pool(), 'deck', member.crewId, documentId(params))),
);

export const PUT = route(API.saveDeck, async ({ request, params, body, member, now }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.saveDeck,
    await transaction((db) => changePart(db, 'deck', member, id, version, body, now)),
  );
});

export const DELETE = route(API.deleteDeck, async ({ params, member }) => {
  await transaction((db) => removePart(db, 'deck', member, documentId(params), true));
  return answer(API.deleteDeck, { ok: true });
});
