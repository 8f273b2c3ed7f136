import { describe, expect, it } from 'vitest';
import { demoPlan } from '../../../../tests/support/demo';
import { lineBody, planOf, ringBody, unitBody } from '../../../../tests/support/units';
import { assess } from '../assess';
import { LOCKER_NOT_ASKED } from '../locker-word';
import type { Plan } from '../plan';
import { movedUnit } from './edits';
import { layOut } from './layout';
import { clearances, legReadings } from './readings';
import { sceneOf } from './scene';
import { inPlan, onDeck, STAGE_SIDES } from './view';

const judged = (plan: Plan) => assess(plan, LOCKER_NOT_ASKED);
const sceneOfPlan = (plan: Plan) => sceneOf(plan, judged(plan));
const codes = (plan: Plan): string[] => sceneOfPlan(plan).faults.map((f) => f.code);
const rings = (x: number) => [ringBody('L', x, 1.2), ringBody('R', x, -1.2)];

describe('what is wrong is found where it is', () => {
  it('two in one place, over the edge, and hardly carried', () => {
    expect(codes(planOf([unitBody('a'), unitBody('b', { fromFrontM: 0.5 })]))).toEqual([
      'units-overlap',
    ]);
    const over = planOf([unitBody('a', { fromFrontM: 1, fromCentreM: 2.8 })]);
    const [hangs] = sceneOfPlan(over).faults;
    expect(hangs).toMatchObject({ code: 'hangs-over', unitId: 'a' });
    expect(hangs?.code === 'hangs-over' && hangs.byM).toBeCloseTo(0.3, 9);
    const stacked = (fromFrontM: number): Plan =>
      planOf([
        unitBody('a', { fromFrontM: 2 }),
        unitBody('b', { fromFrontM, on: { kind: 'unit', unitId: 'a' } }),
      ]);
    expect(codes(stacked(2.4))).toEqual([]);
    expect(codes(stacked(2.6))).toEqual(['stands-on-little']);
  });
  it('a line through a unit it does not name, a flat leg, an anchor that nobody read', () => {
    const low = planOf(
      [unitBody('a', { fromFrontM: 1 })],
      [lineBody('l', ['L', 'R'], ['a'])],
      [ringBody('L', 1.5, 2.8), ringBody('R', 1.5, -0.9)],
    );
    // One metre up over 2.3 m aside: 23.5° by hand; the other side 68.2°.
    const [flat] = sceneOfPlan(low).faults;
    expect(flat?.code === 'leg-flat' && (flat.alphaRad * 180) / Math.PI).toBeCloseTo(23.5, 1);
    const through = planOf(
      [unitBody('a', { fromFrontM: 1 }), unitBody('b', { fromFrontM: 1, fromCentreM: 1.2 })],
      [lineBody('l', ['L', 'R'], ['a'])],
      [ringBody('L', 1.5, 1.8), ringBody('R', 1.5, -0.9)],
    );
    expect(codes(through)).toContain('runs-through');
    expect(judged(through).findings.map((f) => f.code)).toContain('line-through-unit');
    expect(codes(demoPlan('carousel-crate'))).toEqual(['anchor-not-read']);
  });
});

describe('the line to look at first', () => {
  const weakest = (plan: Plan): string | undefined =>
    sceneOfPlan(plan).lines.find((l) => l.weakest)?.name;
  it('is the one the verdict speaks of', () => {
    const crate = demoPlan('carousel-crate');
    expect(judged(crate).verdict).toBe('cannot-say');
    expect(weakest(crate)).toBe('Round the front, rearward');
  });
  it('of several articles one that holds the one that falls short; its weak place lies on the deck', () => {
    const fair = demoPlan('fair-flatbed');
    const scene = sceneOfPlan(fair);
    const line = scene.lines.find((l) => l.weakest)!;
    const over = fair.lines.find((l) => l.id === line.id)!.units;
    const names = fair.units.filter((u) => over.includes(u.id)).map((u) => u.name);
    const short = judged(fair).rows.filter((r) => r.verdict === 'short');
    expect(short.flatMap((r) => r.of!.split(' + ')).filter((n) => names.includes(n))).not.toEqual(
      [],
    );
    expect(line.weak!.at).not.toBeNull();
  });
});

describe('how a load gives way', () => {
  const free = (more: Record<string, unknown>): Plan =>
    planOf([unitBody('a', { fromFrontM: 5, ...more })]);
  it('slides by an arrow from its face; a tall one tips over its edge', () => {
    expect(sceneOfPlan(free({})).motion).toMatchObject({
      kind: 'slides',
      unitId: 'a',
      arrow: [{ x: -5, y: 0 }, { x: -4.65 }],
    });
    const tall = free({
      heightM: 3,
      cgHeightM: 1.5,
      friction: { known: 'entered', mu: 1.2 },
      lengthM: 0.6,
    });
    expect(sceneOfPlan(tall).motion).toMatchObject({
      kind: 'tips',
      edge: [
        { x: -5, y: 0.5, z: 0 },
        { x: -5, y: -0.5, z: 0 },
      ],
    });
  });
  it('is not said of what has moved since it was judged, nor of what holds', () => {
    const plan = free({});
    expect(sceneOf(movedUnit(plan, 'a', { x: 1, y: 0 }), judged(plan), true).motion).toBeNull();
    expect(sceneOfPlan(demoPlan('apple-bins')).motion).toBeNull();
  });
});

describe('readings while something is dragged', () => {
  it('gaps to what is next on each side, or to the edge', () => {
    const plan = planOf([
      unitBody('a', { fromFrontM: 2 }),
      unitBody('b', { fromFrontM: 3.4, fromCentreM: 0.3 }),
      unitBody('c', { fromFrontM: 2, on: { kind: 'unit', unitId: 'b' } }),
    ]);
    const { load } = sceneOfPlan(plan);
    expect(clearances(load[0]!, load, plan.deck)).toEqual([
      { direction: 'forward', unitId: null, gapM: 2 },
      { direction: 'rearward', unitId: 'b', gapM: expect.closeTo(0.4, 9) },
      { direction: 'left', unitId: null, gapM: 2.5 },
      { direction: 'right', unitId: null, gapM: 2.5 },
    ]);
  });
  it('angle and length of each leg: three up and four aside are five long at 36.9°', () => {
    const plan = planOf(
      [unitBody('a', { fromFrontM: 1, heightM: 3 })],
      [lineBody('l', ['L', 'R'], ['a'])],
      [ringBody('L', 1.5, 4.5), ringBody('R', 1.5, -4.5)],
    );
    const [leg] = legReadings(sceneOfPlan(plan).lines[0]!.legs);
    expect(leg!.lengthM).toBeCloseTo(5, 9);
    expect((leg!.alphaRad * 180) / Math.PI).toBeCloseTo(36.87, 2);
  });
});

describe('the picture', () => {
  it('has forward up beside the view from behind, and to the left beside the view from the left side', () => {
    expect(inPlan('rear', { x: 1, y: 0 })).toEqual({ u: -0, v: -1 });
    expect(inPlan('rear', { x: 0, y: 1 }).u).toBe(-1);
    expect(inPlan('side', { x: 1, y: 0 }).u).toBe(-1);
    // Seen with forward to the left, the vehicle's left side lies below.
    expect(inPlan('side', { x: 0, y: 1 }).v).toBe(1);
  });
  it('gives each place of the deck back, shares its level axis, and nothing leaves it', () => {
    const scene = sceneOfPlan(demoPlan('fair-flatbed'));
    for (const side of STAGE_SIDES) {
      const layout = layOut(scene, side, { width: 352, height: 530 });
      const spot = { x: -1.2, y: 0.4 };
      expect(onDeck(side, inPlan(side, spot))).toEqual(spot);
      const [x, y] = layout.plan(spot);
      const back = layout.deckAt(x, y);
      expect([back.x, back.y]).toEqual([expect.closeTo(-1.2, 9), expect.closeTo(0.4, 9)]);
      expect(layout.elevation({ ...spot, z: 1 })[0]).toBeCloseTo(x, 9);
      expect(layout.heightAt(layout.elevation({ ...spot, z: 0.7 })[1])).toBeCloseTo(0.7, 9);
      for (const p of scene.load.flatMap((l) => l.outline)) {
        const [px, py] = layout.plan(p);
        expect(px >= 0 && px <= 352 && py >= 0 && py <= layout.splitY).toBe(true);
      }
      expect(layout.height).toBeLessThanOrEqual(530.001);
    }
  });
});

describe('a line that is bent over rings', () => {
  it('draws its way through every corner', () => {
    const scene = sceneOfPlan(
      planOf([unitBody('a', { fromFrontM: 1 })], [lineBody('l', ['L', 'R'], ['a'])], rings(1.5)),
    );
    expect(scene.lines[0]!.way.map((p) => [p.y, p.z])).toEqual([
      [1.2, 0],
      [0.5, 1],
      [-0.5, 1],
      [-1.2, 0],
    ]);
  });
});
