import { pool, transaction } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { recordGear, standingOn } from '@/server/gear';
import { json, route } from '@/server/route';

export const GET = route(API.gearHistory, async ({ params, member }) => {
  const { id } = await gearById(pool(), member.crewId, documentId(params));
  return json({ history: await gearHistory(pool(), member.crewId, id) });
});

export const POST = route(API.recordGear, async ({ params, body, member, now }) => {
  const id = documentId(params);
  return documentResponse(
    standingOn(await transaction((db) => recordGear(db, member, id, body, now)), now),
    201,
  );
});
