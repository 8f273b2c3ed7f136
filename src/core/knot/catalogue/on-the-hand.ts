import type { Claim } from './entry';

/** What ways of tying that are made on the hand have in common: the hand itself, and what turns on it are. */

export const HAND = { kind: 'bar', as: 'hand', from: [-32, 0], to: [8.5, 0], radius: 6 } as const;
export const NARROW_HAND = {
  kind: 'bar',
  as: 'hand',
  from: [-26, 0],
  to: [6.6, 0],
  radius: 4.2,
} as const;
export const BROAD_HAND = {
  kind: 'bar',
  as: 'hand',
  from: [-32, 0],
  to: [8.5, 0],
  radius: 7,
} as const;

/** Rope and hand: so many turns, and in the end with its loop cut the butterfly. */
export const ONE_TURN = [
  { closure: 'ends', alone: ['unknot', 'unknot'], linking: [1] },
] as const satisfies readonly Claim[];
export const THREE_TURNS = [
  { closure: 'ends', alone: ['unknot', 'unknot'], linking: [2] },
  { closure: 'behind', alone: ['unknot', 'unknot'], linking: [3] },
] as const satisfies readonly Claim[];
export const WITH_THE_LOOP = [
  ...THREE_TURNS,
  { closure: 'cut 1', alone: ['3₁', '3₁', 'unknot'], linking: [1, 1, 1] },
] as const satisfies readonly Claim[];
