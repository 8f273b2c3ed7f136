import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bare, traced } from '../working/working';
import { frictionOfHalfTurn, PASS_KINDS, type PassKind } from './passes';
import { loopDistance, takeUp, tensionWhenLoopArrivesN } from './take-up';
import { tailForce, turnsWanted } from './wraps';

const given = (value: number): ReturnType<typeof bare.given> =>
  bare.given({ label: '', symbol: '', value, unit: 'm', source: '', confidence: 'entered' });
const line = { lengthM: 6, stiffnessN: 60_000, spanM: 6, sagM: 0.3, settingM: 0.03 };
const inputs = (tensionN: number) =>
  ({
    ...Object.fromEntries(Object.entries(line).map(([k, v]) => [k, given(v)])),
    tensionN: given(tensionN),
  }) as unknown as Parameters<typeof takeUp<ReturnType<typeof bare.given>>>[1];

describe('take-up', () => {
  it('slack, stretch and knots add up: 6 m, 30 cm deep, 1 kN in a rope of 60 kN', () => {
    expect(bare.value(takeUp(bare, inputs(1000)))).toBeCloseTo((8 * 0.09) / 18 + 0.1 + 0.03, 12);
    expect(bare.value(loopDistance(bare, inputs(1000), given(0.1)))).toBeCloseTo(0.27, 12);
  });
  it('the slack formula is the parabola’s length to first order', () => {
    for (const s of [0.05, 0.1, 0.2]) {
      let length = 0;
      const y = (x: number): number => 4 * s * (x / 6) * (1 - x / 6);
      for (let i = 0; i < 6000; i++) length += Math.hypot(0.001, y((i + 1) * 0.001) - y(i * 0.001));
      expect(length - 6).toBeCloseTo((8 * s * s) / 18, 4);
    }
  });
  it('tied at the distance that a tension needs, the loop arrives at just that tension', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 5000, noNaN: true }),
        (tension) =>
          Math.abs(
            tensionWhenLoopArrivesN(line, bare.value(takeUp(bare, inputs(tension)))!) - tension,
          ) < 1e-6,
      ),
    );
  });
  it('tied nearer than the slack, it arrives with nothing in the line', () =>
    expect(tensionWhenLoopArrivesN(line, 0.02)).toBe(0));
});

describe('wraps', () => {
  const value = (w: {
    least: ReturnType<typeof traced.given>;
    greatest: ReturnType<typeof traced.given>;
  }) => [w.least.value!, w.greatest.value!];
  it('capstan: every half turn leaves its efficiency, exactly', () => {
    for (const round of Object.keys(PASS_KINDS) as PassKind[]) {
      for (const halves of [1, 2, 5]) {
        const [least, greatest] = value(
          tailForce(traced, { loadN: 1000, angleRad: halves * Math.PI, round }),
        );
        expect(least).toBeCloseTo(1000 * PASS_KINDS[round].least ** halves, 8);
        expect(greatest).toBeCloseTo(1000 * PASS_KINDS[round].most ** halves, 8);
      }
    }
  });
  it('a coefficient of 0.25 is a half turn that leaves 0.456', () =>
    expect(frictionOfHalfTurn(Math.exp(-0.25 * Math.PI))).toBeCloseTo(0.25, 12));
  it('turns wanted hold the load, and a quarter less does not', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 20_000, noNaN: true }),
        fc.double({ min: 20, max: 250, noNaN: true }),
        fc.constantFrom<PassKind>('ring', 'post', 'rope-loop'),
        (loadN, handN, round) => {
          const turns = turnsWanted(loadN, handN, round);
          if (!turns.ok) return false;
          const tail = (n: number): number =>
            value(tailForce(traced, { loadN, angleRad: 2 * Math.PI * n, round }))[1]!;
          return (
            tail(turns.value) <= handN * (1 + 1e-6) &&
            (turns.value === 0 || tail(turns.value - 0.25) > handN * (1 - 1e-6))
          );
        },
      ),
    );
  });
  it('three to four wraps round a post hold a strong pull by next to nothing: why a wrap hitch keeps all strength', () => {
    expect(
      value(tailForce(traced, { loadN: 10_000, angleRad: 3.5 * 2 * Math.PI, round: 'post' }))[1],
    ).toBeLessThan(100);
  });
  it('nothing held is refused', () =>
    expect(turnsWanted(1000, 0, 'post')).toMatchObject({
      ok: false,
      issues: [{ code: 'wraps-no-hand' }],
    }));
});
