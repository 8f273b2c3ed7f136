/** 49 CFR 393.102–110 and 392.9, from memory. */
import { describe, expect, it } from 'vitest';
import { countingPart, leastTieDowns } from '@/core/securement/rules/us-cmv';
import { type Plan, parsePlan } from '@/core/securement/plan';
import { KG_PER_LB, M_PER_FT, N_PER_LBF } from '@/core/units';
import { demoDocument, demoPlan, judge, withLoad } from '../support/demo';

const ft = (n: number) => n * M_PER_FT;
const lb = (n: number) => n * KG_PER_LB;

describe('393.110: least number of tie-downs', () => {
  it.each([
    // length ft, weight lb, blocked forward, tie-downs
    [5, 1100, false, 1],
    [5, 1101, false, 2],
    [5.01, 1100, false, 2],
    [5.01, 100, false, 2],
    [10, 40_000, false, 2],
    [10.01, 100, false, 3],
    [20, 100, false, 3],
    [20.01, 100, false, 4],
    [30, 100, false, 4],
    [5, 1100, true, 1],
    [10, 5000, true, 1],
    [10.01, 100, true, 2],
    [20, 100, true, 2],
    [25, 100, true, 3],
  ])('%d ft, %d lb, blocked %s: %d', (length, weight, blocked, n) =>
    expect(leastTieDowns(ft(length), lb(weight), blocked)).toBe(n),
  );
  it('unknown weight counts as heavy', () => expect(leastTieDowns(ft(4), null, false)).toBe(2));
});

describe('393.106(d): sum of working load limits against half the weight', () => {
  it('full from side to side over the cargo, half to the cargo or back to the same side', () => {
    expect(countingPart({ kind: 'over', crosses: true })).toEqual({ low: 1, high: 1 });
    expect(countingPart({ kind: 'loop', crosses: true })).toEqual({ low: 1, high: 1 });
    expect(countingPart({ kind: 'over', crosses: false })).toEqual({ low: 0.5, high: 0.5 });
    expect(countingPart({ kind: 'direct', crosses: false })).toEqual({ low: 0.5, high: 0.5 });
    expect(countingPart({ kind: 'loop', crosses: false })).toEqual({ low: 0.5, high: 0.5 });
    // Nobody knows on which sides its ends are: half at the worst, full at the best.
    expect(countingPart({ kind: 'over', crosses: null })).toEqual({ low: 0.5, high: 1 });
  });

  const row = (plan: Plan) => judge(plan).rows.find((r) => r.code === 'aggregate-wll')!;
  it('the pipe bundle: chains 20 kN (ring) each and unmarked-table webbing 4,000 lbf against 620 kg', () => {
    const r = row(demoPlan('pipe-bundle'));
    expect(r.required.value).toBeCloseTo((620 * 9.80665) / 2, 6);
    expect(r.provided.value).toBeCloseTo(20_000 + 20_000 + 4000 * N_PER_LBF, 6);
    expect(r).toMatchObject({ verdict: 'holds', clause: '49 CFR 393.106(d)' });
  });
  it('exactly half the weight holds; a hair more weight is short', () => {
    const plan = demoPlan('pipe-bundle');
    const total = 40_000 + 4000 * N_PER_LBF;
    const at = (massKg: number) => row(withLoad(plan, { massKg })).verdict;
    expect(at((2 * total) / 9.80665)).toBe('holds');
    expect(at(((2 * total) / 9.80665) * 1.0001)).toBe('short');
  });
});

describe('393.104(f) and 393.112: what is forbidden however strong', () => {
  const codes = (plan: Plan) =>
    judge(plan)
      .findings.filter((f) => f.effect === 'barred')
      .map((f) => [f.code, f.clause]);
  it('knots in a tie-down: BARRED, and the figures are still given', () => {
    const a = judge(demoPlan('water-tote'));
    expect(a.verdict).toBe('barred');
    expect(codes(demoPlan('water-tote'))).toContainEqual([
      'knot-prohibited',
      '49 CFR 393.104(f)(1)',
    ]);
    expect(a.rows.every((r) => r.provided.value !== null)).toBe(true);
  });
  it('ratchets, binders and splices are no knots', () =>
    expect(codes(demoPlan('pipe-bundle'))).toEqual([]));
  it('an unprotected sharp edge, and a line nobody can tighten on the road', () => {
    const document = demoDocument('pipe-bundle') as {
      lines: { elements: Record<string, unknown>[] }[];
    };
    const first = document.lines[0]!;
    first.elements = first.elements
      .filter((e) => e['kind'] !== 'binder')
      .map((e) => (e['id'] === 'e1' ? { ...e, shape: 'sharp' } : e));
    const plan = parsePlan(document);
    if (!plan.ok) throw new Error('plan');
    expect(codes(plan.value)).toEqual([
      ['edge-unprotected', '49 CFR 393.104(f)'],
      ['not-adjustable', '49 CFR 393.112'],
    ]);
  });
});

describe('393.116–136 and 392.9', () => {
  it('logs have rules of their own: CANNOT SAY, naming the section', () => {
    const a = judge(demoPlan('maypole'));
    expect(a.verdict).toBe('cannot-say');
    expect(a.findings.find((f) => f.code === 'commodity-rules')).toMatchObject({
      clause: '49 CFR 393.116',
      effect: 'cannot-say',
    });
  });
  it('re-checks on the road are always named', () =>
    expect(judge(demoPlan('pipe-bundle')).findings.map((f) => f.clause)).toContain('49 CFR 392.9'));
});
