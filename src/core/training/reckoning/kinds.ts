import {
  hauling,
  type Hauling,
  heldByTurns,
  type HeldByTurns,
  keptPull,
  type KeptPull,
  loopHeight,
  type LoopHeight,
  turnedLine,
  type TurnedLine,
} from './pulls';
import type { Chance } from '../../chance';
import type { Reckoned, ReckoningKind } from './reckoning';
import { ropeLine, type RopeLine } from './rope-line';
import { leastSag, type LeastSag, loadedSpan, type LoadedSpan } from './spans';
import { tieDownSum, type TieDownSum } from './tie-downs';

/** What is known of each kind of question. */
export interface ReckoningFacts {
  readonly 'rope-line': RopeLine;
  readonly hauling: Hauling;
  readonly 'turned-line': TurnedLine;
  readonly 'held-by-turns': HeldByTurns;
  readonly 'kept-pull': KeptPull;
  readonly 'loop-height': LoopHeight;
  readonly 'loaded-span': LoadedSpan;
  readonly 'least-sag': LeastSag;
  readonly 'tie-down-sum': TieDownSum;
}
export type ReckoningId = keyof ReckoningFacts;

/** Every kind of question, in the order they are taught. */
export const RECKONINGS: { readonly [K in ReckoningId]: ReckoningKind<ReckoningFacts[K]> } = {
  'rope-line': ropeLine,
  hauling,
  'turned-line': turnedLine,
  'held-by-turns': heldByTurns,
  'kept-pull': keptPull,
  'loop-height': loopHeight,
  'loaded-span': loadedSpan,
  'least-sag': leastSag,
  'tie-down-sum': tieDownSum,
};
export const RECKONING_IDS = Object.keys(RECKONINGS) as [ReckoningId, ...ReckoningId[]];

/** A question with its facts, and what is reckoned from them. */
export type Question = {
  readonly [K in ReckoningId]: {
    readonly kind: K;
    readonly facts: ReckoningFacts[K];
    readonly reckoned: Reckoned;
  };
}[ReckoningId];

/** Slips nearer to the answer, or to each other, than this part of it cannot be told apart. */
const APART = 0.025;

/** A question from given facts. @param facts of the kind's own */
export function questionOf<K extends ReckoningId>(kind: K, facts: ReckoningFacts[K]): Question {
  const { sheet, slips } = RECKONINGS[kind].reckon(facts);
  const right = sheet.value!;
  const told: (typeof slips)[number][] = [];
  for (const slip of slips) {
    const isApart = [right, ...told.map((t) => t.value)].every(
      (v) => Math.abs(slip.value - v) > APART * Math.max(Math.abs(v), Math.abs(slip.value)),
    );
    if (isApart && slip.value > 0) told.push(slip);
  }
  return { kind, facts, reckoned: { sheet, slips: told } } as Question;
}

/** A question of a kind, its facts by chance. */
export const askedByChance = (kind: ReckoningId, chance: Chance): Question =>
  questionOf(kind, RECKONINGS[kind].make(chance) as never);
