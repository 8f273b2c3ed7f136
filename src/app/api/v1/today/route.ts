import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { dueToday } from '@/server/today';

export const GET = route(API.dueToday, async ({ member, now }) =>
  answer(API.dueToday, await dueToday(pool(), member, now)),
);
