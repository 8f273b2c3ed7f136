/** Plans take decks and loads that are kept, and decks and loads of plans are kept. */
import { freshId } from '../../ids';
import type { LoadUnit } from '../load/schema';
import type { Plan } from '../plan';
import type { KeptAs } from '../schema';
import type { KeptDeck, KeptLoad } from './schema';
import { KEPT_DECK_FORMAT, KEPT_LOAD_FORMAT, KEPT_VERSION } from './vocabulary';

/** A plan on a kept deck as it is now. Lines keep the anchors they name, whether this deck has them or not. */
export const onKeptDeck = (plan: Plan, keptAs: KeptAs, { deck }: Pick<KeptDeck, 'deck'>): Plan => ({
  ...plan,
  deck: { ...deck, keptAs },
});

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
): Plan => ({
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
