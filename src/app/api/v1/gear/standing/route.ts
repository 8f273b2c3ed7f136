import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { askedGear, standingOn } from '@/server/gear';
import { answer, route } from '@/server/route';

const MOST_IDS = 200;

export const GET = route(API.gearStanding, async ({ request, member, now }) => {
  const found = await askedGear(pool(), member.crewId, new URL(request.url).searchParams, MOST_IDS);
  return answer(API.gearStanding, { gear: found.map((g) => standingOn(g, now)) });
});
