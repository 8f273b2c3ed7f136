/** `site`: static loads with a dynamic allowance. Allowance: common practice, no source; 2.5 % sideways: BS 5975, from memory. */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY } from '@/core/units';
import { bareBox, judge } from '../support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../support/units';

/** A box with one strap over it that keeps so much, on rings that carry so much. */
function tied(keptN: number, wllN: number, more: Record<string, unknown> = {}) {
  return planOf(
    [unitBody('A', { fromFrontM: 2 })],
    [lineBody('strap', ['L', 'R'], ['A'], { enteredPretensionN: keptN })],
    [ringBody('L', 2.5, 1, { rating: { state: 'rated', wllN } }), ringBody('R', 2.5, -1)],
    { ruleSet: 'site', ...more },
  );
}
const row = (plan: ReturnType<typeof tied>) =>
  judge(plan).rows.find((r) => r.code === 'static-load')!;

describe('site', () => {
  it('what a line keeps, times 1.5, is asked of its working load limit: just enough holds, a newton less does not', () => {
    expect(row(tied(2000, 3000)).required.value).toBeCloseTo(3000, 9);
    expect(row(tied(2000, 3000)).verdict).toBe('holds');
    expect(row(tied(2000, 2999)).verdict).toBe('short');
    expect(judge(tied(2000, 3000)).verdict).toBe('holds');
  });
  it('the crew’s own allowance counts in its place', () => {
    const strength = { dynamicAllowance: 2 };
    expect(row(tied(2000, 4000, { strength })).verdict).toBe('holds');
    expect(row(tied(2000, 3999, { strength })).verdict).toBe('short');
  });
  it('a tension nobody knows is no static load that could be compared', () => {
    const plan = tied(2000, 3000);
    const unknown = {
      ...plan,
      lines: plan.lines.map((l) => ({
        ...l,
        enteredPretensionN: null,
        elements: l.elements.map((e) =>
          e.kind === 'ratchet' ? { ...e, standardTensionN: null } : e,
        ),
      })),
    };
    expect(row(unknown).verdict).toBe('cannot-say');
  });
  it('what stands must stand 2.5 % of its weight sideways: 0.025 holds, 0.0249 does not; tall and narrow it tips', () => {
    expect(judge(bareBox('site', { mu: 0.025 })).verdict).toBe('holds');
    expect(judge(bareBox('site', { mu: 0.0249 })).verdict).toBe('short');
    const slim = (part: number) => bareBox('site', { mu: 0.5, lengthM: 0.05 * part, cgHeightM: 1 });
    expect(judge(slim(1)).verdict).toBe('holds');
    expect(judge(slim(0.99)).verdict).toBe('short');
  });
  it('a guy’s worked example: 1,000 N kept, 5 kN rope with a bowline at N = 5', () => {
    // 5,000 × 0.60 ÷ 5 = 600 N of working load; 1,000 × 1.5 is asked: short by 900.
    const plan = planOf(
      [unitBody('post', { fromFrontM: 2, massKg: 200 })],
      [
        lineBody('guy', ['L', 'R'], ['post'], {
          enteredPretensionN: 1000,
          elements: [
            { id: 'a', kind: 'anchor', at: { on: 'deck', anchorId: 'L' } },
            { id: 'k', kind: 'knot', knot: 'bowline' },
            {
              id: 'r',
              kind: 'rope',
              rope: { material: 'polyester', diameterM: 0.012, mbsN: 5000, condition: 'new' },
            },
            { id: 't', kind: 'ratchet', rating: { state: 'rated', wllN: 25_000 } },
            { id: 'b', kind: 'anchor', at: { on: 'deck', anchorId: 'R' } },
          ],
        }),
      ],
      [ringBody('L', 2.5, 1), ringBody('R', 2.5, -1)],
      { ruleSet: 'site' },
    );
    expect(row(plan).provided.value).toBeCloseTo(600, 9);
    expect(row(plan).margin).toBeCloseTo(600 - 1500, 9);
  });
  it('says that it is for what stands still', () =>
    expect(judge(bareBox('site', { mu: 0.5 })).findings.map((f) => f.code)).toContain('site-only'));
  it('weight plays no part in a line’s static load', () => {
    const light = row(tied(2000, 3000));
    expect(light.required.value! / STANDARD_GRAVITY).toBeCloseTo(3000 / STANDARD_GRAVITY, 9);
  });
});
