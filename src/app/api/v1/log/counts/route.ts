import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { countsOf } from '@/server/log-book/counts';
import { countedDays } from '@/server/log-book/query';
import { answer, route } from '@/server/route';

export const GET = route(API.logCounts, async ({ request, member, now }) => {
  const days = countedDays(new URL(request.url).searchParams, now);
  return answer(API.logCounts, await countsOf(pool(), member.crewId, days));
});
