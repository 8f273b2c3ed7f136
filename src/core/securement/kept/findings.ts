import { type DeckFact, LOCKER_NOT_ASKED, type LoadFact, type LockerWord } from '../locker-word';
import { unitName } from '../load/describe';
import type { LoadUnit } from '../load/schema';
import type { Plan } from '../plan';
import { isAnchorUsed } from '../stage/used';
import type { DeckAnchor, KeptAs } from '../schema';
import type { Finding } from '../verdict';
import { isAsKept } from './take';

const say = (
  code: Finding['code'],
  effect: Finding['effect'],
  values: Finding['values'],
): Finding => ({ code, effect, clause: '', values });

/** Farther than this an anchor has moved, or is another. */
const SAME_PLACE_M = 0.02;

const isElsewhere = (a: number, b: number): boolean => Math.abs(a - b) > SAME_PLACE_M;
/** Whether a figure that somebody read is less now, or is not known any more; what was not known promised nothing. */
const isLess = (planned: number | null, kept: number | null): boolean =>
  planned !== null && (kept === null || kept < planned * (1 - 1e-9));
const ratedN = ({ rating }: DeckAnchor): number | null =>
  rating.state === 'rated' ? rating.wllN : null;

/** Whether what was read of an anchor is less than a plan counts with, or it is elsewhere, or is of something else. */
const isWorse = (planned: DeckAnchor, kept: DeckAnchor | undefined): boolean =>
  kept === undefined ||
  isElsewhere(planned.fromFrontM, kept.fromFrontM) ||
  isElsewhere(planned.fromCentreM, kept.fromCentreM) ||
  isElsewhere(planned.heightM, kept.heightM) ||
  planned.on !== kept.on ||
  planned.surface !== kept.surface ||
  isLess(ratedN(planned), ratedN(kept)) ||
  // A line turns more sharply round a thinner bar.
  isLess(planned.barDiameterM, kept.barDiameterM);

/** Boards that a unit stands against and that the crew has found to take less, or to be lower. */
const isBoardWorse = ({ deck, units }: Plan, fact: DeckFact): boolean =>
  (['forward', 'rearward', 'left', 'right'] as const).some((d) => {
    if (!units.some((u) => u.against.includes(d))) return false;
    const [planned, kept] = [deck.boards[d], fact.deck.boards[d]];
    return isLess(planned.capacityN, kept.capacityN) || isLess(planned.heightM, kept.heightM);
  });

/** What of a deck a plan counts on and the crew has found to be less, in words that name it. */
function lessOf(plan: Plan, fact: DeckFact): string[] {
  const [planned, kept] = [plan.deck, fact.deck];
  const used = planned.anchors.filter((a) => plan.lines.some((l) => isAnchorUsed(l, a.id)));
  const worse = used.filter((a) =>
    isWorse(
      a,
      kept.anchors.find((k) => k.id === a.id),
    ),
  );
  const resized =
    isElsewhere(planned.lengthM, kept.lengthM) || isElsewhere(planned.widthM, kept.widthM);
  return [
    ...worse.map((a) => a.name || a.id),
    ...(isBoardWorse(plan, fact) ? ['a board'] : []),
    // The footing of what hangs over, and where boards stand, follow from it.
    ...(resized ? ['its size'] : []),
    // Friction was chosen for another floor, or for none that anybody named.
    ...(kept.surface !== null && kept.surface !== planned.surface ? ['its floor'] : []),
  ];
}

function ofDeck(plan: Plan, keptAs: KeptAs, fact: DeckFact): Finding[] {
  const deck = plan.deck.name;
  if (fact.removed) return [say('deck-gone', 'cannot-say', { deck })];
  const less = lessOf(plan, fact);
  if (less.length > 0) return [say('deck-worse', 'cannot-say', { deck, what: less.join(', ') })];
  return fact.version > keptAs.version ? [say('deck-changed', 'notice', { deck })] : [];
}

/** A load that was looked at again since: heavier, or otherwise. Whoever takes it as it is now, or knows better, settles it. */
function ofLoad(unit: LoadUnit, keptAs: KeptAs, fact: LoadFact): Finding[] {
  const name = unitName(unit);
  if (fact.removed || fact.version <= keptAs.version || isAsKept(unit, fact.unit)) return [];
  return [say('load-changed', 'cannot-say', { unit: name })];
}

/** What is to be said of a plan because of what its crew has found on the deck and the loads it keeps. */
export function keptFindings(plan: Plan, locker: LockerWord): Finding[] {
  const word = <F extends 'deck' | 'unit'>(
    keptAs: KeptAs | null,
    kind: F,
    name: string,
    found: (keptAs: KeptAs, fact: F extends 'deck' ? DeckFact : LoadFact) => Finding[],
  ): Finding[] => {
    if (keptAs === null) return [];
    const gone = say(kind === 'deck' ? 'deck-gone' : 'load-gone', 'cannot-say', {
      [kind]: name,
    });
    if (locker === LOCKER_NOT_ASKED) return [say('kept-not-asked', 'cannot-say', { what: name })];
    const fact = locker.get(keptAs.id);
    return fact && kind in fact ? found(keptAs, fact as never) : [gone];
  };
  return [
    ...word(plan.deck.keptAs, 'deck', plan.deck.name, (k, f) => ofDeck(plan, k, f)),
    ...plan.units.flatMap((u) => word(u.keptAs, 'unit', unitName(u), (k, f) => ofLoad(u, k, f))),
  ];
}
