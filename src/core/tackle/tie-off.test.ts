import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bare, traced } from '../working/working';
import { keptAfterTieOff, keptInTackle, settledFormula } from './tie-off';

/**
 * An independent solver: the loop knot moves toward the load by x when the hand lets go. Each strand is a spring that can
 * only pull. `slides`: both short strands share one tension, because the rope evens out round the anchor.
 */
interface Case {
  T: number;
  H: number;
  EA: number;
  L1: number;
  L2: number;
  d: number;
  S2: number;
}

function residual(c: Case, x: number, mode: 'slides' | 'holds'): number {
  const [k1, k2] = [c.EA / c.L1, c.EA / c.L2];
  const load = Math.max(0, c.T - k1 * x);
  const S3 = c.T - c.H - c.S2;
  if (mode === 'slides') {
    const total = Math.max(0, c.S2 + S3 + k2 * (2 * x - c.d));
    return load - total;
  }
  const fromAnchor = Math.max(0, c.S2 + k2 * (x - c.d));
  const onKnot = Math.max(0, S3 + k2 * x);
  return load - fromAnchor - onKnot;
}

/** Bisection on the loop's travel: the residual falls as the loop moves toward the load. */
function solved(c: Case, mode: 'slides' | 'holds'): number {
  let [low, high] = [-1, 1];
  for (let i = 0; i < 200; i++) {
    const mid = (low + high) / 2;
    if (residual(c, mid, mode) > 0) low = mid;
    else high = mid;
  }
  return Math.max(0, c.T - (c.EA / c.L1) * low);
}

const cases = fc
  .record({
    H: fc.double({ min: 50, max: 800, noNaN: true }),
    eL: fc.double({ min: 0.3, max: 1, noNaN: true }),
    eA: fc.double({ min: 0.3, max: 1, noNaN: true }),
    EA: fc.double({ min: 5_000, max: 400_000, noNaN: true }),
    L1: fc.double({ min: 0.5, max: 20, noNaN: true }),
    L2: fc.double({ min: 0.1, max: 1, noNaN: true }),
    d: fc.double({ min: 0, max: 0.02, noNaN: true }),
  })
  .map(({ H, eL, eA, ...rest }): Case => ({ H, S2: H * eL, T: H * (1 + eL + eL * eA), ...rest }));

const kept = (c: Case, mode: 'slides' | 'holds') =>
  keptAfterTieOff(
    bare,
    {
      hauledN: c.T,
      handN: c.H,
      stiffnessN: c.EA,
      loadLengthM: c.L1,
      shortLengthM: c.L2,
      slipM: c.d,
      anchorStrandN: c.S2,
    },
    mode,
  )!;

describe('tension kept after tie-off against a bisection of the springs', () => {
  it('rope that holds at the anchor, slack strands included, 1,000 random cases', () => {
    let slack = 0;
    fc.assert(
      fc.property(cases, (c) => {
        const [k1, k2] = [c.EA / c.L1, c.EA / c.L2];
        const x = (c.H + k2 * c.d) / (k1 + 2 * k2);
        if (c.S2 + k2 * (x - c.d) < 0) slack += 1;
        expect(kept(c, 'holds')).toBeCloseTo(solved(c, 'holds'), 3);
      }),
      { numRuns: 1000 },
    );
    expect(slack).toBeGreaterThan(50);
  });

  it('rope that slides round the anchor, 1,000 random cases in which it stays tight', () => {
    fc.assert(
      fc.property(cases, (c) => {
        const value = kept(c, 'slides');
        if (value > 0) expect(value).toBeCloseTo(solved(c, 'slides'), 3);
      }),
      { numRuns: 1000 },
    );
  });
});

describe('doubles, against springs written out and solved anew', () => {
  /** Letting go of a double: the loops move toward the load until each is in balance. Two loops by nested bisection. */
  const bisect = (f: (x: number) => number): number => {
    let [low, high] = [-1, 1];
    for (let i = 0; i < 100; i++) {
      const m = (low + high) / 2;
      if (f(m) > 0) low = m;
      else high = m;
    }
    return low;
  };
  const doubles = fc.record({
    T: fc.double({ min: 300, max: 3000, noNaN: true }),
    H: fc.double({ min: 50, max: 800, noNaN: true }),
    EA: fc.double({ min: 5_000, max: 400_000, noNaN: true }),
    L1: fc.double({ min: 0.5, max: 20, noNaN: true }),
    L2: fc.double({ min: 0.1, max: 1, noNaN: true }),
    d: fc.double({ min: 0, max: 0.02, noNaN: true }),
  });
  const keptBy = (
    c: { T: number; H: number; EA: number; L1: number; L2: number; d: number },
    strands: 'four' | 'compound',
  ) =>
    keptAfterTieOff(
      bare,
      {
        hauledN: c.T,
        handN: c.H,
        stiffnessN: c.EA,
        loadLengthM: c.L1,
        shortLengthM: c.L2,
        slipM: c.d,
        anchorStrandN: 0,
      },
      'slides',
      strands,
    )!;
  it('reeved twice: four short strands on one loop', () => {
    fc.assert(
      fc.property(doubles, (c) => {
        const [k1, k2] = [c.EA / c.L1, c.EA / c.L2];
        const x = bisect((y) => c.T - k1 * y - (c.T - c.H + 4 * k2 * y - k2 * c.d));
        expect(keptBy(c, 'four')).toBeCloseTo(Math.max(0, c.T - k1 * x), 3);
      }),
      { numRuns: 500 },
    );
  });
  it('second loop: both loops in balance', () => {
    fc.assert(
      fc.property(doubles, (c) => {
        const [k1, k2] = [c.EA / c.L1, c.EA / c.L2];
        // For a travel x of the first loop, the second goes where its own strands balance; then the first must balance.
        const between = (x: number, y: number): number => (k2 / 3) * (3 * x - y);
        const second = (x: number): number =>
          bisect((y) => c.H + between(x, y) - 2 * k2 * (y - c.d / 2));
        const x = bisect((y) => -k1 * y - 3 * between(y, second(y)));
        expect(keptBy(c, 'compound') / c.T).toBeCloseTo(Math.max(0, c.T - k1 * x) / c.T, 4);
      }),
      { numRuns: 500 },
    );
  });
  it('a tackle made fast loses what runs back, over its travel', () =>
    expect(
      keptInTackle(bare, {
        hauledN: 1000,
        stiffnessN: 60_000,
        loadLengthM: 6,
        slipM: 0.01,
        travelRatio: 5,
      }),
    ).toBeCloseTo(1000 - (60_000 / 6) * 0.002, 9));
});

describe('what the formula says in words', () => {
  const base: Case = { T: 450, H: 250, EA: 105_000, L1: 5.7, L2: 0.3, d: 0.005, S2: 125 };
  it('a stretchier rope keeps more', () =>
    expect(kept({ ...base, EA: 30_000 }, 'slides')).toBeGreaterThan(kept(base, 'slides')));
  it('a short line loses more', () =>
    expect(kept({ ...base, L1: 1 }, 'slides')).toBeLessThan(kept(base, 'slides')));
  it('a lock that slips loses more', () =>
    expect(kept({ ...base, d: 0.01 }, 'slides')).toBeLessThan(kept(base, 'slides')));
  it('settling takes its part of what is kept', () =>
    expect(settledFormula.compute({ T: 400, z: 0.2 })).toBe(320));
  it('an unknown stiffness makes the result unknown, not zero', () => {
    const given = (value: number | null) =>
      traced.given({ label: '', symbol: 'x', value, unit: 'N', source: '', confidence: 'entered' });
    const result = keptAfterTieOff(
      traced,
      {
        hauledN: given(450),
        handN: given(250),
        stiffnessN: given(null),
        loadLengthM: given(5),
        shortLengthM: given(0.3),
        slipM: given(0.005),
        anchorStrandN: given(125),
      },
      'slides',
    );
    expect(result.value).toBeNull();
    expect(result.inputs.map((i) => i.symbol)).toEqual(['T', 'H', 'd', 'k₁', 'k₂', 'S₂']);
  });
});
