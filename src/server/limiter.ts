import type pg from 'pg';
import { RateLimiterMemory, RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible';
import { type Database, pool } from '@/db/pool';
import { countInWindow } from '@/db/queries/sessions';
import { refuse, type Refusal } from './problem';

/** How many requests a member, or an address nobody is signed in at, may make: events per window of seconds. */
export const REQUESTS = { most: 600, windowSeconds: 60 } as const;
/** How many crews may be founded from one address. */
export const FOUNDINGS = { most: 10, windowSeconds: 3600 } as const;

const tooMany = (seconds: number): Refusal =>
  refuse(429, 'too-many-attempts', { seconds }, [], { 'retry-after': String(seconds) });

const LIMIT = { points: REQUESTS.most, duration: REQUESTS.windowSeconds } as const;

/**
 * Counted in the database, so that all processes agree; in memory while it is away. Whoever has asked too often is refused from
 * memory: it costs nothing more.
 */
function counted(): RateLimiterPostgres {
  return new RateLimiterPostgres({
    ...LIMIT,
    // Without names for what is asked: a pooler between hands each question to another connection.
    storeClient: {
      query: ({ text, values }: pg.QueryConfig) => pool().query(text, values),
    },
    storeType: 'pool',
    tableName: 'request_count',
    tableCreated: true,
    keyPrefix: '',
    clearExpiredByTimeout: true,
    inMemoryBlockOnConsumed: REQUESTS.most + 1,
    insuranceLimiter: new RateLimiterMemory(LIMIT),
  });
}
let requests: RateLimiterPostgres | undefined;

/** Switched off only for load and fuzz tests. */
const off = (): boolean => process.env['VAST_CLEAT_LIMITER'] === 'off';

/** Counts a request of a member or of an address. @throws Refusal 429 beyond the limit */
export async function limitRequests(of: 'member' | 'address', who: string): Promise<void> {
  if (off()) return;
  try {
    requests ??= counted();
    await requests.consume(`${of}:${who}`);
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error;
    throw tooMany(Math.max(1, Math.ceil(error.msBeforeNext / 1000)));
  }
}

/** Counts a crew that is founded from an address. @throws Refusal 429 beyond the limit */
export async function limitFounding(db: Database, who: string): Promise<void> {
  const count = await countInWindow(db, `found-crew:${who}`, FOUNDINGS.windowSeconds);
  if (count > FOUNDINGS.most) throw tooMany(FOUNDINGS.windowSeconds);
}

/** The refusal of somebody who has to wait. */
export const waitFor = tooMany;
