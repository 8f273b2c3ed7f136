import { COURSE_IDS } from '@/core/training/standing/courses';
import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { choiceAsked } from '@/server/asked';
import { answer, route } from '@/server/route';
import { standingOfCrew } from '@/server/training';

export const GET = route(API.standing, async ({ request, member, now }) => {
  const course = choiceAsked(request, 'course', COURSE_IDS);
  return answer(API.standing, await standingOfCrew(pool(), member.crewId, course, now));
});
