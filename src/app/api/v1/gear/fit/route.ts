import { pool } from '@/db/pool';
import { ropesForLength } from '@/db/queries/gear-list';
import { API } from '@/server/api/endpoints';
import { lengthOf, standingOn } from '@/server/gear';
import { answer, route } from '@/server/route';

export const GET = route(API.fitGear, async ({ request, member, now }) => {
  const lengthM = lengthOf(new URL(request.url).searchParams, 'lengthM', 5000) ?? 0;
  return answer(API.fitGear, {
    ropes: (await ropesForLength(pool(), member.crewId, lengthM)).map((g) => standingOn(g, now)),
  });
});
