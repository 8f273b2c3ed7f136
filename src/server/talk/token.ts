import { parseCookie, stringifySetCookie } from 'cookie';

/** What lets a phone back into a talk. */
const TALK_COOKIE = 'vc_talk';
/** A talk is over long before. */
const LIFETIME_S = 12 * 3600;

/** What a phone brings that takes part. */
export const talkToken = (request: Request): string | undefined =>
  parseCookie(request.headers.get('cookie') ?? '')[TALK_COOKIE] || undefined;

/** The Set-Cookie value that lets a phone back in. */
export const talkCookie = (token: string, secure: boolean): string =>
  stringifySetCookie(TALK_COOKIE, token, {
    path: '/api/v1/talk',
    maxAge: LIFETIME_S,
    httpOnly: true,
    sameSite: 'strict',
    secure,
  });
