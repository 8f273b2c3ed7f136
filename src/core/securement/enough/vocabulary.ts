import type { MayTie } from '../advice/may-tie';

/** What the crew wants of a securement that is enough. */
export interface EnoughWishes {
  /** How much more than is asked must be there, as a part of it. */
  readonly marginPart: number;
  /** Mats may be laid under everything. */
  readonly mats: boolean;
  /** Edge protectors at hand; null: as many as are wanted. */
  readonly protectors: number | null;
  /** Knots that may be asked for. */
  readonly mayTie: MayTie;
}

/** As much margin as anybody may wish for, as a part of what is asked. */
export const MOST_MARGIN_PART = 2;

/**
 * What a securement costs, what counts first first. Rope, webbing and chain are counted line by line in tenths of a metre,
 * rounded up: nobody measures finer, and whole figures add up exactly.
 */
export interface EnoughCost {
  readonly lines: number;
  readonly ropeDm: number;
  /** Knots to tie, ratchets to work, protectors and mats to lay: what there is to do that was not done. */
  readonly steps: number;
}

/** Laying mats under a load counts as many knots. Common practice, no source. */
export const MAT_STEPS = 5;
/** No more lines are tried. */
export const MOST_NEW_LINES = 12;

/** Below zero where the first costs less. */
export const costlier = (a: EnoughCost, b: EnoughCost): number =>
  a.lines - b.lines || a.ropeDm - b.ropeDm || a.steps - b.steps;
