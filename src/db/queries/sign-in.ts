import { z } from 'zod';
import { type Database, maybeOne, one } from '../pool';

/** How many wrong passwords are free, and how the wait after the next ones grows: 2, 4, 8 … seconds. */
export interface Patience {
  readonly free: number;
  readonly mostSeconds: number;
}

/** SQL: seconds to wait after a number of failures. Exponents are bounded, or the power would run over. */
const WAIT = `CASE WHEN failures <= $2 THEN 0 ELSE least($3, power(2, least(failures - $2, 20))) END`;

/**
 * Counts an attempt before its password is looked at, so that many at once are counted too.
 * @returns 0 when it may go on, else the seconds to wait
 */
export async function countAttempt(
  db: Database,
  key: string,
  { free, mostSeconds }: Patience,
): Promise<number> {
  const counted = await maybeOne(
    db,
    z.object({ failures: z.number() }),
    `INSERT INTO sign_in_failure AS f (key, failures, last_at) VALUES ($1, 1, now())
     ON CONFLICT (key) DO UPDATE SET failures = f.failures + 1, last_at = now()
       -- Of many at once the last one's time may lie after our beginning: what is free waits for no time.
       WHERE f.failures <= $2 OR f.last_at + make_interval(secs => ${WAIT.replaceAll('failures', 'f.failures')}) <= now()
     RETURNING failures`,
    [key, free, mostSeconds],
  );
  if (counted?.failures === 1)
    await db.query(`DELETE FROM sign_in_failure WHERE last_at < now() - interval '1 day'`);
  if (counted) return 0;
  const row = await one(
    db,
    z.object({ seconds: z.number() }),
    `SELECT greatest(1, ceil(extract(epoch FROM last_at + make_interval(secs => ${WAIT}) - now())))::int AS seconds FROM sign_in_failure WHERE key = $1`,
    [key, free, mostSeconds],
  );
  return row.seconds;
}

/** Forgets what was counted under a key. */
export async function forgetAttempts(db: Database, key: string): Promise<void> {
  await db.query('DELETE FROM sign_in_failure WHERE key = $1', [key]);
}

/** Takes one attempt back: it was no failure. */
export async function takeBackAttempt(db: Database, key: string): Promise<void> {
  await db.query('UPDATE sign_in_failure SET failures = greatest(0, failures - 1) WHERE key = $1', [
    key,
  ]);
}

/** Whether somebody who signs in by this name did so on this device before. */
export async function isKnownDevice(
  db: Database,
  tokenHash: Buffer,
  signInName: string,
): Promise<boolean> {
  const row = await maybeOne(
    db,
    z.object({ known: z.boolean() }),
    'SELECT true AS known FROM known_device d JOIN member m ON m.id = d.member_id WHERE d.token_hash = $1 AND m.sign_in_name = $2',
    [tokenHash, signInName],
  );
  return row !== null;
}

/** Remembers that a member signed in on a device; devices not seen for a year are forgotten. */
export async function rememberDevice(
  db: Database,
  tokenHash: Buffer,
  memberId: string,
): Promise<void> {
  await db.query(
    'INSERT INTO known_device (token_hash, member_id, seen_at) VALUES ($1, $2, now()) ON CONFLICT (token_hash, member_id) DO UPDATE SET seen_at = now()',
    [tokenHash, memberId],
  );
  await db.query(
    `DELETE FROM known_device WHERE member_id = $1 AND seen_at < now() - interval '1 year'`,
    [memberId],
  );
}

/** Forgets the devices of a member, all or all but one. */
export async function forgetDevices(
  db: Database,
  memberId: string,
  but: Buffer | null,
): Promise<void> {
  await db.query(
    'DELETE FROM known_device WHERE member_id = $1 AND ($2::bytea IS NULL OR token_hash <> $2)',
    [memberId, but],
  );
}
