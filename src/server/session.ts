import { createHash, randomBytes } from 'node:crypto';
import { stringifySetCookie } from 'cookie';
import { CAUTIONS_VERSION } from '@/wording/cautions';
import type { Database } from '@/db/pool';
import { memberOfApiToken, type TokenScope } from '@/db/queries/api-tokens';
import { type Member, memberOfSession } from '@/db/queries/members';
import { deleteSession, insertSession, rotateSession } from '@/db/queries/sessions';
import { rememberDevice } from '@/db/queries/sign-in';

export const SESSION_COOKIE = 'vc_session';
/** Remembers a device that somebody signed in on; outlives the session. */
export const DEVICE_COOKIE = 'vc_device';
const LIFETIME_MS = 30 * 24 * 3600_000;
const ROTATE_AFTER_MS = 3600_000;
const DEVICE_LIFETIME_S = 365 * 24 * 3600;
const GRACE_MS = 60_000;

/** Only this hash is ever stored: a stolen database opens no session. */
export const tokenHash = (token: string): Buffer => createHash('sha256').update(token).digest();

/** A token that nobody can guess. */
export const newToken = (): string => randomBytes(32).toString('base64url');

/** Opens a session and returns its token. */
export async function openSession(db: Database, memberId: string, now: Date): Promise<string> {
  const token = newToken();
  await insertSession(db, memberId, tokenHash(token), new Date(now.getTime() + LIFETIME_MS));
  return token;
}

export async function closeSession(db: Database, token: string): Promise<void> {
  await deleteSession(db, tokenHash(token));
}

/** The member behind a token, and whether the token is due for rotation. */
export async function memberOfToken(
  db: Database,
  token: string | undefined,
  now: Date,
): Promise<{ member: Member; rotate: boolean } | null> {
  if (!token) return null;
  const found = await memberOfSession(db, tokenHash(token), CAUTIONS_VERSION);
  if (!found) return null;
  return {
    member: found.member,
    rotate: found.isCurrent && now.getTime() - found.rotatedAt.getTime() > ROTATE_AFTER_MS,
  };
}

/** What a program's token begins with, so that it is known for one wherever it turns up. */
export const API_TOKEN_MARK = 'vast-cleat-';

/** Who asks by a program's token in the header `Authorization`, and what it is good for; null when it is none that is good. */
export function memberOfProgram(
  db: Database,
  authorization: string,
): Promise<{ readonly member: Member; readonly scopes: readonly TokenScope[] } | null> {
  const token = /^Bearer (\S{20,200})$/i.exec(authorization)?.[1];
  return token ? memberOfApiToken(db, tokenHash(token), CAUTIONS_VERSION) : Promise.resolve(null);
}

/** Gives a session a new token; null when another request was faster. */
export async function rotate(db: Database, token: string, now: Date): Promise<string | null> {
  const fresh = newToken();
  const at = (ms: number): Date => new Date(now.getTime() + ms);
  return (await rotateSession(
    db,
    tokenHash(token),
    tokenHash(fresh),
    at(GRACE_MS),
    at(LIFETIME_MS),
  ))
    ? fresh
    : null;
}

/** The Set-Cookie value of a token, or of its removal (null). */
export const sessionCookie = (token: string | null, secure: boolean): string =>
  stringifySetCookie(SESSION_COOKIE, token ?? '', {
    path: '/',
    maxAge: token === null ? 0 : LIFETIME_MS / 1000,
    httpOnly: true,
    sameSite: 'strict',
    secure,
  });

/**
 * Opens a session for somebody who came in by the door, and remembers the device.
 * @returns the Set-Cookie values of both
 */
export async function enter(
  db: Database,
  memberId: string,
  device: string | undefined,
  { now, secure }: { now: Date; secure: boolean },
): Promise<string[]> {
  const own = device ?? newToken();
  await rememberDevice(db, tokenHash(own), memberId);
  const deviceCookie = stringifySetCookie(DEVICE_COOKIE, own, {
    path: '/api/v1/',
    maxAge: DEVICE_LIFETIME_S,
    httpOnly: true,
    sameSite: 'strict',
    secure,
  });
  return [sessionCookie(await openSession(db, memberId, now), secure), deviceCookie];
}
