import { type Database, transaction } from '@/db/pool';
import { patient } from '@/db/patience';
import { markReceived, markRefused, nextWaiting } from '@/db/queries/statements';
import { log } from './log';

/** Where statements are sent: a store of learning records, with what it knows us by. */
export interface StatementStore {
  /** Address of its interface, without a slash at its end; `/statements` is added. */
  readonly endpoint: string;
  readonly user: string;
  readonly password: string;
}

/**
 * The store that is configured; null where there is none: then statements are kept, and can be had as a file.
 * @throws Error where its address is none: nobody would notice that nothing is sent
 */
export function configuredStore(env: NodeJS.ProcessEnv): StatementStore | null {
  const endpoint = env['XAPI_ENDPOINT']?.replace(/\/+$/, '');
  if (!endpoint) return null;
  if (!URL.canParse(endpoint)) throw new Error(`XAPI_ENDPOINT is no address: ${endpoint}`);
  return { endpoint, user: env['XAPI_USER'] ?? '', password: env['XAPI_PASSWORD'] ?? '' };
}

/** By what name this program speaks of its people and skills: its public address; where it has none, a name that leads nowhere. */
export const homeOf = (env: NodeJS.ProcessEnv): string => {
  const ours = env['PUBLIC_URL'];
  return ours && URL.canParse(ours) ? new URL(ours).origin : 'https://vast-cleat.invalid';
};

const PATIENCE_MS = patient(8000);
const [FIRST_WAIT_MS, LONGEST_WAIT_MS] = [5000, 3_600_000];

/** How long after so many failures it is tried again: twice as long each time, an hour at most. */
export const waitAfter = (tries: number): number =>
  Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** Math.min(tries, 20));

/**
 * Sends one statement under its own number, so that a store that had it already keeps one. `false`: it did not take it.
 * A store answers 409 where it has another of that number: ours never change, so it has it.
 */
async function put(store: StatementStore, id: string, body: unknown): Promise<boolean> {
  try {
    const response = await fetch(`${store.endpoint}/statements?statementId=${id}`, {
      method: 'PUT',
      headers: {
        'content-type': 'application/json',
        'x-experience-api-version': '1.0.3',
        authorization: `Basic ${Buffer.from(`${store.user}:${store.password}`).toString('base64')}`,
      },
      body: JSON.stringify(body),
      signal: AbortSignal.timeout(PATIENCE_MS),
    });
    await response.arrayBuffer();
    if (!response.ok && response.status !== 409)
      log.warn({ id, status: response.status }, 'a statement was not taken');
    return response.ok || response.status === 409;
  } catch (error) {
    log.warn({ id, err: error }, 'the store of statements did not answer');
    return false;
  }
}

/**
 * Sends what has waited longest, in a transaction that holds it: two processes never send the same at once, and what is cut off
 * in between is sent again. @returns whether something was to be sent
 */
export async function sendOne(
  store: StatementStore,
  now: Date,
  run: <T>(work: (db: Database) => Promise<T>) => Promise<T> = transaction,
): Promise<boolean> {
  return run(async (db) => {
    const waiting = await nextWaiting(db, now);
    if (!waiting) return false;
    const { id, body, tries } = waiting;
    if (await put(store, id, body)) await markReceived(db, id, now);
    else await markRefused(db, id, new Date(now.getTime() + waitAfter(tries)));
    return true;
  });
}

const LOOK_AGAIN_MS = 5000;

/** Sends in the background whatever waits. @returns what stops it */
export function keepSending(store: StatementStore): { stop: () => void } {
  let timer: NodeJS.Timeout | undefined;
  let stopped = false;
  const run = async (): Promise<void> => {
    try {
      while (!stopped && (await sendOne(store, new Date())));
    } catch (error) {
      log.warn({ err: error }, 'statements could not be sent just now');
    }
    if (!stopped) timer = setTimeout(() => void run(), LOOK_AGAIN_MS);
  };
  void run();
  return {
    stop: () => {
      stopped = true;
      clearTimeout(timer);
    },
  };
}
