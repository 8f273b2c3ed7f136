import { pool } from '@/db/pool';
import { demoMember } from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { refuse } from '@/server/problem';
import { json, route } from '@/server/route';
import { openSession, sessionCookie } from '@/server/session';

export const POST = route(API.stepIn, async ({ body, now, secure }) => {
  const memberId = await demoMember(pool(), body.memberId);
  if (memberId === null) throw refuse(404, 'demo-absent', {}, ['memberId']);
  return json({ ok: true }, 200, {
    'set-cookie': sessionCookie(await openSession(pool(), memberId, now), secure),
  });
});
