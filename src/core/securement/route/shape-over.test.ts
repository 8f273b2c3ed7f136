import { describe, expect, it } from 'vitest';
import { placeUnits } from '../load/placed';
import { lineShape } from './shape';
import { demoPlan } from '../../../../tests/support/demo';

const crate = demoPlan('carousel-crate');
const load = placeUnits(crate.units);

describe('geometry of an over-line', () => {
  it('legs of the crate by hand: 1.90 m up, 0.40 m out', () => {
    const shape = lineShape(crate.lines[0]!, load, crate.deck);
    expect(shape.legs[0]!.lengthM).toBeCloseTo(Math.hypot(1.9, 0.4), 12);
    expect(shape.routeLengthM).toBeCloseTo(2 * Math.hypot(1.9, 0.4) + 0.9, 12);
    expect(shape.crosses).toBe(true);
  });
  it('ends on two sides of the vehicle cross; lengthwise or on one side they do not', () => {
    const at = (a: [number, number], b: [number, number]) => {
      const anchors = [a, b].map(([fromFrontM, fromCentreM], i) => ({
        ...crate.deck.anchors[0]!,
        id: `A${i}`,
        fromFrontM,
        fromCentreM,
      }));
      const elements = anchors.map((x, i) => ({
        id: `e${i}`,
        kind: 'anchor' as const,
        at: { on: 'deck' as const, anchorId: x.id },
      }));
      return lineShape({ ...crate.lines[0]!, elements }, load, { ...crate.deck, anchors }).crosses;
    };
    expect(at([1, 0.85], [1, -0.85])).toBe(true);
    expect(at([0.1, 0.1], [2.5, 0.1])).toBe(false);
    expect(at([0.5, 0.85], [1.5, 0.85])).toBeNull();
  });
});
