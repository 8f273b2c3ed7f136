/**
 * Roads of Australia (load restraint performance standards: 0.8 forward, 0.5 rearward and sideways, 0.2 upward) and of the
 * United Kingdom (guidance: the whole weight forward, half of it to each side and to the rear), both from memory; statics by hand.
 */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY } from '@/core/units';
import { bareBox, demoPlan, judge, withLoad } from '../support/demo';

/** Legs from the panels' top edge (0.5 m off the middle, 0.9 m up) to rings 0.85 m off the middle: sin α = 0.9/√(0.9² + 0.35²). */
const press = 2 * 2 * 3500 * (0.9 / Math.hypot(0.9, 0.35));
const bandstand = demoPlan('bandstand-deck');
const weight = 540 * STANDARD_GRAVITY;

describe('au-road', () => {
  const { rows } = judge({ ...bandstand, ruleSet: 'au-road' });
  it('asks for 0.8 forward, 0.5 rearward and sideways, and 0.2 of the weight held down', () =>
    expect(rows.map((r) => [r.direction, r.required.value])).toEqual([
      ['forward', 0.8],
      ['rearward', 0.5],
      ['sideways', 0.5],
      ['down', 0.2 * weight],
    ]));
  it('two over-lines add μ × pressing ÷ weight', () => {
    for (const row of rows.filter((r) => r.direction !== 'down'))
      expect(row.provided.value).toBeCloseTo(0.3 + (0.3 * press) / weight, 9);
    expect(rows.at(-1)!.provided.value).toBeCloseTo(press, 6);
  });
  it('friction of just 0.8 stands against sliding, the least less does not; and nothing holds it down', () => {
    const words = (mu: number) =>
      judge(bareBox('au-road', { mu })).rows.map((r) => [r.direction, r.verdict]);
    expect(words(0.8)).toEqual([
      ['forward', 'holds'],
      ['rearward', 'holds'],
      ['sideways', 'holds'],
      ['down', 'short'],
    ]);
    expect(words(0.7999)[0]).toEqual(['forward', 'short']);
  });
  it('a load that its walls hold in needs nothing from above', () => {
    const plan = bareBox('au-road', { mu: 0.8 });
    const contained = withLoad(plan, { fullyContained: true });
    expect(judge(contained).verdict).toBe('holds');
  });
  it('it tips at half its length over the height of its centre of gravity: 0.8 stands, 0.79 does not', () => {
    const forward = (cgHeightM: number) => {
      const plan = bareBox('au-road', { mu: 1, lengthM: 1.6, cgHeightM });
      const a = judge(withLoad(plan, { fullyContained: true }));
      return [a.verdict, a.statics[0]!.held.value, a.statics[0]!.mechanism!.kind] as const;
    };
    expect(forward(1)[0]).toBe('holds');
    expect(forward(1)[1]).toBeCloseTo(0.8, 9);
    expect(forward(0.8 / 0.79)[0]).toBe('short');
    expect(forward(0.8 / 0.79)[2]).toBe('tips');
  });
});

describe('uk-road', () => {
  const assessed = judge({ ...bandstand, ruleSet: 'uk-road' });
  it('asks for the whole weight forward, half to the rear and to each side, and for nothing upward', () =>
    expect(assessed.rows.map((r) => [r.direction, r.required.value])).toEqual([
      ['forward', 1],
      ['rearward', 0.5],
      ['sideways', 0.5],
    ]));
  it('two over-lines add μ × pressing ÷ weight: 1.04 of 1 forward', () => {
    expect(assessed.rows[0]!.provided.value).toBeCloseTo(0.3 + (0.3 * press) / weight, 9);
    expect(assessed.rows[0]!.verdict).toBe(0.3 + (0.3 * press) / weight >= 1 ? 'holds' : 'short');
  });
  it('a board in front that takes just what friction leaves stands; one newton less does not', () => {
    const forward = (less: number) => {
      const plan = bareBox('uk-road', { mu: 0.5 });
      const capacityN = 0.5 * 1000 * STANDARD_GRAVITY - less;
      const board = { capacityN, heightM: 0.5 };
      return judge({
        ...withLoad(plan, { against: ['forward'] }),
        deck: { ...plan.deck, boards: { ...plan.deck.boards, forward: board } },
      }).verdict;
    };
    expect(forward(0)).toBe('holds');
    expect(forward(1)).toBe('short');
  });
  it('says that it is guidance', () =>
    expect(assessed.findings.map((f) => f.code)).toContain('guidance-judges'));
});
