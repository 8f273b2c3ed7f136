import { describe, expect, it } from 'vitest';
import { parsePlan, type Plan } from '../plan';
import { placeUnits } from '../load/placed';
import { makeSeveral } from '../../../../tests/verdict/search/make-several';
import { randomOf } from '../../../../tests/verdict/search/random';
import { planOf, unitBody } from '../../../../tests/support/units';
import {
  movedUnit,
  sizedUnit,
  snappedStep,
  standingOn,
  turnedUnit,
  underneath,
  withWhatItCarries,
} from './edits';

const unit = (plan: Plan, id: string) => plan.units.find((u) => u.id === id)!;
const stack = (more: Record<string, unknown> = {}): Plan =>
  planOf([
    unitBody('low', { fromFrontM: 2, ...more }),
    unitBody('top', { fromFrontM: 2, on: { kind: 'unit', unitId: 'low' } }),
    unitBody('other', { fromFrontM: 5 }),
  ]);

describe('what is moved by hand', () => {
  it('takes what stands on it along, and leaves the rest', () => {
    expect([...withWhatItCarries('low', stack().units)].toSorted()).toEqual(['low', 'top']);
    const moved = movedUnit(stack(), 'low', { x: 0.5, y: -0.2 });
    expect([unit(moved, 'low').fromFrontM, unit(moved, 'low').fromCentreM]).toEqual([1.5, -0.2]);
    expect([unit(moved, 'top').fromFrontM, unit(moved, 'top').fromCentreM]).toEqual([1.5, -0.2]);
    expect(unit(moved, 'other')).toBe(unit(stack(), 'other') && moved.units[2]);
    expect(unit(moved, 'other').fromFrontM).toBe(5);
  });
  it('stops at the front edge, all of it together', () => {
    const moved = movedUnit(stack(), 'low', { x: 9, y: 0 });
    expect([unit(moved, 'low').fromFrontM, unit(moved, 'top').fromFrontM]).toEqual([0, 0]);
  });
  it('leaves the board it stood against: what is said to hold it there holds it no longer', () => {
    const blocked = planOf([unitBody('a', { fromFrontM: 0, against: ['forward', 'left'] })]);
    const plan = { ...blocked, deck: { ...blocked.deck, widthM: 1 } };
    expect(unit(movedUnit(plan, 'a', { x: -0.03, y: 0 }), 'a').against).toEqual([
      'forward',
      'left',
    ]);
    expect(unit(movedUnit(plan, 'a', { x: -0.3, y: 0 }), 'a').against).toEqual(['left']);
    expect(unit(turnedUnit(plan, 'a', Math.PI / 8), 'a').against).toEqual(['forward', 'left']);
    expect(unit(sizedUnit(plan, 'a', 'front', 0.5), 'a').against).toEqual(['left']);
  });
  it('is stopped by edges and by what stands there, else at whole centimetres', () => {
    const plan = stack();
    const step = snappedStep(plan, 'other', { x: 2.04, y: 0.0372 }, 0.1);
    expect(step.x).toBeCloseTo(2, 9);
    expect(step.y).toBeCloseTo(0, 9);
    const free = snappedStep(plan, 'other', { x: -3.3333, y: 1.2345 }, 0.05);
    expect(free.x).toBeCloseTo(-3.33, 9);
    expect(free.y).toBeCloseTo(1.23, 9);
  });
});

describe('points of a route on what is moved', () => {
  const points = [
    { unitId: 'low', fromFrontM: 2.5, fromCentreM: 0.5, heightM: 1 },
    { unitId: 'low', fromFrontM: 2.5, fromCentreM: -0.5, heightM: 1 },
  ];
  const plan = planOf(
    [unitBody('low', { fromFrontM: 2 }), unitBody('other', { fromFrontM: 5 })],
    [
      {
        id: 'l',
        name: 'l',
        kind: 'over',
        units: ['low'],
        points,
        elements: [],
      },
    ],
  );
  const [line] = plan.lines;
  it('keep their place on it: moved, turned by a quarter, made larger, put on another', () => {
    const at = (p: Plan) => p.lines[0]!.points.map((q) => [q.fromFrontM, q.fromCentreM, q.heightM]);
    expect(at(movedUnit(plan, 'low', { x: -1, y: 0.25 }))).toEqual([
      [3.5, 0.75, 1],
      [3.5, -0.25, 1],
    ]);
    // Against the clock as seen from above: what was at the left is at the rear.
    expect(at(turnedUnit(plan, 'low', Math.PI / 2))).toEqual([
      [3, 0, 1],
      [2, 0, 1],
    ]);
    expect(at(sizedUnit(plan, 'low', 'top', 1.4))).toEqual([
      [2.5, 0.5, 1.4],
      [2.5, -0.5, 1.4],
    ]);
    expect(at(sizedUnit(plan, 'low', 'left', 2))).toEqual([
      [2.5, 1.5, 1],
      [2.5, -0.5, 1],
    ]);
    expect(at(standingOn(plan, 'low', 'other'))).toEqual([
      [2.5, 0.5, 2],
      [2.5, -0.5, 2],
    ]);
    expect(movedUnit(plan, 'other', { x: 0.5, y: 0 }).lines[0]).toBe(line);
  });
});

describe('what is sized and stacked by hand', () => {
  it('stays where it is on the other side, also when it is turned', () => {
    const far = (plan: Plan) => placeUnits(plan.units)[0]!.outline;
    const plan = turnedUnit(stack(), 'low', 0.3);
    const before = far(plan);
    const after = far(sizedUnit(plan, 'low', 'front', 1.7));
    // Corners of the rear side: the second and the third.
    for (const i of [1, 2]) {
      expect(after[i]!.x).toBeCloseTo(before[i]!.x, 3);
      expect(after[i]!.y).toBeCloseTo(before[i]!.y, 3);
    }
  });
  it('stays round, and no smaller than where its weight is said to be', () => {
    const drum = planOf([
      unitBody('d', { shape: { kind: 'cylinder-lying', axis: 'length' }, cgLeftM: 0.2 }),
    ]);
    expect(unit(sizedUnit(drum, 'd', 'top', 1.3), 'd')).toMatchObject({
      heightM: 1.3,
      widthM: 1.3,
      lengthM: 1,
    });
    expect(unit(sizedUnit(drum, 'd', 'top', 0.1), 'd')).toMatchObject({
      heightM: 0.4,
      widthM: 0.4,
    });
  });
  it('stands on what its middle is over, the topmost; never on what it carries, nor on a round back', () => {
    const plan = movedUnit(stack(), 'other', { x: 2.6, y: 0 });
    expect(underneath(plan, 'other')).toBe('top');
    expect(underneath(plan, 'low')).toBe('other');
    expect(underneath(stack(), 'low')).toBeNull();
    expect(standingOn(stack(), 'low', 'top')).toEqual(stack());
    const put = standingOn(plan, 'other', 'top');
    expect(placeUnits(put.units)[2]!.baseM).toBe(2);
  });
});

describe('random edits of random decks', () => {
  it('every one leaves a plan that can be read', () => {
    const r = randomOf(20_261_129);
    let edits = 0;
    for (let i = 0; i < 150; i++) {
      const parsed = parsePlan(makeSeveral(r, ['eu-road', 'us-light']));
      if (!parsed.ok) continue;
      let plan = parsed.value;
      for (let k = 0; k < 6; k++) {
        const { id } = r.pick(plan.units);
        const by = { x: r.between(-8, 8), y: r.between(-8, 8) };
        plan = r.pick([
          (p: Plan) => movedUnit(p, id, by),
          (p: Plan) => movedUnit(p, id, snappedStep(p, id, by, 0.2)),
          (p: Plan) => turnedUnit(p, id, r.between(-4, 4)),
          (p: Plan) =>
            sizedUnit(p, id, r.pick(['front', 'rear', 'left', 'right', 'top']), r.between(-1, 5)),
          (p: Plan) => standingOn(p, id, underneath(p, id)),
        ])(plan);
        expect(parsePlan(plan)).toMatchObject({ ok: true });
        edits += 1;
      }
    }
    expect(edits).toBeGreaterThan(300);
  });
});
