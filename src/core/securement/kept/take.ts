/** Plans take decks and loads that are kept, and decks and loads of plans are kept. */
import { freshId } from '../../ids';
import { gapToBoard, isAtBoard } from '../load/findings';
import { placeUnits } from '../load/placed';
import type { LoadUnit } from '../load/schema';
import type { Plan } from '../plan';
import type { KeptAs } from '../schema';
import type { Direction } from '../vocabulary';
import type { KeptDeck, KeptLoad } from './schema';
import { KEPT_DECK_FORMAT, KEPT_LOAD_FORMAT, KEPT_VERSION } from './vocabulary';

/** A gap that has changed by less has not changed, m. */
const SAME_GAP_M = 1e-3;

/**
 * A plan whose deck or units have changed: a unit that no longer reaches a board stands against it no longer. What was said
 * of a board it never reached stays as it was said.
 */
function againstStill(before: Plan, after: Plan): Plan {
  const stood = new Map(placeUnits(before.units).map((p) => [p.unit.id, p]));
  return {
    ...after,
    units: placeUnits(after.units).map((now) => {
      const was = stood.get(now.unit.id);
      const isStill = (d: Direction): boolean =>
        isAtBoard(now, d, after.deck) ||
        (was !== undefined &&
          Math.abs(gapToBoard(now, d, after.deck) - gapToBoard(was, d, before.deck)) < SAME_GAP_M);
      const against = now.unit.against.filter(isStill);
      return against.length === now.unit.against.length ? now.unit : { ...now.unit, against };
    }),
  };
}

/** A plan on a kept deck as it is now. Lines keep the anchors they name, whether this deck has them or not. */
export const onKeptDeck = (plan: Plan, keptAs: KeptAs, { deck }: Pick<KeptDeck, 'deck'>): Plan =>
  againstStill(plan, { ...plan, deck: { ...deck, keptAs } });

/** What of a unit is its place on a deck, not what it is. */
type OfItsPlace = 'id' | 'fromFrontM' | 'fromCentreM' | 'turnRad' | 'on' | 'against' | 'keptAs';

/** What a load is wherever it stands. */
function itself(unit: LoadUnit): Omit<LoadUnit, OfItsPlace> {
  const { id, fromFrontM, fromCentreM, turnRad, on, against, keptAs, ...rest } = unit;
  return rest;
}

/** A kept load put on a plan's deck, behind what stands there. */
export function withKeptLoad(plan: Plan, keptAs: KeptAs, { unit }: Pick<KeptLoad, 'unit'>): Plan {
  const rear = Math.max(0, ...plan.units.map((u) => u.fromFrontM + u.lengthM));
  const put: LoadUnit = {
    ...itself(unit),
    id: freshId('u', plan.units),
    fromFrontM: Math.min(60, rear),
    fromCentreM: 0,
    turnRad: 0,
    on: { kind: 'deck' },
    against: [],
    keptAs,
  };
  return { ...plan, units: [...plan.units, put] };
}

/** A unit of a plan as its kept load is now; it stays where it stands. */
export const asKeptNow = (
  plan: Plan,
  unitId: string,
  keptAs: KeptAs,
  { unit }: Pick<KeptLoad, 'unit'>,
): Plan =>
  againstStill(plan, {
    ...plan,
    units: plan.units.map((u) => (u.id === unitId ? { ...u, ...itself(unit), keptAs } : u)),
  });

/** The deck of a plan as a document to keep. */
export function deckToKeep({ deck }: Pick<Plan, 'deck'>): KeptDeck {
  const { keptAs, ...fields } = deck;
  return {
    format: KEPT_DECK_FORMAT,
    version: KEPT_VERSION,
    title: deck.name || 'deck',
    kind: 'other',
    notes: '',
    deck: fields,
  };
}

/** A unit of a plan as a document to keep: where it stood is not part of it. */
export const loadToKeep = (unit: LoadUnit): KeptLoad => ({
  format: KEPT_LOAD_FORMAT,
  version: KEPT_VERSION,
  title: unit.name || unit.id,
  notes: '',
  unit: {
    ...itself(unit),
    id: 'load',
    fromFrontM: 0,
    fromCentreM: 0,
    turnRad: 0,
    on: { kind: 'deck' },
    against: [],
    keptAs: null,
  },
});

/** Whether a unit is what the kept load is. */
export function isAsKept(unit: LoadUnit, kept: LoadUnit): boolean {
  const [a, b] = [itself(unit), itself(kept)];
  return (Object.keys(a) as (keyof typeof a)[]).every(
    (key) => JSON.stringify(a[key]) === JSON.stringify(b[key]),
  );
}
