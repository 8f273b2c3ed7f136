import { randomUUID } from 'node:crypto';
import { expect } from 'vitest';
import { loadDemo } from '../../scripts/lib/demo';
import { CAUTIONS_VERSION } from '@/wording/cautions';
import { pool, transaction } from '@/db/pool';
import { acknowledgeCautions } from '@/db/queries/members';
import { openSession, SESSION_COOKIE } from '@/server/session';

/** By test file: several of them may run in one process. */
const made = new Map<string, Promise<ReadonlyMap<string, string>>>();

/** The demo's crews once more, for one test file: what another file does beside it cannot be seen here. */
const world = (): Promise<ReadonlyMap<string, string>> => {
  // Measurements come in too, outside of any check.
  const file = (process.env['VITEST'] && expect.getState().testPath) || '';
  const already = made.get(file);
  if (already) return already;
  const now = transaction((db) => loadDemo(db, ` ${randomUUID().slice(0, 8)}`));
  made.set(file, now);
  return now;
};

/** The same as a cookie for a program. */
export const cookieOf = async (name: string): Promise<string> =>
  `${SESSION_COOKIE}=${await sessionOf(name)}`;

/** A session of one of this file's own demo people, who has read the cautions. */
export async function sessionOf(name: string): Promise<string> {
  const memberId = (await world()).get(name);
  if (memberId === undefined) throw new Error(`nobody of the demo is called ${name}`);
  await acknowledgeCautions(pool(), memberId, CAUTIONS_VERSION);
  return openSession(pool(), memberId, new Date());
}
