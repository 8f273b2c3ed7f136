import { pool } from '@/db/pool';
import { gearPage } from '@/db/queries/gear-list';
import { API } from '@/server/api/endpoints';
import { documentAnswer, writeMarker } from '@/server/documents';
import { enterGear, gearQuery, standingOn, tagAgain } from '@/server/gear';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listGear, async ({ request, member, now }) => {
  const { gear, unreadable, next } = await gearPage(
    pool(),
    member.crewId,
    gearQuery(new URL(request.url).searchParams, now),
  );
  return answer(API.listGear, {
    gear: gear.map((g) => standingOn(g, now)),
    unreadable: unreadable.map(({ id, code }) => ({ id, code })),
    next: writeMarker(next),
  });
});

export const POST = route(API.createGear, async (call) => {
  const { request, body, member, now } = call;
  return once(call, async (db) =>
    documentAnswer(
      API.createGear,
      standingOn(await enterGear(db, member, body, now, tagAgain(request)), now),
      201,
    ),
  );
});
