import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { migrate } from '@/db/migrate';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import {
  insertPlan,
  planById,
  planPage,
  planPageSql,
  planPageValues,
  planRevision,
  type PlanSort,
  updatePlan,
} from '@/db/queries/plans';
import { revisionPage, setDeleted } from '@/db/queries/revisions';
import { crewWith, freshDatabase } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: { crewId: string; memberId: string };
let theirs: { crewId: string; memberId: string };
const plan = demoPlan('carousel-crate');
const keep = (title: string, who = ours) =>
  transaction((c) => insertPlan(c, who.crewId, who.memberId, { ...plan, title }), pool);

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await crewWith(pool, 'Ours'), await crewWith(pool, 'Theirs')];
});
afterAll(() => db.close());

describe('plans in the database', () => {
  it('come back exactly as they were put in', async () => {
    const stored = await keep('Comes back');
    expect((await planById(pool, ours.crewId, stored.id)).document).toEqual({
      ...plan,
      title: 'Comes back',
    });
    expect(stored.version).toBe(1);
  });

  it('a change needs the version that was read; the second to save gets the first one’s plan', async () => {
    const { id } = await keep('Twice');
    const save = (version: number, title: string) =>
      transaction(
        (c) => updatePlan(c, ours.crewId, ours.memberId, id, version, { ...plan, title }),
        pool,
      );
    expect((await save(1, 'first')).version).toBe(2);
    const conflict = await save(1, 'second').catch((e: unknown) => e);
    expect(conflict).toBeInstanceOf(ConflictError);
    expect(
      (conflict as ConflictError<{ document: { title: string } }>).current.document.title,
    ).toBe('first');
    expect((await planById(pool, ours.crewId, id)).document.title).toBe('first');
  });

  it('of many saves at once exactly one a version wins, and every kept version is in the history', async () => {
    const { id } = await keep('Race');
    const results = await Promise.allSettled(
      Array.from({ length: 8 }, (_, i) =>
        transaction(
          (c) => updatePlan(c, ours.crewId, ours.memberId, id, 1, { ...plan, title: `racer ${i}` }),
          pool,
        ),
      ),
    );
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(1);
    expect((await revisionPage(pool, 'plan', ours.crewId, id, null)).map((r) => r.version)).toEqual(
      [2, 1],
    );
  });

  it('history cannot be changed or taken away', async () => {
    const { id } = await keep('History');
    await expect(
      pool.query('UPDATE plan_revision SET version = 9 WHERE plan_id = $1', [id]),
    ).rejects.toThrow('append-only');
    await expect(pool.query('DELETE FROM plan_revision WHERE plan_id = $1', [id])).rejects.toThrow(
      'append-only',
    );
  });

  it('deleting hides and can be undone', async () => {
    const { id } = await keep('Gone');
    await setDeleted(pool, 'plan', ours.crewId, id, true);
    await expect(planById(pool, ours.crewId, id)).rejects.toThrow(NotFoundError);
    await setDeleted(pool, 'plan', ours.crewId, id, false);
    expect((await planById(pool, ours.crewId, id)).document.title).toBe('Gone');
  });

  it('a failed transaction leaves nothing', async () => {
    const before = await pool.query('SELECT count(*)::int AS n FROM plan');
    await expect(
      transaction(async (c) => {
        await insertPlan(c, ours.crewId, ours.memberId, plan);
        throw new Error('broken off');
      }, pool),
    ).rejects.toThrow('broken off');
    expect((await pool.query('SELECT count(*)::int AS n FROM plan')).rows).toEqual(before.rows);
  });
});

describe('no query reads across crews', () => {
  it('by id, by list, by save, by deletion, by history', async () => {
    const { id } = await keep('Secret', theirs);
    await expect(planById(pool, ours.crewId, id)).rejects.toThrow(NotFoundError);
    await expect(
      transaction((c) => updatePlan(c, ours.crewId, ours.memberId, id, 1, plan), pool),
    ).rejects.toThrow(NotFoundError);
    await expect(setDeleted(pool, 'plan', ours.crewId, id, true)).rejects.toThrow(NotFoundError);
    expect(await revisionPage(pool, 'plan', ours.crewId, id, null)).toEqual([]);
    await expect(planRevision(pool, ours.crewId, id, 1)).rejects.toThrow(NotFoundError);
    expect(
      (await planPage(pool, ours.crewId, { search: 'secret', sort: 'title', after: null })).plans,
    ).toEqual([]);
  });
});

describe('the list', () => {
  it.each<PlanSort>(['changed', 'title'])(
    'pages by key through all plans in order, none twice (%s)',
    async (sort) => {
      const crew = await crewWith(pool, `Pages by ${sort}`);
      for (let i = 0; i < 67; i++)
        await keep(`Plan ${String((i * 37) % 67).padStart(3, '0')}`, crew);
      const seen: string[] = [];
      let after: readonly [string, string] | null = null;
      do {
        const page: Awaited<ReturnType<typeof planPage>> = await planPage(pool, crew.crewId, {
          search: '',
          sort,
          after,
        });
        seen.push(...page.plans.map((p) => p.title));
        after = page.next;
      } while (after);
      expect(new Set(seen).size).toBe(67);
      if (sort === 'title') expect(seen).toEqual(seen.toSorted());
      else expect(seen[0]).toBe(`Plan ${String((66 * 37) % 67).padStart(3, '0')}`);
    },
  );

  it('finds by any part of the title, and wildcards are plain letters', async () => {
    await keep('Hay 100% dry_bales');
    const find = async (search: string) =>
      (await planPage(pool, ours.crewId, { search, sort: 'changed', after: null })).plans.map(
        (p) => p.title,
      );
    expect(await find('DRY_B')).toEqual(['Hay 100% dry_bales']);
    expect(await find('100%')).toEqual(['Hay 100% dry_bales']);
    expect(await find('hay_100')).toEqual([]);
  });

  it('uses its indexes', async () => {
    const client = await pool.connect();
    try {
      // Which of two cheap ways is taken hangs on how few rows there are just now: an index that gives the order is to be there.
      await client.query('SET enable_seqscan = off; SET enable_sort = off');
      const used = async (query: Parameters<typeof planPageSql>[0]): Promise<string> => {
        const rows = await client.query(
          `EXPLAIN ${planPageSql(query)}`,
          planPageValues(ours.crewId, { ...query }),
        );
        return rows.rows.map((r) => (r as { 'QUERY PLAN': string })['QUERY PLAN']).join('\n');
      };
      const id = '0190b5a0-0000-7000-8000-000000000000';
      expect(
        await used({ sort: 'changed', search: '', after: ['2026-01-01T00:00:00.000000Z', id] }),
      ).toContain('plan_by_change');
      expect(await used({ sort: 'title', search: '', after: ['m', id] })).toContain(
        'plan_by_title',
      );
    } finally {
      client.release(true);
    }
  });
});

describe('migrations', () => {
  it('several starts at once are safe, and a second run changes nothing', async () => {
    expect(await migrate(db.url)).toBe(0);
    const other = await freshDatabase();
    await expect(
      Promise.all(
        [migrate(other.url), migrate(other.url), migrate(other.url)].map((p) =>
          p.catch((e: unknown) => String(e)),
        ),
      ),
    ).resolves.toSatisfy((r: unknown[]) => r.every((x) => x === 0 || /lock/i.test(String(x))));
    await other.close();
  });
});
