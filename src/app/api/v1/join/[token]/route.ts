import { pool, transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { linkOf, useLink } from '@/server/members';
import { hashPassword } from '@/server/passwords';
import { answer, route, withCookies } from '@/server/route';
import { enter } from '@/server/session';

export const GET = route(API.link, async ({ params }) => {
  const { crewName, role, memberId } = await linkOf(pool(), params['token'] ?? '');
  return answer(API.link, { crew: crewName, role, purpose: memberId ? 'password' : 'join' });
});

export const POST = route(API.useLink, async ({ params, body, device, now, secure }) => {
  const token = params['token'] ?? '';
  await linkOf(pool(), token);
  const passwordHash = await hashPassword(body.password);
  const cookies = await transaction(async (db) =>
    enter(db, await useLink(db, token, body, passwordHash), device, { now, secure }),
  );
  return withCookies(answer(API.useLink, { ok: true }, 201), cookies);
});
