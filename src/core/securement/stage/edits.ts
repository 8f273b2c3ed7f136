/** Units moved, turned, sized and stacked by hand. What stands on a unit and the points of routes that lie on it go with it. */
import { isAtBoard } from '../load/findings';
import { type Spot, contains } from '../load/outline';
import { fromMiddle, type Placed, placeUnits } from '../load/placed';
import type { LoadUnit } from '../load/schema';
import type { Plan } from '../plan';
import type { Line, RoutePoint } from '../schema';

/** Places are kept to a tenth of a millimetre: sums of steps stay readable. There is no nought below nought. */
const tidy = (m: number): number => Math.round(m * 1e4) / 1e4 + 0;
const clamp = (v: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, v));

/** How far units may lie from the front edge and from the middle of the deck, m; as the schema of a unit has it. */
const FARTHEST_BACK_M = 60;
const FARTHEST_ASIDE_M = 10;

/** A unit and everything that stands on it, directly or not. */
export function withWhatItCarries(id: string, units: readonly LoadUnit[]): ReadonlySet<string> {
  const carried = new Set([id]);
  for (let before = 0; before < carried.size;) {
    before = carried.size;
    for (const u of units) if (u.on.kind === 'unit' && carried.has(u.on.unitId)) carried.add(u.id);
  }
  return carried;
}

/** A point of a route on its unit, where that unit was and where it is. */
function carried(point: RoutePoint, before: Placed, after: Placed): RoutePoint {
  const away = { x: -point.fromFrontM - before.middle.x, y: point.fromCentreM - before.middle.y };
  const back = { middle: { x: 0, y: 0 }, unit: { ...before.unit, turnRad: -before.unit.turnRad } };
  const own = fromMiddle(back, away);
  const [was, is] = [before.unit, after.unit];
  const at = fromMiddle(after, {
    x: (own.x * is.lengthM) / was.lengthM,
    y: (own.y * is.widthM) / was.widthM,
  });
  return {
    unitId: point.unitId,
    fromFrontM: tidy(Math.max(0, -at.x)),
    fromCentreM: tidy(clamp(at.y, -FARTHEST_ASIDE_M, FARTHEST_ASIDE_M)),
    heightM: tidy(after.baseM + ((point.heightM - before.baseM) * is.heightM) / was.heightM),
  };
}

/** A unit that has moved away from a board stands against it no longer, whatever was said of it where it stood. */
function offBoards(placed: Placed, deck: Plan['deck']): LoadUnit {
  const { unit } = placed;
  const against = unit.against.filter((d) => isAtBoard(placed, d, deck));
  return against.length === unit.against.length ? unit : { ...unit, against };
}

/** The plan with other units: points of routes keep their place on the unit they lie on, and boards that are left behind hold nothing. */
function withUnitsMoved(plan: Plan, moved: readonly LoadUnit[]): Plan {
  const units = placeUnits(moved).map((p, i) =>
    p.unit === plan.units[i] ? p.unit : offBoards(p, plan.deck),
  );
  const [before, after] = [plan.units, units].map(
    (load) => new Map(placeUnits(load).map((p) => [p.unit.id, p])),
  ) as [Map<string, Placed>, Map<string, Placed>];
  const same = (a: Placed, b: Placed): boolean => a.unit === b.unit && a.baseM === b.baseM;
  const pointOf = (point: RoutePoint): RoutePoint => {
    const [was, is] = [before.get(point.unitId), after.get(point.unitId)];
    return !was || !is || same(was, is) ? point : carried(point, was, is);
  };
  const lineOf = (line: Line): Line => {
    const points = line.points.map(pointOf);
    return points.every((p, i) => p === line.points[i]) ? line : { ...line, points };
  };
  return { ...plan, units, lines: plan.lines.map(lineOf) };
}

/** A unit, and what it carries, moved on the deck: `by` m forward and to the left. It stops where a plan has no more room for it. */
export function movedUnit(plan: Plan, id: string, by: Spot): Plan {
  const going = withWhatItCarries(id, plan.units);
  const group = plan.units.filter((u) => going.has(u.id));
  const least = (f: (u: LoadUnit) => number): number => Math.min(...group.map(f));
  const back = clamp(
    -by.x,
    -least((u) => u.fromFrontM),
    least((u) => FARTHEST_BACK_M - u.fromFrontM),
  );
  const left = clamp(
    by.y,
    -least((u) => FARTHEST_ASIDE_M + u.fromCentreM),
    least((u) => FARTHEST_ASIDE_M - u.fromCentreM),
  );
  if (back === 0 && left === 0) return plan;
  return withUnitsMoved(
    plan,
    plan.units.map((u) =>
      going.has(u.id)
        ? {
            ...u,
            fromFrontM: tidy(u.fromFrontM + back),
            fromCentreM: tidy(u.fromCentreM + left),
          }
        : u,
    ),
  );
}

const wholeTurn = (rad: number): number => Math.atan2(Math.sin(rad), Math.cos(rad));

/** A unit, and what it carries, turned about the vertical through its middle, seen from above against the clock. */
export function turnedUnit(plan: Plan, id: string, byRad: number): Plan {
  const going = withWhatItCarries(id, plan.units);
  const load = placeUnits(plan.units);
  const pivot = load.find((p) => p.unit.id === id)?.middle;
  if (!pivot || byRad === 0) return plan;
  const [cos, sin] = [Math.cos(byRad), Math.sin(byRad)];
  const turned = ({ unit, middle }: Placed): LoadUnit => {
    const [dx, dy] = [middle.x - pivot.x, middle.y - pivot.y];
    const at = { x: pivot.x + dx * cos - dy * sin, y: pivot.y + dx * sin + dy * cos };
    return {
      ...unit,
      turnRad: Math.round(wholeTurn(unit.turnRad + byRad) * 1e6) / 1e6,
      fromFrontM: tidy(clamp(-at.x - unit.lengthM / 2, 0, FARTHEST_BACK_M)),
      fromCentreM: tidy(clamp(at.y, -FARTHEST_ASIDE_M, FARTHEST_ASIDE_M)),
    };
  };
  return withUnitsMoved(
    plan,
    load.map((p) => (going.has(p.unit.id) ? turned(p) : p.unit)),
  );
}

/** What of a unit is taken hold of to make it larger or smaller: a side as it stands before it is turned, or its top. */
export type UnitGrip = 'front' | 'rear' | 'left' | 'right' | 'top';

/** Nothing on a deck is smaller, and nothing is larger; m. */
const LEAST_SIZE_M = 0.05;
const MOST_SIZE_M = 60;

type Measures = Pick<LoadUnit, 'lengthM' | 'widthM' | 'heightM'>;

/** Measures of a unit with one of them changed: what is round stays round. */
function measuresWith(unit: LoadUnit, key: keyof Measures, toM: number): Measures {
  const { shape, lengthM, widthM, heightM } = unit;
  const now = { lengthM, widthM, heightM, [key]: toM };
  const round: readonly (keyof Measures)[] =
    shape.kind === 'cylinder-upright'
      ? ['lengthM', 'widthM']
      : shape.kind === 'cylinder-lying'
        ? ['heightM', shape.axis === 'length' ? 'widthM' : 'lengthM']
        : [];
  if (round.includes(key)) for (const other of round) now[other] = toM;
  return now;
}

/** No smaller than lets its centre of gravity, and what chocks touch, lie where somebody said they lie. */
function leastOf(unit: LoadUnit, key: keyof Measures): number {
  const { shape, cgForwardM, cgLeftM } = unit;
  const chocks = shape.kind === 'cylinder-lying' ? shape.chocks : null;
  const ofCg =
    key === 'lengthM' ? Math.abs(cgForwardM ?? 0) : key === 'widthM' ? Math.abs(cgLeftM ?? 0) : 0;
  const round = shape.kind === 'cylinder-upright' || shape.kind === 'cylinder-lying';
  const ofBoth = Math.max(Math.abs(cgForwardM ?? 0), Math.abs(cgLeftM ?? 0));
  return Math.max(LEAST_SIZE_M, 2 * (round ? ofBoth : ofCg), chocks ? 2 * chocks.heightM : 0);
}

/**
 * A unit made larger or smaller by one of its sides, the side across from it staying where it is.
 * @param toM its new measure that way
 */
export function sizedUnit(plan: Plan, id: string, grip: UnitGrip, toM: number): Plan {
  const unit = plan.units.find((u) => u.id === id);
  if (!unit) return plan;
  const key =
    grip === 'top' ? 'heightM' : grip === 'front' || grip === 'rear' ? 'lengthM' : 'widthM';
  const measures = measuresWith(unit, key, tidy(clamp(toM, leastOf(unit, key), MOST_SIZE_M)));
  const grows = measures[key] - unit[key];
  if (grows === 0) return plan;
  const shift =
    grip === 'top'
      ? { x: 0, y: 0 }
      : key === 'lengthM'
        ? { x: (grip === 'front' ? 1 : -1) * (grows / 2), y: 0 }
        : { x: 0, y: (grip === 'left' ? 1 : -1) * (grows / 2) };
  const placed = placeUnits(plan.units).find((p) => p.unit.id === id)!;
  const middle = fromMiddle(placed, shift);
  const sized: LoadUnit = {
    ...unit,
    ...measures,
    fromFrontM: tidy(clamp(-middle.x - measures.lengthM / 2, 0, FARTHEST_BACK_M)),
    fromCentreM: tidy(clamp(middle.y, -FARTHEST_ASIDE_M, FARTHEST_ASIDE_M)),
  };
  return withUnitsMoved(
    plan,
    plan.units.map((u) => (u.id === id ? sized : u)),
  );
}

/** The topmost unit under a unit's middle that could carry it; null: it stands over the bare deck. */
export function underneath(plan: Pick<Plan, 'units'>, id: string): string | null {
  const going = withWhatItCarries(id, plan.units);
  const load = placeUnits(plan.units);
  const middle = load.find((p) => p.unit.id === id)?.middle;
  if (!middle) return null;
  const below = load.filter(
    (p) =>
      !going.has(p.unit.id) &&
      p.unit.shape.kind !== 'cylinder-lying' &&
      contains(p.outline, middle),
  );
  return (
    below.reduce<Placed | null>((a, b) => (a && a.topM >= b.topM ? a : b), null)?.unit.id ?? null
  );
}

/** A unit put on another, or on the deck. */
export function standingOn(plan: Plan, id: string, underId: string | null): Plan {
  const on: LoadUnit['on'] =
    underId === null ? { kind: 'deck' } : { kind: 'unit', unitId: underId };
  const unit = plan.units.find((u) => u.id === id);
  const already =
    unit === undefined || (unit.on.kind === 'unit' ? unit.on.unitId === underId : underId === null);
  if (already || (underId !== null && withWhatItCarries(id, plan.units).has(underId))) return plan;
  return withUnitsMoved(
    plan,
    plan.units.map((u) => (u.id === id ? { ...u, on } : u)),
  );
}

/** Steps of a drag end on whole centimetres. */
const GRID_M = 0.01;

/** The part of a drag one way: to the nearest place worth stopping at, else to the grid. */
function snapped(by: number, stops: readonly number[], withinM: number): number {
  const nearest = stops.reduce<number | null>(
    (a, b) => (a !== null && Math.abs(a - by) <= Math.abs(b - by) ? a : b),
    null,
  );
  return nearest !== null && Math.abs(nearest - by) <= withinM ? nearest : by;
}

/**
 * A drag of a unit, stopped where things meet: at the edges and the middle of the deck and at the faces of other units.
 * @param withinM how near it must come to be stopped
 */
export function snappedStep(plan: Plan, id: string, by: Spot, withinM: number): Spot {
  const going = withWhatItCarries(id, plan.units);
  const load = placeUnits(plan.units);
  const me = load.find((p) => p.unit.id === id);
  if (!me) return by;
  const { front, rear, left, right } = me.box;
  const { lengthM, widthM } = plan.deck;
  const others = load.filter((p) => !going.has(p.unit.id)).map((p) => p.box);
  const grid = (at: number, step: number): number => Math.round((at + step) / GRID_M) * GRID_M - at;
  const alongStops = [
    -front,
    -lengthM - rear,
    ...others.flatMap((o) => [o.rear - front, o.front - rear, o.front - front, o.rear - rear]),
  ];
  const acrossStops = [
    widthM / 2 - left,
    -widthM / 2 - right,
    -(left + right) / 2,
    ...others.flatMap((o) => [o.right - left, o.left - right, o.left - left, o.right - right]),
  ];
  const along = snapped(by.x, alongStops, withinM);
  const across = snapped(by.y, acrossStops, withinM);
  return {
    x: along === by.x ? -grid(me.unit.fromFrontM, -by.x) : along,
    y: across === by.y ? grid(me.unit.fromCentreM, by.y) : across,
  };
}
