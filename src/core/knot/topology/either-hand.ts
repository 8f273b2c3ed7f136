import { laurentText } from './laurent';

/** Terms of a polynomial in A as it is written, power by power. */
function termsOf(whole: string): [power: number, coefficient: number][] {
  return [...whole.matchAll(/(?:([+−]) ?)?(\d*)(A(?:\^(-?\d+))?)?/g)]
    .filter((m) => m[0].trim() !== '')
    .map((m) => [m[3] ? Number(m[4] ?? 1) : 0, Number(m[2] || 1) * (m[1] === '−' ? -1 : 1)]);
}

/** Terms from the lowest power, which is 0, the first of them positive; read as they are or backwards. */
export function fromLowest(
  terms: readonly (readonly [number, number])[],
  sign: 1 | -1,
): [number, number][] {
  const list = terms.map(([p, c]): [number, number] => [sign * p, c]).sort((a, b) => a[0] - b[0]);
  const [lowest, first] = list[0]!;
  return list.map(([p, c]) => [p - lowest, first < 0 ? -c : c]);
}

const text = (terms: readonly [number, number][]): string => laurentText(new Map(terms), 'A');

/** The bracket polynomial of a whole form as it is whichever hand ties it and whichever way its ropes run. */
export function eitherHand(whole: string): string {
  const terms = termsOf(whole);
  return [text(fromLowest(terms, 1)), text(fromLowest(terms, -1))].sort()[0]!;
}

/** Whether a bracket polynomial is the same read backwards: the mirror image has it then. */
export function isOwnMirror(whole: string): boolean {
  const terms = new Map(termsOf(whole));
  return [...terms].every(([power, coefficient]) => terms.get(-power) === coefficient);
}
