import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, route, withCookies } from '@/server/route';
import { memberOfToken } from '@/server/session';
import { join, takingPart, talkSeen } from '@/server/talk/taking-part';
import { talkCookie } from '@/server/talk/token';

export const POST = route(API.joinTalk, async ({ body, token, who, now, secure }) => {
  const member = (await memberOfToken(pool(), token, now))?.member ?? null;
  const own = await join(pool(), body, member, { who, now });
  const seen = await talkSeen(pool(), await takingPart(pool(), own));
  return withCookies(answer(API.joinTalk, seen, 201), [talkCookie(own, secure)]);
});
