/** Three figures of the line. Source: handbook of the trade (tension method; stretch from unfactored breaking strength), exact for the values given. */
import { describe, expect, it } from 'vitest';
import { lineTension } from '@/core/line/tension';
import { haulingRatioOf } from '@/core/tackle/truckers';
import { truckersRigging } from '@/core/tackle/family';
import { handTurn, riggingForces } from '@/core/tackle/rigging';
import { bare } from '@/core/working/working';
import { elementsOf, ownAnchor } from '../support/lines';

describe('formulas outside whose conditions nothing is said', () => {
  it('unlabelled 12 mm polyester, 2 m route, slip loop, slip 10 mm: kept 128.9 N', () => {
    const elements = elementsOf([
      ownAnchor(5000),
      { kind: 'knot', knot: 'bowline' },
      { kind: 'rope', rope: { material: 'polyester', diameterM: '12 mm', condition: 'new' } },
      { kind: 'truckers', loop: 'slip-loop', slipM: '10 mm' },
      { kind: 'lock', knot: 'two-half-hitches' },
      ownAnchor(5000),
    ]);
    const tension = lineTension(bare, elements, {
      routeLengthM: 2,
      settling: 0,
      enteredPretensionN: null,
    });
    expect(tension.kept).toBeCloseTo(128.9, 1);
    // By hand: EA = 0.2 · 2,270 kgf · 9.80665 / 0.04, k₁ = EA/1.7, k₂ = EA/0.3, T₁ = 450, H = 250, d = 0.01.
    const EA = (0.2 * 2270 * 9.80665) / 0.04;
    const [k1, k2] = [EA / 1.7, EA / 0.3];
    expect(tension.kept).toBeCloseTo(450 - (k1 * (250 + k2 * 0.01)) / (k1 + 2 * k2), 9);
  });
  it('a label that is forgotten never raises the pretension that counts, up to half again over the table', () => {
    const pretension = (mbs: string | null): number =>
      lineTension(
        bare,
        elementsOf([
          ownAnchor(5000),
          { kind: 'knot', knot: 'bowline' },
          {
            kind: 'rope',
            rope: {
              material: 'polyester',
              diameterM: '12 mm',
              condition: 'new',
              ...(mbs === null ? {} : { mbsN: mbs }),
            },
          },
          { kind: 'truckers', loop: 'slip-loop', slipM: '5 mm' },
          { kind: 'lock', knot: 'two-half-hitches' },
          ownAnchor(5000),
        ]),
        { routeLengthM: 2, settling: 0, enteredPretensionN: null },
      ).pretension!;
    for (const mbs of ['9 kN', '20 kN', '24 kN', '30 kN', '33 kN'])
      expect(pretension(null)).toBeLessThan(pretension(mbs));
    expect(pretension(null)).toBeGreaterThan(0);
  });
  it('a round turn in the loop, hand square to the line: 0.5^2.5 · 1.6 = 0.283, not a shrunk 540°', () => {
    const pull = {
      form: 'single',
      inLoop: 'rope-loop',
      roundAnchor: 'ring',
      loopEfficiency: 0.5,
      anchorEfficiency: 0.6,
      handAngleRad: Math.PI / 2,
      passes: 2,
    } as const;
    expect(haulingRatioOf(pull)).toBeCloseTo(0.5 ** 2.5 * 1.6, 12);
    expect(haulingRatioOf(pull)).toBeCloseTo(0.283, 3);
    const general = riggingForces(truckersRigging(pull), 'hauling');
    expect(general.ok && general.value.loadRatio).toBeCloseTo(0.283, 3);
  });
  it('any first turn loses the hand’s angle from its own wrap: e^(−μ·(θ − φ)), and never less than no turn', () => {
    for (const wrap of [0.5, 1, 3, 5])
      for (const phi of [0, 0.7, Math.PI / 2]) {
        expect(Math.exp(-0.2 * wrap) ** handTurn(phi, 1, wrap)).toBeCloseTo(
          Math.exp(-0.2 * Math.max(0, wrap - phi)),
          12,
        );
      }
    expect(handTurn(Math.PI, -1, Math.PI)).toBe(1);
    expect(handTurn(0, -1, Math.PI)).toBe(0);
  });
});
