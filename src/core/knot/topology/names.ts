import type { Laurent } from './laurent';
import { inverted, laurent, laurentText, multiply } from './laurent';

/**
 * Knots by the names of the tables of knots (Rolfsen), with a Jones polynomial of one of the two mirror images.
 * From memory; a polynomial is 1 at t = 1, which the tests check.
 */
const PRIME = {
  '3₁': laurent({ 1: 1, 3: 1, 4: -1 }),
  '4₁': laurent({ '-2': 1, '-1': -1, 0: 1, 1: -1, 2: 1 }),
  '5₁': laurent({ 2: 1, 4: 1, 5: -1, 6: 1, 7: -1 }),
  '5₂': laurent({ 1: 1, 2: -1, 3: 2, 4: -1, 5: 1, 6: -1 }),
  '6₁': laurent({ '-4': 1, '-3': -1, '-2': 1, '-1': -2, 0: 2, 1: -1, 2: 1 }),
  '6₂': laurent({ '-1': 1, 0: -1, 1: 2, 2: -2, 3: 2, 4: -2, 5: 1 }),
  '6₃': laurent({ '-3': -1, '-2': 2, '-1': -2, 0: 3, 1: -2, 2: 2, 3: -1 }),
  '8₂₀': laurent({ '-1': -1, 0: 2, 1: -1, 2: 2, 3: -1, 4: 1, 5: -1 }),
  '7₁': laurent({ 3: 1, 5: 1, 6: -1, 7: 1, 8: -1, 9: 1, 10: -1 }),
} as const;
export type PrimeName = keyof typeof PRIME;

/** A knot as the proof names it: the unknot, a prime knot, or two joined in a row; `*` is the mirror image of the other part's hand. */
export type KnotName =
  'unknot' | PrimeName | `${PrimeName}#${PrimeName}` | `${PrimeName}#${PrimeName}*`;

/** Polynomial text to name, for both mirror images. */
const NAMES: ReadonlyMap<string, KnotName> = new Map(tableOfNames());

function tableOfNames(): [string, KnotName][] {
  const list: [string, KnotName][] = [];
  const put = (p: Laurent, name: KnotName): void => {
    list.push([laurentText(p), name], [laurentText(inverted(p)), name]);
  };
  const primes = Object.entries(PRIME) as [PrimeName, Laurent][];
  primes.forEach(([a, p], i) =>
    primes.slice(0, i + 1).forEach(([b, q]) => {
      put(multiply(p, inverted(q)), `${a}#${b}*`);
      put(multiply(p, q), `${a}#${b}`);
    }),
  );
  // Primes last, so that no sum takes a prime's place.
  for (const [a, p] of primes) put(p, a);
  put(laurent({ 0: 1 }), 'unknot');
  return list;
}

/** The name of a knot by its Jones polynomial, or the polynomial itself when the table has none. */
export function nameOf(polynomial: Laurent): KnotName | `V = ${string}` {
  const text = laurentText(polynomial);
  return NAMES.get(text) ?? `V = ${text}`;
}

/** All polynomials of the table, for the tests. */
export const PRIME_POLYNOMIALS: Readonly<Record<PrimeName, Laurent>> = PRIME;
