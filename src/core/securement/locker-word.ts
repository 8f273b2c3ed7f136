import type { DueState } from '../gear/due';
import type { GearState } from '../gear/history';
import type { Gear } from '../gear/schema';
import type { LineElement } from '../line/schema';
import type { KeptDeck } from './kept/schema';
import type { LoadUnit } from './load/schema';
import type { Plan } from './plan';

/** What the locker says today of a thing that a plan uses. `due` is only known where there is a day to compare with. */
export interface GearFact {
  readonly gear: Gear;
  readonly state: GearState;
  readonly due: DueState | null;
  /** Taken out of the locker; what it was and how it stood then is still known. */
  readonly removed: boolean;
}

/** What the crew has found on a deck that it keeps. */
export interface DeckFact {
  readonly deck: KeptDeck['deck'];
  readonly version: number;
  readonly removed: boolean;
}

/** What the crew says of a load that comes back. */
export interface LoadFact {
  readonly unit: LoadUnit;
  readonly version: number;
  readonly removed: boolean;
}

export type KeptFact = GearFact | DeckFact | LoadFact;

/** By id: things of the locker, kept decks, kept loads. An id a plan uses that is not here the crew has never had. */
export type GearFacts = ReadonlyMap<string, KeptFact>;

/** What is said of a thing of the locker; nothing where that id is none of its. */
export function gearFactIn(facts: GearFacts, id: string): GearFact | undefined {
  const fact = facts.get(id);
  return fact && 'gear' in fact ? fact : undefined;
}

/** Ids of the kept deck and the kept loads that a plan uses. */
export const partIdsOf = ({ deck, units }: Pick<Plan, 'deck' | 'units'>): string[] => [
  ...new Set([deck.keptAs, ...units.map((u) => u.keptAs)].flatMap((k) => (k ? [k.id] : []))),
];

/** The locker was not asked, or did not answer: nothing is known of its things, and nothing good is assumed. */
export const LOCKER_NOT_ASKED = 'not-asked';
export type LockerWord = GearFacts | typeof LOCKER_NOT_ASKED;

/** The locker's thing an element is, or null. */
export const gearIdOf = (element: LineElement): string | null =>
  'gearId' in element ? element.gearId : null;

/** Ids of everything of the locker that a plan uses. */
export const gearIdsOf = (plan: Pick<Plan, 'lines'>): string[] => [
  ...new Set(plan.lines.flatMap((l) => l.elements.map(gearIdOf).filter((id) => id !== null))),
];
