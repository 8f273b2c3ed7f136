import type { GearFacts } from '../locker-word';
import type { Plan } from '../plan';
import type { Finding } from '../verdict';
import { proposalOf, type Proposal } from './proposal';
import {
  cheapestEnough,
  type EnoughOutcome,
  type EnoughProgress,
  type EnoughRefusal,
  type OpenBound,
} from './search';
import type { EnoughCost, EnoughWishes } from './vocabulary';
import { type CheaperFails, whyNotCheaper, type WhyNotCheaper, whyNothing } from './why';

/** What a search found, as it is told. */
export interface EnoughResult {
  /** What stands against the load whatever lines hold it; then nothing was searched. */
  readonly refused: readonly Finding[];
  readonly found: (Proposal & { readonly cost: EnoughCost; readonly mats: boolean }) | null;
  /** Null: nothing cheaper is enough; else what nobody has ruled out. */
  readonly open: OpenBound | null;
  readonly why: WhyNotCheaper | null;
  /** Where nothing was found: what at most is reached. */
  readonly nothing: CheaperFails | null;
  /** Where no line can be laid anew: what stands against one of them; null: some can, or there is nothing to lay. */
  readonly against: Finding | null;
  /** Pairs of anchors that were not tried: those that run most askew. */
  readonly pairsLeftOut: number;
  /** Lines that were there to choose from, and securements that were judged. */
  readonly choices: number;
  readonly judged: number;
}

const NONE = {
  found: null,
  open: null,
  why: null,
  nothing: null,
  against: null,
  pairsLeftOut: 0,
  choices: 0,
  judged: 0,
} as const;

function told(
  plan: Plan,
  outcome: EnoughOutcome | EnoughRefusal,
  { protectors }: EnoughWishes,
): EnoughResult {
  if ('refused' in outcome) return { ...NONE, refused: outcome.refused };
  const { found, open, searches, against, pairsLeftOut, judged } = outcome;
  return {
    refused: [],
    found: found && {
      ...proposalOf(plan, found),
      cost: found.cost,
      mats: found.field.mats,
    },
    open,
    why: whyNotCheaper(found, searches, protectors),
    against,
    pairsLeftOut,
    nothing: found === null && open === null ? whyNothing(searches, protectors) : null,
    choices: searches[0]?.field.choices.length ?? 0,
    judged,
  };
}

/** Searches the cheapest that is enough, and tells it. See {@link cheapestEnough}. */
export function* findingEnough(
  plan: Plan,
  locker: GearFacts,
  wishes: EnoughWishes,
): Generator<EnoughProgress, EnoughResult, boolean> {
  return told(plan, yield* cheapestEnough(plan, locker, wishes), wishes);
}
