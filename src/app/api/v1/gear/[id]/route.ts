import { pool, transaction } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { changeGear, removeGear, standingOn, tagAgain } from '@/server/gear';
import { answer, route } from '@/server/route';

export const GET = route(API.readGear, async ({ params, member, now }) =>
  documentResponse(
    API.readGear,
    standingOn(await gearById(pool(), member.crewId, documentId(params)), now),
  ),
);

export const PUT = route(API.saveGear, async ({ request, params, body, member, now }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.saveGear,
    standingOn(
      await transaction((db) => changeGear(db, member, id, version, body, tagAgain(request))),
      now,
    ),
  );
});

export const DELETE = route(API.deleteGear, async ({ params, member }) => {
  const id = documentId(params);
  await transaction((db) => removeGear(db, member, id));
  return answer(API.deleteGear, { ok: true });
});
