import { describe, expect, it, vi } from 'vitest';
import { parsePlan, type Plan } from '@/core/securement/plan';
import { NotFoundError, transaction } from '@/db/pool';
import { gearById } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { plansUsing } from '@/db/queries/plan-gear';
import { insertPlan, planById, planPage, updatePlan } from '@/db/queries/plans';
import { admitGear, changeGear, enterGear, removeGear } from '@/server/gear';
import { Refusal } from '@/server/problem';
import { demoDocument } from '../support/demo';
import {
  ours,
  pool,
  enter,
  record,
  refusalOf,
  theirs,
  rope,
  start,
  NOW,
  withTwoCrews,
} from '../support/locker-database';

withTwoCrews();

describe('plans and the locker', () => {
  const planWith = (gearId: string): Plan => {
    const plan = parsePlan(demoDocument('carousel-crate'));
    if (!plan.ok) throw new Error('demo');
    return {
      ...plan.value,
      lines: plan.value.lines.map((l) => ({
        ...l,
        elements: l.elements.map((e) =>
          e.kind === 'rope'
            ? { ...e, gearId, lengthM: 30, rope: { ...e.rope, condition: 'good' as const } }
            : e,
        ),
      })),
    };
  };
  const keep = (plan: Plan, who = ours) =>
    transaction(
      async (c) => insertPlan(c, who.crewId, who.id, await admitGear(c, who.crewId, plan, null)),
      pool,
    );
  const verdictOf = async (id: string): Promise<string> =>
    (await planPage(pool, ours.crewId, { search: '', sort: 'changed', after: null })).plans.find(
      (p) => p.id === id,
    )!.verdict;

  it('a plan is barred in the moment its rope is retired, and free again when that is corrected', async () => {
    const { id } = await enter('P-1');
    const plan = await keep({ ...planWith(id), title: 'Uses P-1' });
    const before = await verdictOf(plan.id);
    expect(before).not.toBe('barred');
    expect(await plansUsing(pool, ours.crewId, id)).toEqual([{ id: plan.id, title: 'Uses P-1' }]);
    await record(id, { kind: 'retired', reason: 'burnt' });
    expect(await verdictOf(plan.id)).toBe('barred');
    const entry = (await gearHistory(pool, ours.crewId, id)).at(-1)!;
    await record(id, { kind: 'corrected', corrects: entry.id, instead: null, reason: 'not burnt' });
    expect(await verdictOf(plan.id)).toBe(before);
  });
  it('kept and retired in the same moment, whoever is first: the plan ends up barred, and nobody is turned away', async () => {
    for (let round = 0; round < 12; round++) {
      const { id } = await enter(`RACE-${round}`);
      const plan = await keep({ ...planWith(id), title: `Race ${round}` });
      const save = () =>
        transaction(
          (c) =>
            updatePlan(c, ours.crewId, ours.id, plan.id, 1, {
              ...plan.document,
              notes: 'saved meanwhile',
            }),
          pool,
        );
      const retire = () => record(id, { kind: 'retired', reason: 'burnt' });
      const results = await Promise.allSettled(round % 2 ? [save(), retire()] : [retire(), save()]);
      expect(results.map((r) => r.status)).toEqual(['fulfilled', 'fulfilled']);
      expect(await verdictOf(plan.id)).toBe('barred');
    }
  });
  it('a rope that is being put into a plan is not retired until that plan is kept, which is then barred', async () => {
    const { id } = await enter('HELD');
    const plan = await keep({ ...planWith(id), title: 'Takes HELD', lines: [] });
    let retired = false;
    let retiring: Promise<unknown> | null = null;
    await transaction(async (c) => {
      const admitted = await admitGear(
        c,
        ours.crewId,
        { ...planWith(id), title: 'Takes HELD' },
        plan.document,
      );
      retiring = record(id, { kind: 'retired', reason: 'burnt' }).then(() => {
        retired = true;
      });
      await vi.waitFor(
        async () =>
          expect(
            (
              await pool.query(
                'SELECT 1 FROM pg_stat_activity WHERE datname = current_database() AND wait_event_type = $1',
                ['Lock'],
              )
            ).rowCount,
          ).toBeGreaterThan(0),
        { timeout: 200_000 },
      );
      expect(retired).toBe(false);
      await updatePlan(c, ours.crewId, ours.id, plan.id, 1, admitted);
    }, pool);
    await retiring;
    expect(await verdictOf(plan.id)).toBe('barred');
  });
  it('retired rope cannot be put in; where it was already the plan can still be changed', async () => {
    const { id } = await enter('P-2');
    const plan = await keep({ ...planWith(id), title: 'Had P-2' });
    await record(id, { kind: 'retired', reason: 'burnt' });
    await expect(keep(planWith(id))).rejects.toThrow(Refusal);
    expect(await refusalOf(keep(planWith(id)))).toBe('gear-retired');
    const changed = { ...plan.document, notes: 'take it off' };
    const saved = await transaction(
      async (c) =>
        updatePlan(
          c,
          ours.crewId,
          ours.id,
          plan.id,
          1,
          await admitGear(c, ours.crewId, changed, plan.document),
        ),
      pool,
    );
    expect(saved.version).toBe(2);
    expect(await verdictOf(plan.id)).toBe('barred');
  });
  it('a rope of another crew means nothing here', async () => {
    const foreign = await enter('P-3', {}, theirs);
    const kept = await keep(planWith(foreign.id));
    expect(JSON.stringify(kept.document)).not.toContain(foreign.id);
    expect(await plansUsing(pool, theirs.crewId, foreign.id)).toEqual([]);
  });
  it('a thing removed leaves its plans at CANNOT SAY, BARRED where it was bad; their figures stay', async () => {
    const removed = async (
      code: string,
      before: (id: string) => Promise<unknown> = async () => null,
    ): Promise<string> => {
      const { id } = await enter(code);
      const plan = await keep({ ...planWith(id), title: `Had ${code}` });
      await before(id);
      await transaction((c) => removeGear(c, ours, id), pool);
      await expect(gearById(pool, ours.crewId, id)).rejects.toThrow(NotFoundError);
      const stored = await planById(pool, ours.crewId, plan.id);
      expect(JSON.stringify(stored.document)).toContain(id);
      // Saving it again must not wash the mark off.
      const again = await transaction(
        async (c) =>
          updatePlan(
            c,
            ours.crewId,
            ours.id,
            plan.id,
            stored.version,
            await admitGear(c, ours.crewId, stored.document, stored.document),
          ),
        pool,
      );
      expect(JSON.stringify(again.document)).toContain(id);
      return verdictOf(plan.id);
    };
    expect(await removed('P-4')).toBe('cannot-say');
    expect(await removed('P-5', (id) => record(id, { kind: 'retired', reason: 'burnt' }))).toBe(
      'barred',
    );
    expect(await removed('P-6', (id) => record(id, { kind: 'incident', what: 'snatched' }))).toBe(
      'barred',
    );
  });
  it('a removed thing is not put into a plan, and its tag is not taken again in silence', async () => {
    const { id } = await enter('P-7');
    await transaction((c) => removeGear(c, ours, id), pool);
    expect(
      await refusalOf(transaction((c) => admitGear(c, ours.crewId, planWith(id), null), pool)),
    ).toBe('gear-removed');
    expect(await refusalOf(enter('P-7'))).toBe('code-worn-before');
    const other = await enter('P-8');
    expect(
      await refusalOf(
        transaction((c) => changeGear(c, ours, other.id, 1, rope('P-7'), false), pool),
      ),
    ).toBe('code-worn-before');
    await transaction((c) => changeGear(c, ours, other.id, 1, rope('P-7'), true), pool);
    await transaction((c) => removeGear(c, ours, other.id), pool);
    expect(
      (
        await transaction(
          (c) => enterGear(c, ours, { gear: rope('P-7'), start: start() }, NOW, true),
          pool,
        )
      ).document.code,
    ).toBe('P-7');
  });
});
