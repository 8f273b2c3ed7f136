import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { mersenne } from 'pure-rand/generator/mersenne';

/** Numbers by chance, at least 0 and below 1. */
export type Chance = () => number;

/** One of a list, each as likely as any other. */
export const oneOf = <T>(chance: Chance, list: readonly [T, ...T[]]): T =>
  list[Math.min(list.length - 1, Math.floor(chance() * list.length))]!;

/** A round number from `least` to `most` in whole steps. */
export const roundNumber = (chance: Chance, least: number, most: number, step: number): number =>
  least +
  step *
    Math.min(Math.round((most - least) / step), Math.floor(chance() * ((most - least) / step + 1)));

/** A list in an order by chance (Fisher and Yates). */
export function shuffled<T>(chance: Chance, list: readonly T[]): T[] {
  const out = [...list];
  for (let i = out.length - 1; i > 0; i--) {
    const j = Math.min(i, Math.floor(chance() * (i + 1)));
    [out[i], out[j]] = [out[j]!, out[i]!];
  }
  return out;
}

/**
 * Chance that begins with a number: always the same for the same. Numbers side by side must not begin alike, as they do with
 * generators that take the seed as their state.
 */
export function chanceOf(number: number): Chance {
  const generator = mersenne(number);
  return () => uniformFloat64(generator);
}
