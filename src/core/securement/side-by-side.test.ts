import { describe, expect, it } from 'vitest';
import { assess } from './assess';
import { RULE_SET_IDS } from './rule-set-ids';
import { changeUnder, governingOf, opinionUnder, sideBySide } from './side-by-side';
import { demoNames, demoPlan } from '../../../tests/support/demo';

const NOTHING = new Map();

describe('one plan under every rule set', () => {
  it.each(demoNames())('%s: each set says what it says when the plan is made for it', (name) => {
    const plan = demoPlan(name);
    const all = sideBySide(plan, NOTHING);
    expect(all.map((o) => o.ruleSet)).toEqual([...RULE_SET_IDS]);
    for (const o of all) {
      const alone = assess({ ...plan, ruleSet: o.ruleSet }, NOTHING);
      expect([o.ruleSet, o.verdict]).toEqual([o.ruleSet, alone.verdict]);
      const { governing } = o;
      if (governing === null) throw new Error(`${o.ruleSet} has nothing that decides`);
      const word = governing.by === 'comparison' ? governing.row.verdict : governing.finding.effect;
      expect(word).toBe(o.verdict);
    }
  });
  it('a plan that is barred is barred by what was found, and has no margin', () => {
    const o = opinionUnder(demoPlan('carousel-crate'), 'us-cmv', NOTHING);
    expect(o.verdict).toBe('barred');
    expect(o.governing).toMatchObject({ by: 'finding', finding: { code: 'knot-prohibited' } });
    expect(o.margin).toBeNull();
  });
  it('what holds is governed by the least margin, what is short by the greatest want', () => {
    for (const name of demoNames())
      for (const id of RULE_SET_IDS) {
        const a = assess({ ...demoPlan(name), ruleSet: id }, NOTHING);
        const governing = governingOf(a);
        if (governing?.by !== 'comparison' || governing.row.margin === null) continue;
        const parts = [...a.rows, ...a.statics.filter((r) => !r.ruleStands)]
          .filter((r) => r.verdict === a.verdict && r.margin !== null)
          .filter((r) => a.verdict !== 'holds' || r.required.unit !== 'count')
          .map((r) => r.margin! / r.required.value!);
        expect(governing.row.margin / governing.row.required.value!).toBeCloseTo(
          Math.min(...parts),
          12,
        );
      }
  });
  it('the change that helps is one under that set', () => {
    const plan = demoPlan('carousel-crate');
    const change = changeUnder(plan, 'us-cmv', NOTHING)!;
    expect(change.code).toBe('use-webbing');
    expect(change.plan.ruleSet).toBe('us-cmv');
  });
});
