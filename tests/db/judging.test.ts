import { afterAll, afterEach, describe, expect, it } from 'vitest';
import { parsePlan, type Plan } from '@/core/securement/plan';
import { transaction } from '@/db/pool';
import { plansToJudgeAgain } from '@/db/queries/plan-gear';
import { insertPlan, planPage } from '@/db/queries/plans';
import { endThreads, judgePlans } from '@/server/jobs/pool';
import { keepJudging } from '@/server/keep-judging';
import { demoDocument } from '../support/demo';
import { enter, ours, pool, record, withTwoCrews } from '../support/locker-database';

withTwoCrews();
afterAll(endThreads);
afterEach(() => {
  delete process.env['VAST_CLEAT_EDITION'];
});

const demo = (): Plan => {
  const plan = parsePlan(demoDocument('carousel-crate'));
  if (!plan.ok) throw new Error('demo');
  return plan.value;
};
const keep = (plan: Plan) => transaction((c) => insertPlan(c, ours.crewId, ours.id, plan), pool);
const list = async () =>
  (await planPage(pool, ours.crewId, { search: '', sort: 'changed', after: null })).plans;

describe('verdicts and the edition that found them', () => {
  it('a verdict of another edition is marked until it is judged again; the document stays as it was', async () => {
    const stored = await keep(demo());
    const [before] = await list();
    expect(before!.outdated).toBe(false);
    await pool.query(`UPDATE plan SET verdict = 'barred' WHERE id = $1`, [stored.id]);
    process.env['VAST_CLEAT_EDITION'] = 'the next';
    expect((await list())[0]).toMatchObject({ outdated: true, verdict: 'barred' });
    const { judgeAgain } = await import('@/server/judging');
    let rounds = 0;
    while (await transaction(judgeAgain, pool)) rounds += 1;
    expect(rounds).toBe(1);
    const [after] = await list();
    expect(after).toEqual({ ...before, outdated: false });
    expect(await transaction((c) => plansToJudgeAgain(c, 'the next'), pool)).toBeNull();
  });
  it('the background goes on after a failure, and ends when it is told to', async () => {
    const said: string[] = [];
    await new Promise<void>((done) => {
      const judging = keepJudging(async () => {
        said.push('asked');
        if (said.length === 1) throw new Error('database away');
        judging.stop();
        done();
        return true;
      }, 1);
    });
    expect(said).toHaveLength(2);
  });
});

describe('many at once', () => {
  it('are judged in threads as they are judged here', async () => {
    const documents = [
      'carousel-crate',
      'water-tote',
      'pipe-bundle',
      'carousel-crate',
      'water-tote',
    ];
    const plans = documents.map((name, i) => ({ id: String(i), document: demoDocument(name) }));
    const broken = { id: 'broken', document: { format: 'vast-cleat/plan', version: 99 } };
    const many = await judgePlans({ plans: [...plans, broken], facts: [] });
    const few = await Promise.all(plans.map((p) => judgePlans({ plans: [p], facts: [] })));
    expect(many).toEqual([...few.flat(), { id: 'broken', verdict: 'cannot-say' }]);
  });
  it('every plan on a rope is barred in the transaction that retires it', async () => {
    const rope = await enter('M-1');
    const plan = demo();
    const lines = plan.lines.map((l) => ({
      ...l,
      elements: l.elements.map((e) => (e.kind === 'rope' ? { ...e, gearId: rope.id } : e)),
    }));
    for (let i = 0; i < 25; i++) await keep({ ...plan, lines, title: `On M-1, ${i}` });
    await record(rope.id, { kind: 'retired', reason: 'burnt' });
    const { rows } = await pool.query(
      `SELECT verdict, count(*)::int AS n FROM plan WHERE title LIKE 'On M-1%' GROUP BY verdict`,
    );
    expect(rows).toEqual([{ verdict: 'barred', n: 25 }]);
  });
});
