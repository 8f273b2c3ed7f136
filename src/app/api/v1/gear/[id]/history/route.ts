import { pool } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { API } from '@/server/api/endpoints';
import { documentAnswer, documentId } from '@/server/documents';
import { recordGear, standingOn } from '@/server/gear';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.gearHistory, async ({ params, member }) => {
  const { id } = await gearById(pool(), member.crewId, documentId(params));
  return answer(API.gearHistory, { history: await gearHistory(pool(), member.crewId, id) });
});

export const POST = route(API.recordGear, async (call) => {
  const { params, body, member, now } = call;
  const id = documentId(params);
  return once(call, async (db) =>
    documentAnswer(
      API.recordGear,
      standingOn(await recordGear(db, member, id, body, now), now),
      201,
    ),
  );
});
