import type { Database } from '@/db/pool';
import { clearWindow, countInWindow } from '@/db/queries/sessions';
import { Refusal } from './problem';

/** Limits by what is counted: events per window of seconds. */
export const LIMITS = {
  request: { most: 600, windowSeconds: 60 },
  'sign-in': { most: 10, windowSeconds: 900 },
  'found-crew': { most: 10, windowSeconds: 3600 },
} as const;
export type LimitId = keyof typeof LIMITS;

/** Switched off only for load and fuzz tests. */
const off = (): boolean => process.env['VAST_CLEAT_LIMITER'] === 'off';

/** Counts an event; @throws Refusal 429 beyond the limit. The counter lives in the database, so any number of processes share it. */
export async function limit(db: Database, id: LimitId, who: string): Promise<void> {
  if (off() && id === 'request') return;
  const { most, windowSeconds } = LIMITS[id];
  const count = await countInWindow(db, `${id}:${who}`, windowSeconds);
  if (count > most)
    throw new Refusal(
      429,
      [{ code: 'too-many-attempts', path: [], values: { seconds: windowSeconds } }],
      {},
      { 'retry-after': String(windowSeconds) },
    );
}

/** Forgets the events under a key, after a success. */
export async function forget(db: Database, id: LimitId, who: string): Promise<void> {
  await clearWindow(db, `${id}:${who}`);
}
