/** How a load is changed: units that come and go, take another shape, or are held somewhere. */
import { freshId } from '../../ids';
import type { Plan } from '../plan';
import type { RoutePoint } from '../schema';
import type { UnitShapeId } from '../vocabulary';
import { unitName } from './describe';
import { fromMiddle, placeUnits } from './placed';
import type { LoadUnit } from './schema';

/** A new unit like another: behind it on the deck, or on top of it. */
export function anotherUnit(
  unit: LoadUnit,
  load: readonly LoadUnit[],
  where: 'behind' | 'on',
): LoadUnit {
  const id = freshId('u', load);
  const rear = Math.max(...load.map((u) => u.fromFrontM + u.lengthM));
  return {
    ...unit,
    id,
    name: `${unitName(unit).replace(/ \d+$/, '')} ${load.length + 1}`.slice(0, 80),
    against: [],
    ...(where === 'on'
      ? { on: { kind: 'unit', unitId: unit.id } }
      : { on: { kind: 'deck' }, fromFrontM: Math.min(60, rear) }),
  };
}

/** The plan without a unit: what stood on it stands on what it stood on, and lines no longer name it. */
export function withoutUnit(plan: Plan, id: string): Plan {
  const gone = plan.units.find((u) => u.id === id);
  if (!gone || plan.units.length < 2) return plan;
  return {
    ...plan,
    units: plan.units
      .filter((u) => u.id !== id)
      .map((u) => (u.on.kind === 'unit' && u.on.unitId === id ? { ...u, on: gone.on } : u)),
    lines: plan.lines.map((l) => ({
      ...l,
      units: l.units.filter((u) => u !== id),
      points: l.points.filter((p) => p.unitId !== id),
    })),
  };
}

/** Units of a table beside those that are there, under ids of their own, or instead of them; lines keep what is still there. */
export function withUnits(plan: Plan, read: readonly LoadUnit[], how: 'beside' | 'instead'): Plan {
  const kept = how === 'beside' ? plan.units : [];
  const ids = new Map<string, string>();
  for (const u of read)
    ids.set(u.id, freshId('u', [...kept, ...[...ids.values()].map((id) => ({ id }))]));
  const units = [
    ...kept,
    ...read.map((u): LoadUnit => ({
      ...u,
      id: ids.get(u.id)!,
      on: u.on.kind === 'unit' ? { kind: 'unit', unitId: ids.get(u.on.unitId)! } : u.on,
    })),
  ];
  const there = (id: string): boolean => kept.some((u) => u.id === id);
  return {
    ...plan,
    units,
    lines: plan.lines.map((l) => ({
      ...l,
      units: l.units.filter(there),
      points: l.points.filter((p) => there(p.unitId)),
    })),
  };
}

/** A unit of another shape: a cylinder takes its diameter from its width. */
export function shapedAs(unit: LoadUnit, kind: UnitShapeId): Partial<LoadUnit> {
  switch (kind) {
    case 'cylinder-upright':
      return { shape: { kind }, lengthM: unit.widthM };
    case 'cylinder-lying':
      return { shape: { kind, axis: 'length', chocks: null }, heightM: unit.widthM };
    default:
      return { shape: { kind } };
  }
}

/** What a unit may stand on: the deck, or any other that does not stand on it in turn. */
export function carriersFor(unit: LoadUnit, load: readonly LoadUnit[]): LoadUnit[] {
  const standsOn = (u: LoadUnit | undefined, depth: number): boolean =>
    u !== undefined &&
    depth < load.length &&
    u.on.kind === 'unit' &&
    (u.on.unitId === unit.id ||
      standsOn(
        load.find((x) => u.on.kind === 'unit' && x.id === u.on.unitId),
        depth + 1,
      ));
  return load.filter((u) => u.id !== unit.id && !standsOn(u, 0));
}

/** A place on a unit to begin with: the middle of its front, half way up, where it stands. */
export function middleOfFront(unit: LoadUnit, load: readonly LoadUnit[]): RoutePoint {
  const placed = placeUnits(load).find((p) => p.unit.id === unit.id)!;
  const { x, y } = fromMiddle(placed, { x: unit.lengthM / 2, y: 0 });
  return {
    unitId: unit.id,
    fromFrontM: Math.max(0, -x),
    fromCentreM: y,
    heightM: (placed.baseM + placed.topM) / 2,
  };
}
