import { pool } from '@/db/pool';
import { demoMember } from '@/db/queries/members';
import { API } from '@/server/api/endpoints';
import { demoIsOpen } from '@/server/demo';
import { refuse } from '@/server/problem';
import { answer, route, withCookies } from '@/server/route';
import { enter } from '@/server/session';

export const POST = route(API.stepIn, async ({ body, who, device, now, secure }) => {
  const memberId = demoIsOpen(who) ? await demoMember(pool(), body.memberId) : null;
  if (memberId === null) throw refuse(404, 'demo-absent', {}, ['memberId']);
  return withCookies(
    answer(API.stepIn, { ok: true }),
    await enter(pool(), memberId, device, { now, secure }),
  );
});
