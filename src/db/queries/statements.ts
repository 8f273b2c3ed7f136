import { z } from 'zod';
import type { Statement } from '@/core/exchange/xapi/statement';
import { type Database, many, maybeOne } from '../pool';

/** Keeps a statement until it is received. Call inside the transaction of what it tells. */
export async function addStatement(
  db: Database,
  crewId: string,
  statement: Statement,
  at: Date,
): Promise<void> {
  await db.query(
    'INSERT INTO statement (id, crew_id, made_at, body, next_try_at) VALUES ($1, $2, $3, $4, $3)',
    [statement.id, crewId, at, statement],
  );
}

/** SQL of what is to be sent next, held by whoever sends it. $1 now */
export const WAITING_SQL = `SELECT id, body, tries FROM statement WHERE received_at IS NULL AND next_try_at <= $1
  ORDER BY next_try_at, id LIMIT 1 FOR UPDATE SKIP LOCKED`;

/** The statement that has waited longest, held until the transaction ends; null where none is to be sent now. */
export const nextWaiting = (
  db: Database,
  now: Date,
): Promise<{ id: string; body: unknown; tries: number } | null> =>
  maybeOne(db, z.object({ id: z.uuid(), body: z.unknown(), tries: z.number() }), WAITING_SQL, [
    now,
  ]);

/** Notes that a statement was received. */
export async function markReceived(db: Database, id: string, at: Date): Promise<void> {
  await db.query('UPDATE statement SET received_at = $2, tries = tries + 1 WHERE id = $1', [
    id,
    at,
  ]);
}

/** Notes that it was not, and when it is tried again. */
export async function markRefused(db: Database, id: string, nextTryAt: Date): Promise<void> {
  await db.query('UPDATE statement SET tries = tries + 1, next_try_at = $2 WHERE id = $1', [
    id,
    nextTryAt,
  ]);
}

const BATCH = 200;

/** All statements of a crew, oldest first, read some at a time. */
export async function* allStatements(db: Database, crewId: string): AsyncGenerator<unknown> {
  let [at, id]: [string | null, string | null] = [null, null];
  for (;;) {
    const rows: { id: string; made_at: Date; body: unknown }[] = await many(
      db,
      z.object({ id: z.uuid(), made_at: z.date(), body: z.unknown() }),
      `SELECT id, made_at, body FROM statement WHERE crew_id = $1
       AND ($2::timestamptz IS NULL OR (made_at, id) > ($2::timestamptz, $3::uuid)) ORDER BY made_at, id LIMIT ${BATCH}`,
      [crewId, at, id],
    );
    yield* rows.map((r) => r.body);
    const last = rows.at(-1);
    if (!last || rows.length < BATCH) return;
    [at, id] = [last.made_at.toISOString(), last.id];
  }
}
