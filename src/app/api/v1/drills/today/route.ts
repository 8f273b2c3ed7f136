import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { today } from '@/server/drills/today';
import { answer, route } from '@/server/route';

export const GET = route(API.today, async ({ member, now }) =>
  answer(API.today, await today(pool(), member, now)),
);
