import { pool } from '@/db/pool';
import { acknowledgeCautions } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';

export const POST = route(API.acknowledge, async ({ body, member }) => {
  await acknowledgeCautions(pool(), member.id, body.version);
  return answer(API.acknowledge, { ok: true });
});
