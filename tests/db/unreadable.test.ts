import { describe, expect, it } from 'vitest';
import { PLAN, type Plan, parsePlan } from '@/core/securement/plan';
import { transaction } from '@/db/pool';
import { gearById, gearByIds } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { allGear, gearPage } from '@/db/queries/gear-list';
import { insertPlan, planById, planPage, updatePlan } from '@/db/queries/plans';
import { rawDocument, setDeleted } from '@/db/queries/revisions';
import { UnreadableError } from '@/db/unreadable';
import { admitGear } from '@/server/gear';
import { historyPage } from '@/server/revisions';
import { demoDocument } from '../support/demo';
import { enter, ours, pool, query, record, withTwoCrews } from '../support/locker-database';

withTwoCrews();

const planWith = (gearId: string, title: string): Plan => {
  const plan = parsePlan(demoDocument('carousel-crate'));
  if (!plan.ok) throw new Error('demo');
  const lines = plan.value.lines.map((l) => ({
    ...l,
    elements: l.elements.map((e) => (e.kind === 'rope' ? { ...e, gearId, lengthM: 30 } : e)),
  }));
  return { ...plan.value, title, lines };
};
const keep = (gearId: string, title: string) =>
  transaction((c) => insertPlan(c, ours.crewId, ours.id, planWith(gearId, title)), pool);
const verdictOf = async (id: string): Promise<string> =>
  (await pool.query('SELECT verdict FROM plan WHERE id = $1', [id])).rows[0].verdict;

/** What the next program would have kept here, and what a bad disk might. */
const LATER = `document || '{"version": 99, "loads": [1]}'`;
const DAMAGED = `document - 'units'`;
const spoil = (table: 'plan' | 'gear', id: string, as: string) =>
  pool.query(`UPDATE ${table} SET document = ${as} WHERE id = $1`, [id]);

describe.each([
  ['of a later version', LATER, 'too-new'],
  ['that is damaged', DAMAGED, 'broken'],
])('a plan %s', (_, as, reason) => {
  it('stops neither retiring its rope nor reporting an incident, and nothing can be said of it', async () => {
    const rope = await enter(`U-${reason}`);
    const plan = await keep(rope.id, 'Spoilt');
    await spoil('plan', plan.id, as);
    await record(rope.id, { kind: 'incident', what: 'shock load' });
    await record(rope.id, { kind: 'retired', reason: 'burnt' });
    expect((await gearById(pool, ours.crewId, rope.id)).standing.state).toBe('retired');
    expect(await verdictOf(plan.id)).toBe('cannot-say');
  });
  it('does so also when it is deleted', async () => {
    const rope = await enter(`D-${reason}`);
    const plan = await keep(rope.id, 'Deleted');
    await spoil('plan', plan.id, as);
    await setDeleted(pool, 'plan', ours.crewId, plan.id, true);
    await record(rope.id, { kind: 'retired', reason: 'burnt' });
    expect((await gearHistory(pool, ours.crewId, rope.id)).at(-1)!.body.kind).toBe('retired');
  });
  it('is listed, says why it cannot be read, is never written over, and comes out as it is kept', async () => {
    const rope = await enter(`K-${reason}`);
    const plan = await keep(rope.id, `Kept ${reason}`);
    await spoil('plan', plan.id, as);
    const kept = JSON.stringify(await rawDocument(pool, 'plan', ours.crewId, plan.id));
    const listed = await planPage(pool, ours.crewId, {
      search: `kept ${reason}`,
      sort: 'title',
      after: null,
    });
    expect(listed.plans.map((p) => p.id)).toEqual([plan.id]);
    await expect(planById(pool, ours.crewId, plan.id)).rejects.toMatchObject({ why: { reason } });
    const save = transaction(
      (c) => updatePlan(c, ours.crewId, ours.id, plan.id, plan.version, planWith(rope.id, 'Mine')),
      pool,
    );
    await expect(save).rejects.toThrow(UnreadableError);
    expect(JSON.stringify(await rawDocument(pool, 'plan', ours.crewId, plan.id))).toBe(kept);
  });
});

describe('a thing of the locker that cannot be read', () => {
  it('makes its plans CANNOT SAY, keeps its place in them, is named in the list and exported as it is', async () => {
    const [rope, other] = [await enter('G-1'), await enter('G-2')];
    const plan = await keep(rope.id, 'On G-1');
    await spoil('gear', rope.id, LATER);
    await expect(gearById(pool, ours.crewId, rope.id)).rejects.toMatchObject({
      why: { reason: 'too-new', version: 99 },
    });
    const saved = await transaction(
      async (c) =>
        updatePlan(
          c,
          ours.crewId,
          ours.id,
          plan.id,
          plan.version,
          await admitGear(c, ours.crewId, plan.document, plan.document),
        ),
      pool,
    );
    expect(saved.document).toEqual(plan.document);
    expect(await verdictOf(plan.id)).toBe('cannot-say');
    const page = await gearPage(pool, ours.crewId, query({ search: 'G-' }));
    expect(page.gear.map((g) => g.id)).toEqual([other.id]);
    expect(page.unreadable).toMatchObject([
      { id: rope.id, code: 'G-1', why: { reason: 'too-new' } },
    ]);
    const out: unknown[] = [];
    for await (const batch of allGear(pool, ours.crewId)) out.push(...batch.unreadable);
    expect(out).toMatchObject([{ version: 99, loads: [1] }]);
    expect((await gearByIds(pool, ours.crewId, [rope.id])).unreadable).toHaveLength(1);
  });
  it('a history with an entry that is not understood is not added up', async () => {
    const { id } = await enter('H-1');
    const entry = `UPDATE gear_event SET body = '{"kind": "later"}' WHERE gear_id = $1`;
    await pool.query('ALTER TABLE gear_event DISABLE TRIGGER gear_event_append_only');
    await pool.query(entry, [id]);
    await pool.query('ALTER TABLE gear_event ENABLE TRIGGER gear_event_append_only');
    await expect(gearHistory(pool, ours.crewId, id)).rejects.toThrow(UnreadableError);
  });
});

describe('a past that holds something unreadable', () => {
  it('is listed; what cannot be compared says so', async () => {
    const rope = await enter('R-1');
    const plan = await keep(rope.id, 'Past');
    await transaction(
      (c) => updatePlan(c, ours.crewId, ours.id, plan.id, 1, { ...plan.document, title: 'Two' }),
      pool,
    );
    await pool.query('ALTER TABLE plan_revision DISABLE TRIGGER plan_revision_append_only');
    await pool.query(
      `UPDATE plan_revision SET document = document || '{"version": 99}' WHERE plan_id = $1 AND version = 1`,
      [plan.id],
    );
    await pool.query('ALTER TABLE plan_revision ENABLE TRIGGER plan_revision_append_only');
    const { revisions } = await historyPage(pool, 'plan', PLAN, ours.crewId, plan.id, null);
    expect(revisions).toMatchObject([
      { version: 2, readable: true, changes: null },
      { version: 1, readable: false, changes: null },
    ]);
  });
});
