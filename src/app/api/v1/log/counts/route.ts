import { daysLater } from '@/core/gear/due';
import { pool } from '@/db/pool';
import { logCounts } from '@/db/queries/log-counts';
import { API } from '@/server/api/endpoints';
import { countedDays } from '@/server/log-book/query';
import { answer, route } from '@/server/route';
import type { Answered } from '@/server/api/endpoint';

export const GET = route(API.logCounts, async ({ request, member, now }) => {
  const { from, to } = countedDays(new URL(request.url).searchParams, now);
  const [first, last] = [new Date(from), new Date(daysLater(to, 1))];
  const counts = await logCounts(pool(), member.crewId, first, last);
  return answer(API.logCounts, { from, to, ...counts } as Answered<typeof API.logCounts>);
});
