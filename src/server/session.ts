import { createHash, randomBytes } from 'node:crypto';
import { hash, verify } from '@node-rs/argon2';
import { stringifySetCookie } from 'cookie';
import { CAUTIONS_VERSION } from '@/wording/cautions';
import type { Database } from '@/db/pool';
import { type Member, memberOfSession, membersByName } from '@/db/queries/crews';
import { deleteSession, insertSession, rotateSession } from '@/db/queries/sessions';

export const SESSION_COOKIE = 'vc_session';
const LIFETIME_MS = 30 * 24 * 3600_000;
const ROTATE_AFTER_MS = 3600_000;
const GRACE_MS = 60_000;

/** Only this hash is ever stored: a stolen database opens no session. */
const tokenHash = (token: string): Buffer => createHash('sha256').update(token).digest();

/** argon2id with the package's defaults (19 MiB, 2 passes: the OWASP minimum). */
export const hashPassword = (password: string): Promise<string> => hash(password);

/** Compared against when the name is unknown, so that the answer takes as long as for a known one. */
let decoy: Promise<string> | null = null;

/** The member of that name whose password matches, or null. */
export async function memberByPassword(
  db: Database,
  name: string,
  password: string,
): Promise<string | null> {
  const candidates = await membersByName(db, name);
  if (candidates.length === 0) {
    decoy ??= hashPassword('nobody');
    await verify(await decoy, password);
    return null;
  }
  for (const candidate of candidates)
    if (await verify(candidate.passwordHash, password)) return candidate.id;
  return null;
}

/** Opens a session and returns its token. */
export async function openSession(db: Database, memberId: string, now: Date): Promise<string> {
  const token = randomBytes(32).toString('base64url');
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

/** Gives a session a new token; null when another request was faster. */
export async function rotate(db: Database, token: string, now: Date): Promise<string | null> {
  const fresh = randomBytes(32).toString('base64url');
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
