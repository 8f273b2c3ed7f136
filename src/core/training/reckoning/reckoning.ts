import type { Working } from '../../working/working';

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

/** Numbers by chance, at least 0 and below 1. */
export type Chance = () => number;

/** One kind of question: facts by chance, and the same code that judges plans to answer them. */
export interface ReckoningKind<Facts> {
  /** Facts that people meet, of which every slip gives another figure than the answer. */
  readonly make: (chance: Chance) => Facts;
  readonly reckon: (facts: Facts) => Reckoned;
}

/** One of a list, each as likely as any other. */
export const oneOf = <T>(chance: Chance, list: readonly [T, ...T[]]): T =>
  list[Math.min(list.length - 1, Math.floor(chance() * list.length))]!;

/** A round number from `least` to `most` in whole steps. */
export const roundNumber = (chance: Chance, least: number, most: number, step: number): number =>
  least +
  step *
    Math.min(Math.round((most - least) / step), Math.floor(chance() * ((most - least) / step + 1)));
