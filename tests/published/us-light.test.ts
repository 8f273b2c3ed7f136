/** Private light vehicles: figures of 49 CFR 393.102(a)(2) and (b) as guidance, from memory; statics by hand. */
import { describe, expect, it } from 'vitest';
import { STANDARD_GRAVITY } from '@/core/units';
import { demoPlan, judge } from '../support/demo';

describe('us-light', () => {
  const plan = demoPlan('bandstand-deck');
  const rows = judge(plan).rows;
  const weight = 540 * STANDARD_GRAVITY;
  // Legs from the panels' top edge (0.5 m off the middle, 0.9 m up) to rings 0.85 m off the middle: sin α = 0.9/√(0.9² + 0.35²).
  const press = 2 * 2 * 3500 * (0.9 / Math.hypot(0.9, 0.35));

  it('requires 0.435 forward, 0.5 rearward, 0.25 sideways', () =>
    expect(
      rows.filter((r) => r.code !== 'held-at-breaking').map((r) => [r.direction, r.required.value]),
    ).toEqual([
      ['forward', 0.435],
      ['rearward', 0.5],
      ['sideways', 0.25],
      ['down', 0.2 * weight],
    ]));
  it('at breaking strength 0.8 forward, 0.5 rearward, 0.5 sideways (393.102(a)(1), from memory)', () =>
    expect(
      rows.filter((r) => r.code === 'held-at-breaking').map((r) => [r.direction, r.required.value]),
    ).toEqual([
      ['forward', 0.8],
      ['rearward', 0.5],
      ['sideways', 0.5],
    ]));
  it('over-lines add μ·pressing/weight', () =>
    expect(rows[0]!.provided.value).toBeCloseTo(0.3 + (0.3 * press) / weight, 9));
  it('presses down with the vertical part of all legs', () =>
    expect(rows.find((r) => r.code === 'downward-force')!.provided.value).toBeCloseTo(press, 6));
  it('knots are allowed, and it says that it is guidance', () => {
    const a = judge({ ...demoPlan('water-tote'), ruleSet: 'us-light' });
    expect(a.verdict).not.toBe('barred');
    expect(a.findings.map((f) => f.code)).toContain('guidance-only');
  });
});
