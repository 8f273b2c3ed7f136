import { pool } from '@/db/pool';
import { endCalendarFeed } from '@/db/queries/calendar';
import { API } from '@/server/api/endpoints';
import { answer, route, withCookies } from '@/server/route';
import { closeSession, enter, memberOfToken, sessionCookie } from '@/server/session';
import { signIn } from '@/server/sign-in';

export const POST = route(API.signIn, async ({ body, who, device, now, secure }) => {
  const memberId = await signIn(pool(), body, who, device);
  return withCookies(
    answer(API.signIn, { ok: true }),
    await enter(pool(), memberId, device, { now, secure }),
  );
});

export const DELETE = route(API.signOut, async ({ request, token, now, secure }) => {
  const ends = new URL(request.url).searchParams.get('calendar') === 'end';
  const found = ends ? await memberOfToken(pool(), token, now) : null;
  if (found) await endCalendarFeed(pool(), found.member.id);
  if (token) await closeSession(pool(), token);
  return withCookies(answer(API.signOut, { ok: true }), [sessionCookie(null, secure)]);
});
