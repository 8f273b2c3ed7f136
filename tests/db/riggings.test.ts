import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { riggingSchema } from '@/core/bench/rigging';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import {
  insertRigging,
  riggingById,
  riggingPage,
  riggingPageSql,
  updateRigging,
} from '@/db/queries/riggings';
import { revisionPage, setDeleted } from '@/db/queries/revisions';
import { riggingExample } from '@/server/api/examples';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: { crewId: string; memberId: string };
let theirs: { crewId: string; memberId: string };
const document = riggingSchema.parse(riggingExample);
const keep = (title: string, who = ours) =>
  transaction((c) => insertRigging(c, who.crewId, who.memberId, { ...document, title }), pool);

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await crewWith(pool, 'Ours'), await crewWith(pool, 'Theirs')];
});
afterAll(() => db.close());

describe('the library of riggings in the database', () => {
  it('comes back exactly as it was put in, for its crew alone', async () => {
    const { id, version } = await keep('Comes back');
    expect(version).toBe(1);
    expect((await riggingById(pool, ours.crewId, id)).document).toEqual({
      ...document,
      title: 'Comes back',
    });
    await expect(riggingById(pool, theirs.crewId, id)).rejects.toThrow(NotFoundError);
    await expect(
      transaction((c) => updateRigging(c, theirs.crewId, theirs.memberId, id, 1, document), pool),
    ).rejects.toThrow(NotFoundError);
  });
  it('of many saves at once exactly one wins; the others get the winner', async () => {
    const { id } = await keep('Race');
    const results = await Promise.allSettled(
      Array.from({ length: 6 }, (_, i) =>
        transaction(
          (c) =>
            updateRigging(c, ours.crewId, ours.memberId, id, 1, {
              ...document,
              title: `racer ${i}`,
            }),
          pool,
        ),
      ),
    );
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(1);
    expect(
      results
        .filter((r) => r.status === 'rejected')
        .every((r) => (r as PromiseRejectedResult).reason instanceof ConflictError),
    ).toBe(true);
  });
  it('taken out, it is gone from the library and cannot be saved; brought back, it is as it was, with its past', async () => {
    const { id } = await keep('Taken out');
    await setDeleted(pool, 'rigging', ours.crewId, id, true);
    await expect(riggingById(pool, ours.crewId, id)).rejects.toThrow(NotFoundError);
    await expect(
      transaction((c) => updateRigging(c, ours.crewId, ours.memberId, id, 1, document), pool),
    ).rejects.toThrow(NotFoundError);
    await expect(setDeleted(pool, 'rigging', ours.crewId, id, true)).rejects.toThrow(NotFoundError);
    await setDeleted(pool, 'rigging', ours.crewId, id, false);
    const changed = { ...document, title: 'Back again' };
    await transaction((c) => updateRigging(c, ours.crewId, ours.memberId, id, 1, changed), pool);
    const past = await revisionPage(pool, 'rigging', ours.crewId, id, null);
    expect(past.map((r) => [r.version, (r.document as typeof document).title])).toEqual([
      [2, 'Back again'],
      [1, 'Taken out'],
    ]);
  });
  it('pages by key: every one once, in order, searched anywhere in the title', async () => {
    const who = await crewWith(pool, 'Pages');
    for (let i = 0; i < 65; i++) await keep(`Tackle ${String(i).padStart(2, '0')}%`, who);
    const titles: string[] = [];
    let after: readonly [string, string] | null = null;
    do {
      const page: Awaited<ReturnType<typeof riggingPage>> = await riggingPage(pool, who.crewId, {
        search: '',
        after,
      });
      titles.push(...page.riggings.map((r) => r.title));
      after = page.next;
    } while (after);
    expect(titles).toEqual(
      Array.from({ length: 65 }, (_, i) => `Tackle ${String(i).padStart(2, '0')}%`),
    );
    expect(
      (await riggingPage(pool, who.crewId, { search: 'kle 07%', after: null })).riggings.map(
        (r) => r.title,
      ),
    ).toEqual(['Tackle 07%']);
    expect((await riggingPage(pool, who.crewId, { search: '_', after: null })).riggings).toEqual(
      [],
    );
  });
  it('uses its indexes', async () => {
    const who = await crewWith(pool, 'Many');
    await pool.query(
      `INSERT INTO rigging (id, crew_id, version, document, title, title_key, updated_at, updated_by)
      SELECT gen_random_uuid(), $1, 1, $2, 'T' || n, 't' || md5(n::text), now(), $3 FROM generate_series(1, 4000) n`,
      [who.crewId, document, who.memberId],
    );
    await pool.query('VACUUM ANALYZE rigging');
    const explain = async (query: Parameters<typeof riggingPageSql>[0], values: unknown[]) =>
      JSON.stringify(
        (await pool.query(`EXPLAIN (FORMAT JSON) ${riggingPageSql(query)}`, values)).rows[0],
      );
    expect(await explain({ search: '', after: null }, [who.crewId, null, null, null])).toContain(
      'rigging_by_title',
    );
    expect(
      await explain({ search: '', after: ['t5', who.crewId] }, [
        who.crewId,
        null,
        't5',
        who.crewId,
      ]),
    ).toContain('rigging_by_title');
    expect(
      await explain({ search: 'abcdef', after: null }, [who.crewId, '%abcdef%', null, null]),
    ).toContain('rigging_by_words');
  });
});
