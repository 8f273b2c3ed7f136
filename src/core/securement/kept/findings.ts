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

/** Whether what was read of an anchor is less than a plan counts with, or it is elsewhere. */
function isWorse(planned: DeckAnchor, kept: DeckAnchor | undefined): boolean {
  if (!kept) return true;
  const moved =
    Math.abs(planned.fromFrontM - kept.fromFrontM) > SAME_PLACE_M ||
    Math.abs(planned.fromCentreM - kept.fromCentreM) > SAME_PLACE_M ||
    Math.abs(planned.heightM - kept.heightM) > SAME_PLACE_M;
  const weaker =
    planned.rating.state === 'rated' &&
    (kept.rating.state === 'unrated' || kept.rating.wllN < planned.rating.wllN * (1 - 1e-9));
  return moved || weaker;
}

/** Boards that a unit stands against and that the crew has found to take less, or to be lower. */
const isBoardWorse = ({ deck, units }: Plan, fact: DeckFact): boolean =>
  (['forward', 'rearward', 'left', 'right'] as const).some((d) => {
    if (!units.some((u) => u.against.includes(d))) return false;
    const [planned, kept] = [deck.boards[d], fact.deck.boards[d]];
    const less = (a: number | null, b: number | null): boolean =>
      a !== null && (b === null || b < a * (1 - 1e-9));
    return less(planned.capacityN, kept.capacityN) || less(planned.heightM, kept.heightM);
  });

function ofDeck(plan: Plan, keptAs: KeptAs, fact: DeckFact): Finding[] {
  const deck = plan.deck.name;
  if (fact.removed) return [say('deck-gone', 'cannot-say', { deck })];
  const used = plan.deck.anchors.filter((a) => plan.lines.some((l) => isAnchorUsed(l, a.id)));
  const worse = used.filter((a) =>
    isWorse(
      a,
      fact.deck.anchors.find((k) => k.id === a.id),
    ),
  );
  if (worse.length > 0)
    return [
      say('deck-worse', 'cannot-say', { deck, what: worse.map((a) => a.name || a.id).join(', ') }),
    ];
  if (isBoardWorse(plan, fact)) return [say('deck-worse', 'cannot-say', { deck, what: 'a board' })];
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
