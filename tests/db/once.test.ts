import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { transaction } from '@/db/pool';
import { gearHistory } from '@/db/queries/gear-events';
import { recordGear } from '@/server/gear';
import { KEY_HEADER, once } from '@/server/once';
import {
  enter,
  NOW,
  ours,
  pool,
  refusalOf,
  theirs,
  withTwoCrews,
} from '../support/locker-database';

withTwoCrews();

const run = (<T>(work: Parameters<typeof transaction<T>>[0]) =>
  transaction(work, pool)) as typeof transaction;

/** A cut of two metres, sent with a key. */
const cut = (gearId: string, key: string | null, lengthM = 2, who = ours) => {
  const body = {
    kind: 'cut' as const,
    pieces: [{ lengthM, what: '' }],
    scrapM: 0,
    damageGone: false,
  };
  const request = new Request(`http://here/api/v1/gear/${gearId}/history`, {
    method: 'POST',
    headers: key === null ? {} : { [KEY_HEADER]: key },
  });
  return once(
    { request, body, member: who, now: NOW },
    async (db) => ({ status: 201, body: await recordGear(db, who, gearId, body, NOW) }),
    run,
  );
};
const cuts = async (id: string): Promise<number> =>
  (await gearHistory(pool, ours.crewId, id)).filter((e) => e.body.kind === 'cut').length;

describe('what carries a key', () => {
  it('is done once, and answered the same again', async () => {
    const { id } = await enter('O-1');
    const key = randomUUID();
    const [first, again] = [await cut(id, key), await cut(id, key)];
    expect([first.status, again.status]).toEqual([201, 201]);
    expect(await again.json()).toEqual(await first.json());
    expect([first, again].map((r) => r.headers.get('idempotency-replayed'))).toEqual([
      null,
      'true',
    ]);
    expect(await cuts(id)).toBe(1);
  });
  it('at the same moment is done once too', async () => {
    const { id } = await enter('O-2');
    const key = randomUUID();
    const answers = await Promise.all(Array.from({ length: 5 }, () => cut(id, key)));
    const [first, ...others] = await Promise.all(answers.map((a) => a.json()));
    for (const other of others) expect(other).toEqual(first);
    expect(await cuts(id)).toBe(1);
  });
  it('is refused under the key of something else, or under a key that is none', async () => {
    const { id } = await enter('O-3');
    const key = randomUUID();
    await cut(id, key);
    expect(await refusalOf(cut(id, key, 3))).toBe('key-used');
    expect(await refusalOf(cut(id, 'not a key'))).toBe('key-unusable');
    expect(await cuts(id)).toBe(1);
  });
  it('and was refused leaves the key good', async () => {
    const { id } = await enter('O-4');
    const key = randomUUID();
    expect(await refusalOf(cut(id, key, 4000))).not.toBe('admitted');
    expect((await cut(id, key)).status).toBe(201);
  });
  it('of one crew is nothing to another', async () => {
    const [mine, other] = [await enter('O-5'), await enter('O-5', {}, theirs)];
    const key = randomUUID();
    await cut(mine.id, key);
    expect((await cut(other.id, key, 2, theirs)).headers.get('idempotency-replayed')).toBeNull();
  });
  it('without a key each sending counts', async () => {
    const { id } = await enter('O-6');
    await cut(id, null);
    await cut(id, null);
    expect(await cuts(id)).toBe(2);
  });
});
