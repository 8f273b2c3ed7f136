import { z } from 'zod';
import { type Database, many, maybeOne, one } from '../pool';

export async function insertSession(
  db: Database,
  memberId: string,
  tokenHash: Buffer,
  expiresAt: Date,
): Promise<void> {
  await db.query('INSERT INTO session (token_hash, member_id, expires_at) VALUES ($1, $2, $3)', [
    tokenHash,
    memberId,
    expiresAt,
  ]);
  await db.query('DELETE FROM session WHERE expires_at < now()');
}

/**
 * Replaces a session's token; the old one stays good until `graceUntil`, because requests may be under way with it.
 * @returns false when another request rotated it first.
 */
export async function rotateSession(
  db: Database,
  oldHash: Buffer,
  newHash: Buffer,
  graceUntil: Date,
  expiresAt: Date,
): Promise<boolean> {
  const row = await maybeOne(
    db,
    z.object({ member_id: z.uuid() }),
    `UPDATE session SET token_hash = $2, previous_hash = $1, previous_until = $3, rotated_at = now(), expires_at = $4
     WHERE token_hash = $1 RETURNING member_id`,
    [oldHash, newHash, graceUntil, expiresAt],
  );
  return row !== null;
}

export async function deleteSession(db: Database, tokenHash: Buffer): Promise<void> {
  await db.query('DELETE FROM session WHERE token_hash = $1 OR previous_hash = $1', [tokenHash]);
}

/** Counts one event under a key in the present window and returns the count. */
export async function countInWindow(
  db: Database,
  key: string,
  windowSeconds: number,
): Promise<number> {
  const row = await one(
    db,
    z.object({ count: z.number() }),
    `INSERT INTO rate_window (key, window_start, count) VALUES ($1, to_timestamp(floor(extract(epoch FROM now()) / $2) * $2), 1)
     ON CONFLICT (key, window_start) DO UPDATE SET count = rate_window.count + 1 RETURNING count`,
    [key, windowSeconds],
  );
  // Whoever opens a window sweeps the old ones.
  if (row.count === 1)
    await db.query(`DELETE FROM rate_window WHERE window_start < now() - interval '1 day'`);
  return row.count;
}

/** Takes attempts under a key back, after success. */
export async function clearWindow(db: Database, key: string): Promise<void> {
  await db.query('DELETE FROM rate_window WHERE key = $1', [key]);
}

/** Ends the sessions of a member, all or all but the one of a token. @returns how many */
export async function endSessions(
  db: Database,
  memberId: string,
  but: Buffer | null,
): Promise<number> {
  const rows = await many(
    db,
    z.object({ n: z.number() }),
    `WITH gone AS (DELETE FROM session WHERE member_id = $1 AND ($2::bytea IS NULL OR NOT (token_hash = $2 OR previous_hash IS NOT DISTINCT FROM $2)) RETURNING 1)
     SELECT count(*)::int AS n FROM gone`,
    [memberId, but],
  );
  return rows[0]!.n;
}
