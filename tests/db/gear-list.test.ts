import { describe, expect, it } from 'vitest';
import { transaction } from '@/db/pool';
import { insertGear } from '@/db/queries/gear';
import { gearPage, gearPageSql, type GearQuery, ropesForLength } from '@/db/queries/gear-list';
import { enterGear } from '@/server/gear';
import {
  memberOf,
  rope,
  start,
  NOW,
  pool,
  query,
  codes,
  withTwoCrews,
} from '../support/locker-database';

withTwoCrews();

describe('the list', () => {
  it('pages by key, every one once, in both orders', async () => {
    const who = await memberOf('Pages');
    await transaction(
      (c) =>
        insertGear(
          c,
          who.crewId,
          who.id,
          Array.from({ length: 70 }, (_, i) => ({
            gear: rope(`N-${String(i).padStart(2, '0')}`),
            start: start({ lastInspectedOn: `2026-0${1 + (i % 9)}-10` }),
          })),
          NOW,
        ),
      pool,
    );
    for (const sort of ['code', 'due'] as const) {
      const seen: string[] = [];
      let after: readonly [string, string] | null = null;
      do {
        const page: Awaited<ReturnType<typeof gearPage>> = await gearPage(
          pool,
          who.crewId,
          query({ sort, after }),
        );
        seen.push(
          ...page.gear.map((g) => (sort === 'due' ? `${g.dueOn} ${g.id}` : g.document.code)),
        );
        after = page.next;
      } while (after);
      expect(seen).toHaveLength(70);
      expect(seen).toEqual([...seen].sort());
    }
  });
  it('filters by what it is, size, length left, state, due day and words, together', async () => {
    const who = await memberOf('Filters');
    const put = (code: string, extra: Record<string, unknown>, s: Record<string, unknown> = {}) =>
      transaction(
        (c) => enterGear(c, who, { gear: rope(code, extra), start: start(s) }, NOW, false),
        pool,
      );
    await put('F-1', { place: 'Barn 100%', lengthM: 20 }, { lastInspectedOn: '2026-11-01' });
    await put(
      'F-2',
      { item: { kind: 'rope', material: 'manila', diameterM: 0.014 }, lengthM: 9 },
      { lastInspectedOn: '2026-05-01' },
    );
    await put(
      'F-3',
      { item: { kind: 'chain', grade: '70', sizeM: 0.009525 }, lengthM: 6 },
      { lastInspectedOn: '2026-06-10' },
    );
    await put('F-4', {}, { retired: true });
    expect(await codes({}, who)).toEqual(['F-1', 'F-2', 'F-3', 'F-4']);
    expect(await codes({ type: 'manila' }, who)).toEqual(['F-2']);
    expect(await codes({ kind: 'chain' }, who)).toEqual(['F-3']);
    expect(await codes({ sizeFromM: 0.0095, sizeToM: 0.0095 }, who)).toEqual(['F-3']);
    expect(await codes({ leftFromM: 9 }, who)).toEqual(['F-1', 'F-2', 'F-4']);
    expect(await codes({ states: ['in-service', 'set-aside'] }, who)).toEqual([
      'F-1',
      'F-2',
      'F-3',
    ]);
    expect(await codes({ due: 'overdue' }, who)).toEqual(['F-2']);
    expect(await codes({ due: 'soon' }, who)).toEqual(['F-3']);
    expect(await codes({ due: 'later' }, who)).toEqual(['F-1']);
    expect(await codes({ search: 'BARN 100%' }, who)).toEqual(['F-1']);
    expect(await codes({ search: '_' }, who)).toEqual([]);
    expect(await codes({ search: 'f-', leftFromM: 7, states: ['in-service'] }, who)).toEqual([
      'F-1',
      'F-2',
    ]);
    expect((await ropesForLength(pool, who.crewId, 10)).map((g) => g.document.code)).toEqual([
      'F-1',
      'F-2',
    ]);
  });
  it('uses its indexes among 20,000 things', async () => {
    const who = await memberOf('Many');
    await pool.query(
      `INSERT INTO gear (id, crew_id, version, document, standing, code, words, kind, type, size_m, remaining_m, price_per_m, state, entered_on, due_on, updated_at, updated_by)
      SELECT gen_random_uuid(), $1, 1, $3, '{}', 'M-' || n, 'm-' || n || ' ' || md5(n::text), 'rope', (ARRAY['polyester','manila','nylon','hmpe'])[1 + n % 4], 0.004 + (n % 20) * 0.001, n % 200, n % 7,
        (ARRAY['in-service','in-service','in-service','set-aside','retired'])[1 + n % 5], '2026-01-01', DATE '2026-06-01' + n % 400, now(), $2 FROM generate_series(1, 20000) AS n`,
      [who.crewId, who.id, rope('X')],
    );
    await pool.query('VACUUM ANALYZE gear');
    const plan = async (part: Partial<GearQuery>): Promise<string> => {
      const { sql, values } = gearPageSql(who.crewId, query(part));
      return (await pool.query<{ 'QUERY PLAN': string }>(`EXPLAIN ${sql}`, values)).rows
        .map((r) => r['QUERY PLAN'])
        .join('\n');
    };
    expect(await plan({})).toContain('gear_code');
    expect(await plan({ after: ['M-150', '0190b5a0-0000-7000-8000-000000000000'] })).toMatch(
      /Index Cond: .*code/,
    );
    expect(await plan({ type: 'manila' })).toMatch(/gear_by_type|gear_code/);
    expect(await plan({ sort: 'due', due: 'overdue' })).toContain('gear_by_due');
    expect(await plan({ search: 'c4ca4238a0' })).toContain('gear_by_words');
    expect(await plan({ sizeFromM: 0.004, sizeToM: 0.004, leftFromM: 199 })).toMatch(
      /gear_by_size|Index/,
    );
    for (const part of [{}, { type: 'manila' }, { search: 'c4ca4238a0' }, { sort: 'due' as const }])
      expect(await plan(part)).not.toContain('Seq Scan on gear');
  });
});
