/** EN 12195-1:2010, formulas from memory, examples worked by hand with g = 9.81 as the standard's own examples do. */
import { describe, expect, it } from 'vitest';
import { parsePlan, type Plan } from '@/core/securement/plan';
import {
  blockingNeeded,
  EU,
  overLashingsNeeded,
  overLashingTensionNeeded,
  tiltingLashingsNeeded,
} from '@/core/securement/rules/eu-formulas';
import { STANDARD_GRAVITY } from '@/core/units';
import { demoPlan, judge } from '../support/demo';

const row = (plan: Plan, code: string, direction: string) =>
  judge(plan).rows.find((r) => r.code === code && r.direction === direction)!;

describe('over-lashing against sliding, by hand', () => {
  // 2,000 kg, μ 0.4, α 90°, F_T 4,000 N, forward: 1.25·(0.8 − 0.4)·2000·9.81 = 9,810 N; one lashing 2·0.4·4000 = 3,200 N; 3.07 → 4
  const forward = {
    c: 0.8,
    mu: 0.4,
    massKg: 2000,
    gravity: 9.81,
    safety: 1.25,
    blockingN: 0,
    alphaRad: Math.PI / 2,
  };
  it('4 lashings forward', () => expect(overLashingsNeeded(forward, 4000)).toBe(4));
  it('sideways 1.1·(0.5 − 0.4)·2000·9.81 = 2,158.2 N: 1', () =>
    expect(overLashingsNeeded({ ...forward, c: 0.5, safety: 1.1 }, 4000)).toBe(1));
  it('α 60°: 9,810 / (3,200·0.8660) = 3.54: 4; α 30°: 6.13: 7', () => {
    expect(overLashingsNeeded({ ...forward, alphaRad: Math.PI / 3 }, 4000)).toBe(4);
    expect(overLashingsNeeded({ ...forward, alphaRad: Math.PI / 6 }, 4000)).toBe(7);
  });
  it('blocking takes its part inside the bracket: 1.25·(7,848 − 5,000) = 3,560 N: 2', () =>
    expect(overLashingsNeeded({ ...forward, blockingN: 5000 }, 4000)).toBe(2));
  it('enough friction needs none, never fewer than none', () =>
    expect(overLashingsNeeded({ ...forward, mu: 0.9 }, 4000)).toBe(0));
  it('solved for the tension of two: 9,810 / (2·0.4·2) = 6,131.25 N', () =>
    expect(overLashingTensionNeeded(forward, 2)).toBeCloseTo(6131.25, 9));
  it('an exact whole number is not rounded up by noise', () =>
    expect(overLashingsNeeded(forward, 9810 / 3.2 / 1)).toBe(4 - 0));
  it('blocking alone (0.8 − 0.4)·2000·9.81 = 7,848 N', () =>
    expect(blockingNeeded(forward)).toBeCloseTo(7848, 9));
  it('tilting, one row: 1.1·1000·9.81·(0.5·1.2 − 0.4) / (3,500·0.8·1) = 0.77: 1', () =>
    expect(
      tiltingLashingsNeeded(
        {
          c: 0.5,
          massKg: 1000,
          gravity: 9.81,
          safety: 1.1,
          bM: 0.4,
          dM: 1.2,
          widthM: 0.8,
          alphaRad: Math.PI / 2,
        },
        3500,
      ),
    ).toBe(1));
  it('factors', () =>
    expect(EU).toMatchObject({
      safetyForward: 1.25,
      safetyOther: 1.1,
      directFrictionFactor: 0.75,
      required: { forward: 0.8, rearward: 0.5, left: 0.5, right: 0.5 },
    }));
});

/** A plan with lines at an entered angle, so that the hand computation needs no geometry. */
function plan(
  lines: Record<string, unknown>[],
  cargo: Record<string, unknown> = {},
  deck: Record<string, unknown> = {},
): Plan {
  const parsed = parsePlan({
    format: 'vast-cleat/plan',
    version: 1,
    title: 't',
    ruleSet: 'eu-road',
    cargo: {
      name: 'box',
      massKg: 2000,
      lengthM: 2,
      widthM: 1.2,
      heightM: 1,
      cgHeightM: 0.5,
      friction: { known: 'entered', mu: 0.4 },
      ...cargo,
    },
    deck: { name: 'd', lengthM: 6, widthM: 2.4, ...deck },
    lines,
  });
  if (!parsed.ok) throw new Error(JSON.stringify(parsed.issues));
  return parsed.value;
}
const ring = {
  id: 'a',
  kind: 'anchor',
  at: { on: 'own', name: 'ring', rating: { state: 'rated', wllN: 20_000 } },
};
const webbing = (extra: Record<string, unknown> = {}, stf: number | null = 4000) => ({
  kind: 'over',
  settling: 0,
  angle: { by: 'entered', alphaRad: '90 deg' },
  elements: [
    ring,
    { id: 'w', kind: 'webbing', widthM: '50 mm', markedWllN: 20_000 },
    { id: 'r', kind: 'ratchet', rating: { state: 'rated', wllN: 20_000 }, standardTensionN: stf },
    { ...ring, id: 'b' },
  ],
  ...extra,
});

describe('the rule set on a plan agrees with the formulas', () => {
  it('3 lashings are short and 4 hold, as counted by hand', () => {
    const lines = (n: number) =>
      Array.from({ length: n }, (_, i) => webbing({ id: `l${i}`, name: `l${i}` }));
    expect(row(plan(lines(3)), 'sliding', 'forward').verdict).toBe('short');
    const four = row(plan(lines(4)), 'sliding', 'forward');
    expect(four).toMatchObject({ verdict: 'holds', clause: 'EN 12195-1:2010, sliding' });
    expect(four.provided.value).toBeCloseTo(
      0.4 + (0.4 * 4 * 2 * 4000) / 1.25 / (2000 * STANDARD_GRAVITY),
      9,
    );
    expect(four.margin).toBeCloseTo(four.provided.value! - 0.8, 12);
  });
  it('a direct lashing straight against the motion: 0.75·μ + LC·(cos α + 0.75·μ·sin α)/(m·g)', () => {
    const a = Math.PI / 6;
    const direct = webbing({
      id: 'd',
      name: 'd',
      kind: 'direct',
      angle: { by: 'entered', alphaRad: a, betaRad: 0, restrains: 'forward' },
    });
    expect(row(plan([direct]), 'sliding', 'forward').provided.value).toBeCloseTo(
      0.3 + (20_000 * (Math.cos(a) + 0.3 * Math.sin(a))) / (2000 * STANDARD_GRAVITY),
      9,
    );
    expect(row(plan([direct]), 'sliding', 'rearward').provided.value).toBeCloseTo(0.4, 9);
  });
  it('blocking forward adds BC/(m·g)', () => {
    const blocking = {
      forward: { touching: true, capacityN: 5000 },
      rearward: {},
      left: {},
      right: {},
    };
    expect(row(plan([], {}, { blocking }), 'sliding', 'forward').provided.value).toBeCloseTo(
      0.4 + 5000 / (2000 * STANDARD_GRAVITY),
      9,
    );
  });
  it('stable alone when b/d exceeds c/c_z; an over-lashing adds F·w·sin α/(f_s·m·g·d)', () => {
    expect(row(plan([]), 'tilting', 'sideways').provided.value).toBeCloseTo(0.6 / 0.5, 12);
    const tall = plan([webbing({ id: 'l', name: 'l' })], { heightM: 3, cgHeightM: 1.5 });
    expect(row(tall, 'tilting', 'sideways').provided.value).toBeCloseTo(
      0.6 / 1.5 + (4000 * 1.2) / 1.1 / (2000 * STANDARD_GRAVITY * 1.5),
      9,
    );
  });
  it('F_T counts up to half the lashing capacity, and a finding says so', () => {
    const tight = plan([webbing({ id: 'l', name: 'l' }, 15_000)]);
    expect(row(tight, 'sliding', 'forward').provided.value).toBeCloseTo(
      0.4 + (0.4 * 2 * 10_000) / 1.25 / (2000 * STANDARD_GRAVITY),
      9,
    );
    expect(judge(tight).findings.map((f) => f.code)).toContain('pretension-over-half-lc');
    // Sideways tilting is then asked for with 0.6 g instead of 0.5 g.
    expect([
      row(tight, 'tilting', 'sideways').required.value,
      row(plan([webbing({ id: 'l', name: 'l' })]), 'tilting', 'sideways').required.value,
    ]).toEqual([0.6, 0.5]);
  });
  it('the older school (k 1.5, dynamic friction) stands beside, never mixed in', () => {
    const r = row(plan([webbing({ id: 'l', name: 'l' })]), 'sliding', 'forward');
    expect(r.beside!.value).toBeCloseTo(0.28 + (0.28 * 1.5 * 4000) / (2000 * STANDARD_GRAVITY), 9);
    expect(r.provided.value).not.toBeCloseTo(r.beside!.value!, 3);
  });
  it('hand-tied rope has no lashing capacity, knotted webbing is barred (EN 12195-2, from memory)', () => {
    expect(judge(demoPlan('carousel-crate')).findings.map((f) => f.code)).toContain(
      'no-lashing-capacity',
    );
    const knotted = webbing({ id: 'l', name: 'l' });
    knotted.elements.splice(1, 0, { id: 'k', kind: 'knot', knot: 'bowline' } as never);
    expect(judge(plan([knotted])).verdict).toBe('barred');
  });
});
