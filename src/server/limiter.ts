import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible';
import type { Database } from '@/db/pool';
import { countInWindow } from '@/db/queries/sessions';
import { refuse, type Refusal } from './problem';

/** How many requests a member, or an address nobody is signed in at, may make: events per window of seconds. */
export const REQUESTS = { most: 600, windowSeconds: 60 } as const;
/** How many crews may be founded from one address. */
export const FOUNDINGS = { most: 10, windowSeconds: 3600 } as const;

const tooMany = (seconds: number): Refusal =>
  refuse(429, 'too-many-attempts', { seconds }, [], { 'retry-after': String(seconds) });

// Counted in memory: it must cost nothing and work while the database is away. One process serves.
const requests = new RateLimiterMemory({
  points: REQUESTS.most,
  duration: REQUESTS.windowSeconds,
});

/** Switched off only for load and fuzz tests. */
const off = (): boolean => process.env['VAST_CLEAT_LIMITER'] === 'off';

/** Counts a request of a member or of an address. @throws Refusal 429 beyond the limit */
export async function limitRequests(of: 'member' | 'address', who: string): Promise<void> {
  if (off()) return;
  try {
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
