import { describe, expect, it } from 'vitest';
import { METRIC } from '@/core/units';
import type { Plan } from '@/core/securement/plan';
import { stopsInWords } from '@/core/securement/stage/ends';
import { layOut } from '@/core/securement/stage/layout';
import { NOT_JUDGED } from '@/core/securement/stage/not-judged';
import { sceneOf } from '@/core/securement/stage/scene';
import type { StageSide } from '@/core/securement/stage/view';
import { planOf, ringBody, unitBody } from '../../../tests/support/units';
import { dragged, type Grip, readingsOf } from './grips';

const RINGS = [
  ringBody('L1', 2.5, 1.4),
  ringBody('R1', 2.5, -1.4),
  ringBody('L2', 6, 1.4),
  ringBody('R2', 6, -1.4),
];
const begin = (): Plan =>
  planOf(
    [unitBody('a', { fromFrontM: 2 }), unitBody('b', { fromFrontM: 5.5, heightM: 0.6 })],
    [],
    RINGS,
    { deck: { name: 'deck', lengthM: 8, widthM: 3, anchors: RINGS } },
  );
const laidOut = (plan: Plan, side: StageSide) =>
  layOut(sceneOf(plan, NOT_JUDGED), side, { width: 352, height: 530 });

/** A drag from one place of the deck to another, as a hand sees it: x forward, y left, m. */
function drag(
  plan: Plan,
  grip: Grip,
  from: [number, number],
  to: [number, number],
  side: StageSide = 'rear',
): Plan {
  const layout = laidOut(plan, side);
  const at = ([x, y]: [number, number]) => layout.plan({ x, y });
  return dragged(plan, grip, { from: at(from), to: at(to) }, layout, 'rope');
}

describe('a drag on the deck', () => {
  it.each(['rear', 'side'] as const)('moves a unit the way the hand goes (%s)', (side) => {
    const moved = drag(
      begin(),
      { kind: 'unit', id: 'a', picture: 'plan' },
      [-2.5, 0],
      [-3.2, 0.6],
      side,
    );
    expect(moved.units[0]!.fromFrontM).toBeCloseTo(2.7, 2);
    expect(moved.units[0]!.fromCentreM).toBeCloseTo(0.6, 2);
  });
  it('stacks what is dropped on another, and puts it on the deck again beside it', () => {
    const unit: Grip = { kind: 'unit', id: 'b', picture: 'plan' };
    const stacked = drag(begin(), unit, [-6, 0], [-2.6, 0]);
    expect(stacked.units[1]!.on).toEqual({ kind: 'unit', unitId: 'a' });
    expect(drag(stacked, unit, [-2.6, 0], [-6, 0]).units[1]!.on).toEqual({ kind: 'deck' });
  });
  it('in the elevation goes sideways only, and its top makes it higher', () => {
    const layout = laidOut(begin(), 'rear');
    const [x, y] = layout.elevation({ x: -2.5, y: 0, z: 0.5 });
    const aside = dragged(
      begin(),
      { kind: 'unit', id: 'a', picture: 'elevation' },
      { from: [x, y], to: [x - 0.4 * layout.perM, y - 50] },
      layout,
      'rope',
    );
    expect(aside.units[0]).toMatchObject({ fromFrontM: 2, on: { kind: 'deck' } });
    expect(aside.units[0]!.fromCentreM).toBeCloseTo(0.4, 2);
    const top = layout.elevation({ x: -2.5, y: 0, z: 1.5 });
    const higher = dragged(
      begin(),
      { kind: 'size', id: 'a', side: 'top' },
      { from: [x, y], to: top },
      layout,
      'rope',
    );
    expect(higher.units[0]!.heightM).toBeCloseTo(1.5, 2);
  });
  it('turns a unit by the knob before it: a quarter to the left, caught at whole quarters', () => {
    const turned = drag(begin(), { kind: 'turn', id: 'a' }, [-1.5, 0], [-2.52, 1]);
    expect(turned.units[0]!.turnRad).toBeCloseTo(Math.PI / 2, 5);
  });
  it('from ring to ring is a line over what lies between, to a unit one made fast to it, to nothing none', () => {
    const from: Grip = { kind: 'anchor', id: 'L1' };
    const over = drag(begin(), from, [-2.5, 1.4], [-2.5, -1.35]);
    expect(over.lines.map((l) => [stopsInWords(l), l.kind, l.units])).toEqual([
      ['L1 to R1', 'over', ['a']],
    ]);
    const direct = drag(begin(), from, [-2.5, 1.4], [-2.5, 0.4]);
    expect(direct.lines[0]).toMatchObject({ kind: 'direct', units: ['a'] });
    const none = begin();
    expect(drag(none, from, [-2.5, 1.4], [-4, 0.9])).toBe(none);
    const line = over.lines[0]!;
    const led = drag(over, { kind: 'end', id: line.id, end: 'last' }, [-2.5, -1.4], [-6, -1.38]);
    expect(stopsInWords(led.lines[0]!)).toBe('L1 to R2');
    const bent = drag(
      over,
      { kind: 'bend', id: line.id, index: 1, picture: 'plan' },
      [-2.5, -0.5],
      [-2.8, -0.9],
    );
    expect(bent.lines[0]!.points[1]).toMatchObject({
      fromFrontM: expect.closeTo(2.8, 2) as number,
      fromCentreM: -0.5,
      heightM: 1,
    });
    expect(
      readingsOf(
        { kind: 'end', id: line.id, end: 'last' },
        sceneOf(led, NOT_JUDGED, true),
        METRIC,
      )[0],
    ).toBe('line 1');
  });
});
