/**
 * Spans against closed forms: the catenary's defining equation, a point load's equilibrium, the angle factors of slings
 * (rigging handbooks, from memory: 60° 1.155, 45° 1.414, 30° 2.000), and “1 % sag: 25 times the load” (exact to 0.1 %).
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  catenaryAt,
  catenaryOfLength,
  catenaryOfSag,
  parabolaTensionN,
} from '@/core/span/catenary';
import { legFactor, legTension } from '@/core/span/legs';
import {
  elasticSag,
  endTensionsN,
  type LoadedLine,
  sagForLimit,
  tensionCurve,
} from '@/core/span/loaded-line';
import { bare } from '@/core/working/working';

const hanging = { spanM: 20, riseM: 0, weightNPerM: 1.2 };
const must = <T>(
  r: { ok: true; value: T } | { ok: false; issues: readonly { code: string }[] },
): T => {
  if (!r.ok) throw new Error(r.issues[0]!.code);
  return r.value;
};

describe('the catenary', () => {
  it.each([0, 3, -5, 15])(
    'satisfies its defining equation with a rise of %d m: y″ = √(1 + y′²) / a, and the length is the integral',
    (riseM) => {
      const c = must(catenaryOfLength({ ...hanging, riseM }, 27));
      const y = (x: number): number => c.parameterM * Math.cosh((x - c.lowestAtM) / c.parameterM);
      expect(y(20) - y(0)).toBeCloseTo(riseM, 9);
      expect(c.lengthM).toBeCloseTo(27, 9);
      const [n, h] = [20_000, 20 / 20_000];
      let length = 0;
      for (let i = 0; i < n; i++) length += Math.hypot(h, y((i + 1) * h) - y(i * h));
      expect(length).toBeCloseTo(27, 5);
      const [x, d] = [7, 1e-3];
      expect((y(x + d) - 2 * y(x) + y(x - d)) / d ** 2).toBeCloseTo(
        Math.hypot(1, (y(x + d) - y(x - d)) / (2 * d)) / c.parameterM,
        5,
      );
    },
  );
  it('level: √(S² − h²) = 2a·sinh(L/2a) to 1e-9; greatest tension w·(a + sag)', () => {
    const c = must(catenaryOfLength(hanging, 22));
    expect(Math.abs(2 * c.parameterM * Math.sinh(20 / (2 * c.parameterM)) - 22)).toBeLessThan(1e-9);
    expect(c.greatestN).toBeCloseTo(1.2 * (c.parameterM + c.sagM), 9);
    expect(c.lowestAtM).toBeCloseTo(10, 9);
  });
  it('length, sag and tension lead back to each other', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.02, max: 0.5, noNaN: true }),
        fc.double({ min: -0.5, max: 0.5, noNaN: true }),
        (part, slope) => {
          const line = { spanM: 30, riseM: 30 * slope, weightNPerM: 0.8 };
          const c = catenaryOfSag(line, 30 * part);
          const again = must(catenaryOfLength(line, c.lengthM));
          return (
            Math.abs(c.sagM - 30 * part) < 1e-8 &&
            Math.abs(again.horizontalN / c.horizontalN - 1) < 1e-6 &&
            Math.abs(catenaryAt(line, c.horizontalN).greatestN - c.greatestN) < 1e-9
          );
        },
      ),
      { numRuns: 60 },
    );
  });
  it('the parabola is its limit for small sag, and says too little for a deep one', () => {
    const flat = catenaryOfSag(hanging, 0.1);
    expect(parabolaTensionN(hanging, 0.1) / flat.horizontalN).toBeCloseTo(1, 4);
    const deep = catenaryOfSag(hanging, 6);
    expect(parabolaTensionN(hanging, 6)).toBeLessThan(0.97 * deep.horizontalN);
  });
  it('a line that does not reach is refused', () => {
    for (const length of [20, 19, 0, Number.NaN])
      expect(catenaryOfLength(hanging, length)).toMatchObject({
        ok: false,
        issues: [{ code: 'span-impossible' }],
      });
    expect(catenaryOfLength({ ...hanging, riseM: 10 }, 22).ok).toBe(false);
  });
});

describe('a load on a line', () => {
  const mid: LoadedLine = { spanM: 10, riseM: 0, weightNPerM: 0, loadN: 400, atM: 5 };
  it('mid-span: (P/2)·√(1 + (L/2s)²); at 1 % sag 25 times the load', () => {
    for (const s of [0.1, 0.5, 2, 5])
      expect(endTensionsN(mid, s).greatestN).toBeCloseTo(200 * Math.hypot(1, 10 / (2 * s)), 9);
    expect(endTensionsN(mid, 0.1).greatestN / 400).toBeCloseTo(25, 1);
  });
  it('anywhere: what the two parts pull upward is the load, and sideways they balance', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.2, max: 9.8, noNaN: true }),
        fc.double({ min: 0.05, max: 8, noNaN: true }),
        (atM, s) => {
          const { firstN, secondN } = endTensionsN({ ...mid, atM }, s);
          const [a, b] = [Math.atan2(s, atM), Math.atan2(s, 10 - atM)];
          return (
            Math.abs(firstN * Math.sin(a) + secondN * Math.sin(b) - 400) < 1e-6 &&
            Math.abs(firstN * Math.cos(a) - secondN * Math.cos(b)) < 1e-6
          );
        },
      ),
    );
  });
  it('the sag that keeps the line at its limit is the one at which it bears just that', () => {
    const sag = must(sagForLimit(mid, 2000));
    expect(endTensionsN(mid, sag).greatestN).toBeCloseTo(2000, 6);
    expect(endTensionsN(mid, sag * 0.99).greatestN).toBeGreaterThan(2000);
    expect(sagForLimit(mid, 199)).toMatchObject({
      ok: false,
      issues: [{ code: 'span-limit-too-low' }],
    });
  });
  it('an elastic line hangs deeper than a stiff one, and as its length says when it does not stretch', () => {
    const stiff = elasticSag(mid, 10.2, 1e12);
    expect(stiff).toBeCloseTo(Math.sqrt(5.1 ** 2 - 25), 6);
    expect(elasticSag(mid, 10.2, 20_000)).toBeGreaterThan(stiff);
    // Drum-tight: as long as its span. Mid-span, small sag: s = L/2 · ∛(P/EA), from Hooke and geometry.
    expect(elasticSag(mid, 10, 50_000) / (5 * Math.cbrt(400 / 50_000))).toBeCloseTo(1, 1);
  });
  it('unequal heights and own weight: each end carries its part, and every piece of the line is in balance', () => {
    const some = fc.double({ min: 0.05, max: 0.95, noNaN: true });
    fc.assert(
      fc.property(
        some,
        some,
        fc.double({ min: -4, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 20, noNaN: true }),
        (at, sag, riseM, weightNPerM) => {
          const line = { ...mid, atM: 10 * at, riseM, weightNPerM };
          const s = 0.2 + 3 * sag;
          const t = endTensionsN(line, s);
          // From the ends' slopes: statics of both halves about the loaded point, written out anew.
          const down = s - (riseM * line.atM) / 10;
          const v1 = (t.horizontalN * down) / line.atM + (weightNPerM * line.atM) / 2;
          const b = 10 - line.atM;
          const v2 = (t.horizontalN * (down + riseM)) / b + (weightNPerM * b) / 2;
          return (
            Math.abs(v1 + v2 - 400 - 10 * weightNPerM) < 1e-6 &&
            Math.abs(t.firstN - Math.hypot(t.horizontalN, v1)) < 1e-6 &&
            Math.abs(t.secondN - Math.hypot(t.horizontalN, v2)) < 1e-6
          );
        },
      ),
    );
  });
  it('the curve falls: the deeper the line may hang, the less it bears', () => {
    const curve = tensionCurve(mid);
    expect(curve.every((p, i) => i === 0 || p.tensionN < curve[i - 1]!.tensionN)).toBe(true);
    expect(curve.at(-1)!.tensionN).toBeCloseTo(200 * Math.hypot(1, 1 / 0.6), 6);
  });
  it('four even legs at 60°: 1.155 times a quarter of the load each', () =>
    expect(legTension(bare, 8000, 4, Math.PI / 3)).toBeCloseTo(2309.4, 1));
  it.each([
    [60, 1.155],
    [45, 1.414],
    [30, 2],
  ])('a leg at %d° bears %d times its share', (deg, factor) =>
    expect(legFactor((deg * Math.PI) / 180)).toBeCloseTo(factor, 3),
  );
});
