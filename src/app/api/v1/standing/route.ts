import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { standingOfCrew } from '@/server/training';

export const GET = route(API.standing, async ({ request, member, now }) => {
  const course = new URL(request.url).searchParams.get('course');
  return answer(API.standing, await standingOfCrew(pool(), member.crewId, course, now));
});
