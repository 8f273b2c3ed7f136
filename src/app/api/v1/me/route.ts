import { pool } from '@/db/pool';
import { setUnits } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';

export const PUT = route(API.changeSelf, async ({ body, member }) => {
  await setUnits(pool(), member.crewId, member.id, body.units);
  return answer(API.changeSelf, { units: body.units });
});
