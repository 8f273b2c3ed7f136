import { pool, transaction } from '@/db/pool';
import { gearPage } from '@/db/queries/gear-list';
import { API } from '@/server/api/endpoints';
import { documentResponse, writeMarker } from '@/server/documents';
import { enterGear, gearQuery, standingOn, tagAgain } from '@/server/gear';
import { json, route } from '@/server/route';

export const GET = route(API.listGear, async ({ request, member, now }) => {
  const { gear, next } = await gearPage(
    pool(),
    member.crewId,
    gearQuery(new URL(request.url).searchParams, now),
  );
  return json({ gear: gear.map((g) => standingOn(g, now)), next: writeMarker(next) });
});

export const POST = route(API.createGear, async ({ request, body, member, now }) =>
  documentResponse(
    await transaction((db) => enterGear(db, member, body, now, tagAgain(request))),
    201,
  ),
);
