import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, open } from '@/server/route';

/** The database answers too. */
export const GET = open(API.ready, async () => {
  await pool().query('SELECT 1');
  return answer(API.ready, { ok: true });
});
