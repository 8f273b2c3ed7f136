/** Checks on the road in the database: only ever added to, paged, and what the list says of them. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checkSchema } from '@/core/securement/road/schema';
import { NotFoundError, transaction } from '@/db/pool';
import { crewSettings, saveCrewSettings } from '@/db/queries/crews';
import type { Member } from '@/db/queries/members';
import { insertPlan, planPage, updatePlan } from '@/db/queries/plans';
import { checkPage, checkPageSql, recentChecks } from '@/db/queries/road-checks';
import { recordCheck, refreshAllDue, refreshCheckDue } from '@/server/road-checks';
import { freshDatabase, memberOf } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;
const plan = demoPlan('apple-bins');
const [line] = plan.lines;
const at = (clock: string): Date => new Date(`2026-11-29T${clock}:00.000Z`);

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
});
afterAll(() => db.close());

const keep = (): Promise<{ id: string; version: number }> =>
  transaction((c) => insertPlan(c, ours.crewId, ours.id, plan), pool);
const check = (
  planId: string,
  clock: string,
  more: Record<string, unknown> = {},
  who: Member = ours,
) =>
  transaction(
    (c) =>
      recordCheck(
        c,
        who,
        planId,
        checkSchema.parse({
          occasion: 'before-driving',
          lines: [{ lineId: line!.id, state: 'tight' }],
          ...more,
        }),
        at(clock),
      ),
    pool,
  );
const listed = async (planId: string): Promise<string | null> =>
  (await planPage(pool, ours.crewId, { search: '', sort: 'changed', after: null })).plans.find(
    (p) => p.id === planId,
  )!.checkDueAt;

describe('checks on the road', () => {
  it('are kept as they were made, the list says when the next is due, and the plan keeps its version', async () => {
    const { id, version } = await keep();
    expect(await listed(id)).toBeNull();
    const { check: made, clock } = await check(id, '08:00');
    expect(made).toMatchObject({ by: 'Ours', planVersion: version, at: at('08:00').toISOString() });
    expect(clock).toMatchObject({ state: 'on-the-road', dueAt: at('09:00').toISOString() });
    expect(await listed(id)).toBe(at('09:00').toISOString());
    expect(await recentChecks(pool, ours.crewId, id)).toEqual([
      { ...made, by: expect.any(String) as string },
    ]);
    await check(id, '09:05', { occasion: 'arrived' });
    expect(await listed(id)).toBeNull();
  });
  it('cannot be changed or taken back', async () => {
    const { id } = await keep();
    await check(id, '08:00');
    for (const sql of [
      'UPDATE road_check SET at = now()',
      'DELETE FROM road_check',
      'TRUNCATE road_check',
    ])
      await expect(pool.query(sql)).rejects.toThrow('append-only');
  });
  it('speak of lines that are on the plan, of each once, and of plans of the crew', async () => {
    const { id } = await keep();
    const lines = (...ids: string[]) => ({
      lines: ids.map((lineId) => ({ lineId, state: 'tight' })),
    });
    await expect(check(id, '08:00', lines('gone'))).rejects.toMatchObject({
      status: 422,
      issues: [{ code: 'line-not-there', path: ['lines', 0, 'lineId'] }],
    });
    await expect(check(id, '08:00', lines(line!.id, line!.id))).rejects.toMatchObject({
      issues: [{ code: 'id-twice', path: ['lines', 1, 'lineId'] }],
    });
    await expect(check(id, '08:00', {}, theirs)).rejects.toBeInstanceOf(NotFoundError);
    expect(await recentChecks(pool, ours.crewId, id)).toEqual([]);
  });
  it('that waited on a device count from when they were made; nothing is made in the future', async () => {
    const { id } = await keep();
    await check(id, '10:00', { madeAt: at('08:10').toISOString() });
    expect(await listed(id)).toBe(at('09:10').toISOString());
    const { check: ahead } = await check(id, '10:05', {
      occasion: 'on-the-road',
      madeAt: at('23:00').toISOString(),
    });
    expect(ahead.at).toBe(at('10:05').toISOString());
  });
  it('are due by other rules when the plan goes by others, and by the crew’s interval when that changes', async () => {
    const { id, version } = await keep();
    await check(id, '08:00');
    await check(id, '08:30', { occasion: 'on-the-road' });
    expect(await listed(id)).toBe(at('11:30').toISOString());
    await transaction(async (c) => {
      const now = await crewSettings(c, ours.crewId);
      await saveCrewSettings(c, ours.crewId, {
        ...now,
        intervals: { ...now.intervals, checkMinutes: 45 },
      });
      await refreshAllDue(c, ours.crewId);
    }, pool);
    const expected = plan.ruleSet.startsWith('us') ? '11:30' : '09:15';
    expect(await listed(id)).toBe(at(expected).toISOString());
    await transaction(async (c) => {
      const changed = { ...plan, ruleSet: 'site' as const };
      await updatePlan(c, ours.crewId, ours.id, id, version, changed);
      await refreshCheckDue(c, ours.crewId, id, changed);
    }, pool);
    expect(await listed(id)).toBeNull();
  });
  it('are paged by key, newest first, by an index', async () => {
    const { id } = await keep();
    for (let i = 0; i < 65; i++)
      await check(id, `0${Math.floor(i / 10)}:${String((i % 10) * 5).padStart(2, '0')}`);
    const seen: string[] = [];
    let after: readonly [string, string] | null = null;
    do {
      const page = await checkPage(pool, ours.crewId, id, after);
      seen.push(...page.checks.map((c) => c.at));
      after = page.next;
    } while (after);
    expect(seen).toEqual([...seen].sort().reverse());
    expect(seen).toHaveLength(65);
    await pool.query('ANALYZE road_check');
    const client = await pool.connect();
    try {
      await client.query(
        'BEGIN; SET LOCAL enable_seqscan = off; SET LOCAL enable_sort = off; SET LOCAL enable_hashjoin = off',
      );
      const { rows } = await client.query(`EXPLAIN ${checkPageSql(31)}`, [
        ours.crewId,
        id,
        null,
        null,
      ]);
      expect(JSON.stringify(rows)).toContain('road_check_of_plan');
    } finally {
      await client.query('ROLLBACK');
      client.release();
    }
  });
});
