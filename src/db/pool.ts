import pg from 'pg';
import type { z } from 'zod';
import { isAway } from './away';
import { patient } from './patience';

/** Anything SQL can be sent to: the pool, or one client inside a transaction. */
export type Database = Pick<pg.Pool, 'query'> | Pick<pg.PoolClient, 'query'>;

/** No row where one was expected. */
export class NotFoundError extends Error {}

/** The row was changed by somebody else since it was read. */
export class ConflictError<T> extends Error {
  constructor(readonly current: T) {
    super('version conflict');
  }
}

/** A uniqueness rule of the database was hit; `constraint` names it. */
export class ConstraintError extends Error {
  constructor(readonly constraint: string) {
    super(`constraint ${constraint}`);
  }
}

const UNIQUE_VIOLATION = '23505';

/** A database that says nothing for so long is away; nothing we ask takes as long. */
const PATIENCE_MS = patient(8000);
const CONNECT_MS = patient(3000);

/**
 * Whether a pooler stands between that hands each transaction to another connection (`DATABASE_POOLED=yes`): then nothing may be
 * set for, or remembered by, a connection. How long the database waits is said of the application's role (`roles.ts`).
 */
const isPooled = (): boolean => process.env['DATABASE_POOLED'] === 'yes';

/** The database itself, for what needs a connection of its own (hearing news): `DATABASE_DIRECT_URL` where a pooler stands between. */
export const directUrl = (): string =>
  process.env['DATABASE_DIRECT_URL'] || (process.env['DATABASE_URL'] ?? '');

/** How long the database waits before it gives up on what the application asks, by its names for that. */
export const WAITS = {
  statement_timeout: PATIENCE_MS,
  lock_timeout: PATIENCE_MS / 2,
  idle_in_transaction_session_timeout: 2 * PATIENCE_MS,
} as const;

/** How the application connects: it waits for no answer for ever, and holds no lock after it is gone. */
export const connectionOptions = (connectionString: string): pg.PoolConfig => ({
  connectionString,
  max: 10,
  connectionTimeoutMillis: CONNECT_MS,
  query_timeout: PATIENCE_MS,
  keepAlive: true,
  ...(isPooled() ? {} : WAITS),
});

// One pool a process; kept on globalThis because development reloads modules.
const holder = globalThis as { vastCleatPool?: pg.Pool };

/** The process's pool. Throws when DATABASE_URL is not set: `npm start` sets it. */
export function pool(): pg.Pool {
  const connectionString = process.env['DATABASE_URL'];
  if (!connectionString) throw new Error('DATABASE_URL is not set; use npm start');
  if (!holder.vastCleatPool) {
    holder.vastCleatPool = new pg.Pool(connectionOptions(connectionString));
    // An idle connection that breaks (database restarted) must not take the process down: the next query opens another.
    holder.vastCleatPool.on('error', isAway);
  }
  return holder.vastCleatPool;
}

/**
 * All rows, each parsed by its schema (int8 and numeric arrive as strings, so nothing is trusted unparsed). `name`: for
 * what every request asks; the database then plans it once for each connection. One name, one text.
 */
export async function many<S extends z.ZodType>(
  db: Database,
  row: S,
  text: string,
  values: readonly unknown[] = [],
  name?: string,
): Promise<z.infer<S>[]> {
  try {
    const result = await db.query({
      text,
      values: [...values],
      ...(name && !isPooled() ? { name } : {}),
    });
    return result.rows.map((r) => row.parse(r));
  } catch (error) {
    if (error instanceof pg.DatabaseError && error.code === UNIQUE_VIOLATION)
      throw new ConstraintError(error.constraint ?? '');
    throw error;
  }
}

/** The first row, or null. */
export async function maybeOne<S extends z.ZodType>(
  db: Database,
  row: S,
  sql: string,
  values: readonly unknown[] = [],
  name?: string,
): Promise<z.infer<S> | null> {
  return (await many(db, row, sql, values, name))[0] ?? null;
}

/** The first row. @throws NotFoundError when there is none. */
export async function one<S extends z.ZodType>(
  db: Database,
  row: S,
  sql: string,
  values: readonly unknown[] = [],
): Promise<z.infer<S>> {
  const found = await maybeOne(db, row, sql, values);
  if (found === null) throw new NotFoundError();
  return found;
}

/** Two transactions waited for each other and the database ended this one: nothing was done, and it may be tried again. */
const DEADLOCK = '40P01';
const MOST_TRIES = 3;

/** Runs `work` in one transaction; any throw rolls everything back. After a deadlock it is run again: it must do nothing but SQL. */
export async function transaction<T>(
  work: (db: pg.PoolClient) => Promise<T>,
  from: pg.Pool = pool(),
): Promise<T> {
  for (let tries = 1; ; tries++) {
    try {
      return await once(work, from);
    } catch (error) {
      if (tries >= MOST_TRIES || !(error instanceof pg.DatabaseError) || error.code !== DEADLOCK)
        throw error;
    }
  }
}

async function once<T>(work: (db: pg.PoolClient) => Promise<T>, from: pg.Pool): Promise<T> {
  const client = await from.connect();
  // A connection that breaks while nothing is asked of it is found at the next question.
  client.on('error', isAway);
  let broken = false;
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    // What cannot be rolled back is rolled back by the database when its connection is closed.
    broken =
      isAway(error) ||
      (await client.query('ROLLBACK').then(
        () => false,
        () => true,
      ));
    throw error;
  } finally {
    client.off('error', isAway);
    client.release(broken);
  }
}
