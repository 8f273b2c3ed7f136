import pg from 'pg';
import type { z } from 'zod';

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

// One pool a process; kept on globalThis because development reloads modules.
const holder = globalThis as { vastCleatPool?: pg.Pool };

/** The process's pool. Throws when DATABASE_URL is not set: `npm start` sets it. */
export function pool(): pg.Pool {
  const connectionString = process.env['DATABASE_URL'];
  if (!connectionString) throw new Error('DATABASE_URL is not set; use npm start');
  if (!holder.vastCleatPool) {
    holder.vastCleatPool = new pg.Pool({ connectionString, max: 10 });
    // An idle connection that breaks (database restarted) must not take the process down: the next query opens another.
    holder.vastCleatPool.on('error', (error) =>
      console.error('database connection lost:', error.message),
    );
  }
  return holder.vastCleatPool;
}

/** All rows, each parsed by its schema (int8 and numeric arrive as strings, so nothing is trusted unparsed). */
export async function many<S extends z.ZodType>(
  db: Database,
  row: S,
  sql: string,
  values: readonly unknown[] = [],
): Promise<z.infer<S>[]> {
  try {
    const result = await db.query(sql, [...values]);
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
): Promise<z.infer<S> | null> {
  return (await many(db, row, sql, values))[0] ?? null;
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
  try {
    await client.query('BEGIN');
    const result = await work(client);
    await client.query('COMMIT');
    return result;
  } catch (error) {
    await client.query('ROLLBACK');
    throw error;
  } finally {
    client.release();
  }
}
