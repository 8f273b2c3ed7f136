import type { Working } from '../../working/working';
import type { Chance } from '../../chance';

/** Mistakes that are recognised from the figure they give. Named by what was done. */
export const SLIPS = [
  'breaking-as-working',
  'not-doubled',
  'knot-forgotten',
  'not-divided',
  'loss-kept',
  'percent-subtracted',
  'knots-multiplied',
  'wet-forgotten',
  'fitting-forgotten',
  'fitting-divided',
  'frictionless',
  'angle-ignored',
  'one-strand',
  'load-halved',
  'not-halved',
  'half-as-full',
  'full-as-half',
  'turns-as-radians',
  'stretch-only',
  'tie-off-forgotten',
  'settling-forgotten',
  'dan-as-kgf',
] as const;
export type SlipCode = (typeof SLIPS)[number];

/** A wrong figure and the mistake that gives it, in the unit of the answer. */
export interface Slip {
  readonly code: SlipCode;
  readonly value: number;
}

/** What a reckoning gives: the answer with every step to it, and the figures that known mistakes give instead. */
export interface Reckoned {
  readonly sheet: Working;
  readonly slips: readonly Slip[];
}

/** One kind of question: facts by chance, and the same code that judges plans to answer them. */
export interface ReckoningKind<Facts> {
  /** Facts that people meet, of which every slip gives another figure than the answer. */
  readonly make: (chance: Chance) => Facts;
  readonly reckon: (facts: Facts) => Reckoned;
}
