import { pool } from '@/db/pool';
import { nameKey } from '@/db/queries/crews';
import { API } from '@/server/api/endpoints';
import { forget, limit } from '@/server/limiter';
import { refuse } from '@/server/problem';
import { json, route } from '@/server/route';
import { closeSession, memberByPassword, openSession, sessionCookie } from '@/server/session';

export const POST = route(API.signIn, async ({ body, who, now, secure }) => {
  const key = `${who}:${nameKey(body.name)}`;
  await limit(pool(), 'sign-in', key);
  const memberId = await memberByPassword(pool(), body.name, body.password);
  if (memberId === null) throw refuse(401, 'sign-in-wrong');
  await forget(pool(), 'sign-in', key);
  return json({ ok: true }, 200, {
    'set-cookie': sessionCookie(await openSession(pool(), memberId, now), secure),
  });
});

export const DELETE = route(API.signOut, async ({ token, secure }) => {
  if (token) await closeSession(pool(), token);
  return json({ ok: true }, 200, { 'set-cookie': sessionCookie(null, secure) });
});
