import { describe, expect, it } from 'vitest';
import { PLAN, type Plan, parsePlan } from '@/core/securement/plan';
import { transaction } from '@/db/pool';
import { insertPlan, updatePlan } from '@/db/queries/plans';
import { nameRevision, revisionPage, revisionPageSql, thinRevisions } from '@/db/queries/revisions';
import { historyPage } from '@/server/revisions';
import { demoDocument, withLoad } from '../support/demo';
import { ours, pool, theirs, withTwoCrews } from '../support/locker-database';

withTwoCrews();

const demo = (title: string): Plan => {
  const plan = parsePlan(demoDocument('water-tote'));
  if (!plan.ok) throw new Error('demo');
  return { ...plan.value, title };
};
const keep = (title: string) =>
  transaction((c) => insertPlan(c, ours.crewId, ours.id, demo(title)), pool);
const save = (id: string, version: number, plan: Plan) =>
  transaction((c) => updatePlan(c, ours.crewId, ours.id, id, version, plan), pool);

/** A version kept so many minutes ago, for a plan that has none but its first. */
const backdated = (id: string, version: number, minutesAgo: number, name: string | null = null) =>
  pool.query(
    `INSERT INTO plan_revision (plan_id, version, crew_id, document, saved_at, saved_by, name)
     SELECT plan_id, $2, crew_id, document, now() - make_interval(mins => $3), saved_by, $4 FROM plan_revision WHERE plan_id = $1 AND version = 1`,
    [id, version, minutesAgo, name],
  );
const versions = async (id: string): Promise<number[]> =>
  (
    await pool.query('SELECT version FROM plan_revision WHERE plan_id = $1 ORDER BY version', [id])
  ).rows.map((r) => r.version as number);

const HOUR = 60;
const DAY = 24 * HOUR;

describe('the past of a document', () => {
  it('says what changed from version to version, by whom', async () => {
    const { id, document } = await keep('Changes');
    await save(id, 1, withLoad(document, { massKg: 1200 }));
    const { revisions, next } = await historyPage(pool, 'plan', PLAN, ours.crewId, id, null);
    expect(next).toBeNull();
    expect(revisions).toMatchObject([
      {
        version: 2,
        savedBy: 'Ours lead',
        changes: [
          {
            what: 'changed',
            path: ['units', { thing: 'water tote, full' }, 'massKg'],
            before: 1060,
            after: 1200,
          },
        ],
      },
      { version: 1, changes: null },
    ]);
  });
  it('pages by version; the last of a page is compared with the first of the next', async () => {
    const { id, document } = await keep('Pages');
    for (let v = 1; v <= 34; v++) await save(id, v, { ...document, title: `Pages ${v + 1}` });
    const first = await historyPage(pool, 'plan', PLAN, ours.crewId, id, null);
    const second = await historyPage(pool, 'plan', PLAN, ours.crewId, id, first.next);
    expect([...first.revisions, ...second.revisions].map((r) => r.version)).toEqual(
      Array.from({ length: 35 }, (_, i) => 35 - i),
    );
    expect(first.revisions.every((r) => r.changes?.length === 1)).toBe(true);
    expect(second.next).toBeNull();
    const plan = await pool.query(`EXPLAIN ${revisionPageSql('plan')}`, [ours.crewId, id, null]);
    expect(JSON.stringify(plan.rows)).toContain('plan_revision_pkey');
  });
  it('is thinned: all of an hour, one an hour for a week, one a day before; names stay', async () => {
    const { id } = await keep('Thinned');
    const begin = await pool.query(
      `SELECT extract(epoch FROM now() - date_trunc('day', now()))::int / 60 AS m`,
    );
    // Noon of days back, so that an hour or a day is not split by the time the test runs at.
    const intoDay = begin.rows[0].m as number;
    const ago = (days: number, minutes: number): number =>
      days * DAY + intoDay - 12 * HOUR - minutes;
    await backdated(id, 2, ago(30, 0));
    await backdated(id, 3, ago(30, 30), 'as agreed');
    await backdated(id, 4, ago(30, 90));
    await backdated(id, 5, ago(3, 5));
    await backdated(id, 6, ago(3, 10));
    await backdated(id, 7, ago(3, 70));
    await backdated(id, 8, 20);
    await backdated(id, 9, 10);
    await thinRevisions(pool, 'plan', id);
    // 2 yields to 4 in its day, 5 to 6 in its hour; 1 was kept just now.
    expect(await versions(id)).toEqual([1, 3, 4, 6, 7, 8, 9]);
  });
  it('250 saves of an hour ago make one version, and the newest is always there', async () => {
    const { id } = await keep('Autosaved');
    for (let v = 2; v <= 250; v++) await backdated(id, v, 2 * DAY);
    await thinRevisions(pool, 'plan', id);
    expect((await versions(id)).length).toBeLessThanOrEqual(2);
    expect((await versions(id)).at(-1)).toBe(250);
  });
  it('a name is given and taken away, by the crew alone; nothing else of a version can be changed', async () => {
    const { id } = await keep('Named');
    await nameRevision(pool, 'plan', ours.crewId, id, 1, 'as agreed');
    expect((await revisionPage(pool, 'plan', ours.crewId, id, null))[0]!.name).toBe('as agreed');
    await expect(nameRevision(pool, 'plan', theirs.crewId, id, 1, 'x')).rejects.toThrow();
    await expect(nameRevision(pool, 'plan', ours.crewId, id, 9, 'x')).rejects.toThrow();
    await expect(
      pool.query(`UPDATE plan_revision SET document = '{}' WHERE plan_id = $1`, [id]),
    ).rejects.toThrow('append-only');
    await nameRevision(pool, 'plan', ours.crewId, id, 1, null);
    expect((await revisionPage(pool, 'plan', ours.crewId, id, null))[0]!.name).toBeNull();
  });
});
