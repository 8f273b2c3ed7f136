import { describe, expect, it } from 'vitest';
import { lineShape } from './shape';
import { placeUnits } from '../load/placed';
import { demoPlan, judge } from '../../../../tests/support/demo';
import type { Line } from '../schema';

const plan = demoPlan('carousel-crate');
const { deck } = plan;
const load = placeUnits(plan.units);
const entered = (
  extra: Partial<Line>,
  angle: Partial<Extract<Line['angle'], { by: 'entered' }>> = {},
): Line => ({
  ...plan.lines[0]!,
  ...extra,
  angle: {
    by: 'entered',
    alphaRad: Math.PI / 6,
    betaRad: 0,
    restrains: 'forward',
    leans: null,
    ...angle,
  },
});

describe('deck coordinates', () => {
  it('x is forward from the front edge, y left, z up', () =>
    expect(load[0]).toMatchObject({
      box: { front: -0.3, rear: -1.9000000000000001, left: 0.45, right: -0.45 },
      baseM: 0,
      topM: 1.9,
    }));
  it('a load off the middle moves the box', () =>
    expect(placeUnits([{ ...plan.units[0]!, fromCentreM: 0.2 }])[0]!.box).toMatchObject({
      left: 0.65,
      right: -0.25,
    }));
});

describe('a line round the front of the load', () => {
  const shape = lineShape(plan.lines[2]!, load, deck);
  it('pulls rearward and down on both sides, by hand: 2.7 m back, 0.85 m out, 1.2 m down', () => {
    const length = Math.hypot(2.7, 0.85, 1.2);
    for (const leg of shape.legs) {
      expect(leg.lengthM).toBeCloseTo(length, 12);
      expect(leg.sinAlpha).toBeCloseTo(1.2 / length, 12);
      expect(leg.forward).toBeCloseTo(-2.7 / Math.hypot(2.7, 0.85), 12);
    }
    expect(shape.legs[0]!.left).toBeCloseTo(-shape.legs[1]!.left, 12);
    expect(shape.routeLengthM).toBeCloseTo(2 * length, 12);
    // Round the front from one side of the vehicle to the other.
    expect(shape.crosses).toBe(true);
  });
  it('a direct line has one leg; with both ends on the deck it does not hold the load', () => {
    const lug = {
      id: 'b',
      kind: 'anchor' as const,
      at: {
        on: 'own' as const,
        name: 'lug',
        rating: { state: 'unrated' as const },
        barDiameterM: null,
        surface: 'metal' as const,
      },
    };
    const elements = plan.lines[2]!.elements.map((e) => (e.id === 'b' ? lug : e));
    expect(
      lineShape({ ...plan.lines[2]!, kind: 'direct', elements }, load, deck).legs,
    ).toHaveLength(1);
    expect(lineShape({ ...plan.lines[2]!, kind: 'direct' }, load, deck)).toMatchObject({
      legs: [],
      problem: 'direct-not-at-load',
    });
  });
  it('without a point on the load nothing is known', () =>
    expect(lineShape({ ...plan.lines[2]!, points: [] }, load, deck).legs).toEqual([]));
});

describe('entered angles', () => {
  it('a direct line that restrains forward pulls rearward', () => {
    const [leg] = lineShape(entered({ kind: 'direct' }), load, deck).legs;
    expect(leg!.forward).toBe(-1);
    expect(leg!.left).toBeCloseTo(0, 12);
    expect(leg!.sinAlpha).toBeCloseTo(0.5, 12);
  });
  it.each([
    ['rearward', [1, 0]],
    ['left', [0, -1]],
    ['right', [0, 1]],
  ] as const)('%s', (restrains, [f, l]) => {
    const [leg] = lineShape(entered({ kind: 'direct' }, { restrains }), load, deck).legs;
    expect(leg!.forward).toBeCloseTo(f, 12);
    expect(leg!.left).toBeCloseTo(l, 12);
  });
  it('β takes its cosine from the restrained direction', () => {
    const [leg] = lineShape(
      entered({ kind: 'direct' }, { betaRad: Math.PI / 3, leans: 'left' }),
      load,
      deck,
    ).legs;
    expect(leg!.forward).toBeCloseTo(-0.5, 12);
    expect(leg!.left).toBeCloseTo(Math.sin(Math.PI / 3), 12);
    // β has a side: nobody knows which, so nothing is credited.
    expect(
      lineShape(entered({ kind: 'direct' }, { betaRad: Math.PI / 3 }), load, deck),
    ).toMatchObject({ legs: [], problem: 'lean-unknown' });
  });
  it('an over-line has two legs that cancel in plan; a loop has two that agree', () => {
    const over = lineShape(entered({ kind: 'over' }), load, deck).legs;
    expect(over[0]!.forward + over[1]!.forward).toBeCloseTo(0, 12);
    const loop = lineShape(entered({ kind: 'loop' }), load, deck).legs;
    expect(loop[0]!.forward).toBe(loop[1]!.forward);
  });
  it('the route is what was entered, else unknown, and then no kept tension is claimed', () => {
    expect(lineShape(entered({ routeLengthM: 4.2 }), load, deck).routeLengthM).toBe(4.2);
    expect(judge({ ...plan, lines: [entered({})] }).lines[0]!.tension.kept.value).toBeNull();
  });
});

describe('degenerate shapes', () => {
  it('an anchor in the very place of the edge gives a leg of no length and no force, not a fault', () => {
    const anchors = [{ ...deck.anchors[0]!, id: 'Z', fromFrontM: 0.3, fromCentreM: 0 }];
    const line: Line = {
      ...plan.lines[2]!,
      kind: 'direct',
      points: [{ unitId: 'load', fromFrontM: 0.3, fromCentreM: 0, heightM: 0 }],
      elements: [{ id: 'a', kind: 'anchor', at: { on: 'deck', anchorId: 'Z' } }],
    };
    expect(lineShape(line, load, { ...deck, anchors }).legs[0]).toMatchObject({
      lengthM: 0,
      sinAlpha: 0,
      forward: 0,
      left: 0,
    });
  });
  it('an anchor that is not on the deck leaves the line unplaced', () => {
    const elements = plan.lines[0]!.elements.map((e) =>
      e.kind === 'anchor' ? { ...e, at: { on: 'deck' as const, anchorId: 'nowhere' } } : e,
    );
    expect(lineShape({ ...plan.lines[0]!, elements }, load, deck).legs).toEqual([]);
    expect(
      judge({ ...plan, lines: [{ ...plan.lines[0]!, elements }] }).findings.map((f) => f.code),
    ).toContain('anchor-missing');
  });
});
