import { describe, expect, it } from 'vitest';
import type { Plan } from '@/core/securement/plan';
import { lineOver } from '@/core/securement/stage/lines';
import { planOf, ringBody, unitBody } from '../../../tests/support/units';
import type { Grip } from './grips';
import { keyedEdit } from './keyed';

const begin = (turnRad = 0): Plan =>
  planOf(
    [unitBody('a', { fromFrontM: 2, turnRad })],
    [],
    [ringBody('L', 2.5, 1.2), ringBody('R', 2.5, -1.2)],
  );
const press = (
  plan: Plan,
  grip: Grip,
  key: string,
  times = 1,
  { shiftKey = false, side = 'rear' as 'rear' | 'side' } = {},
): Plan => {
  let now = plan;
  // As fast as keys come: each step is taken from where things are by then.
  const edit = keyedEdit(grip, { key, shiftKey }, side)!;
  for (let i = 0; i < times; i++) now = edit(now);
  return now;
};
const unit = (plan: Plan) => plan.units[0]!;
const inPlan: Grip = { kind: 'unit', id: 'a', picture: 'plan' };

describe('keys on the deck', () => {
  it('move by 10 and 100 mm as the picture shows it', () => {
    expect(unit(press(begin(), inPlan, 'ArrowUp', 3)).fromFrontM).toBeCloseTo(1.97, 9);
    expect(
      unit(press(begin(), inPlan, 'ArrowLeft', 2, { shiftKey: true })).fromCentreM,
    ).toBeCloseTo(0.2, 9);
    expect(unit(press(begin(), inPlan, 'ArrowLeft', 1, { side: 'side' })).fromFrontM).toBeCloseTo(
      1.99,
      9,
    );
    // From behind heights go up: a unit does not fly.
    const seen: Grip = { kind: 'unit', id: 'a', picture: 'elevation' };
    expect(unit(press(begin(), seen, 'ArrowUp'))).toEqual(unit(begin()));
  });
  it('make larger the way the side looks, smaller the other way, step by step', () => {
    const rear: Grip = { kind: 'size', id: 'a', side: 'rear' };
    const longer = unit(press(begin(), rear, 'ArrowDown', 6, { shiftKey: true }));
    expect([longer.lengthM, longer.fromFrontM]).toEqual([expect.closeTo(1.6, 9), 2]);
    expect(unit(press(begin(), rear, 'ArrowUp', 3)).lengthM).toBeCloseTo(0.97, 9);
    expect(unit(press(begin(), rear, 'ArrowLeft')).lengthM).toBe(1);
    const top: Grip = { kind: 'size', id: 'a', side: 'top' };
    expect(unit(press(begin(), top, 'ArrowUp', 9, { shiftKey: true })).heightM).toBeCloseTo(1.9, 9);
    // Turned by a quarter its front looks to the left.
    const front: Grip = { kind: 'size', id: 'a', side: 'front' };
    expect(unit(press(begin(Math.PI / 2), front, 'ArrowLeft', 5)).lengthM).toBeCloseTo(1.05, 9);
  });
  it('turn, and lead a line along the rim', () => {
    expect(unit(press(begin(), inPlan, 'r', 3)).turnRad).toBeCloseTo(Math.PI / 12, 5);
    const line = lineOver(begin(), 'L', 'R', 'rope')!;
    const plan = { ...begin(), lines: [line] };
    const place: Grip = { kind: 'bend', id: line.id, index: 0, picture: 'plan' };
    const led = press(plan, place, 'ArrowUp', 12).lines[0]!.points[0]!;
    expect([led.fromFrontM, led.fromCentreM, led.heightM]).toEqual([
      expect.closeTo(2.38, 9),
      0.5,
      1,
    ]);
  });
  it('that mean nothing there do nothing', () => {
    expect(keyedEdit(inPlan, { key: 'x', shiftKey: false }, 'rear')).toBeNull();
    expect(
      keyedEdit({ kind: 'anchor', id: 'L' }, { key: 'ArrowUp', shiftKey: false }, 'rear'),
    ).toBeNull();
  });
});
