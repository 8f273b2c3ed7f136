import { addScaled, type Laurent, laurent, multiply } from './laurent';
import type { PlanarCode, PlanarCrossing } from './planar-code';

/** Value of a loop in the bracket: −A² − A⁻². */
const LOOP = laurent({ 2: -1, '-2': -1 });

/** Open edges joined in pairs so far, as a sorted text key, and the polynomial of that state. */
type States = Map<string, Map<number, number>>;

const encode = (pairs: ReadonlyMap<number, number>): string =>
  [...pairs]
    .filter(([a, b]) => a < b)
    .sort(([a], [b]) => a - b)
    .map((p) => p.join('-'))
    .join(',');
function decode(key: string): Map<number, number> {
  const pairs = new Map<number, number>();
  for (const part of key === '' ? [] : key.split(',')) {
    const [a, b] = part.split('-').map(Number) as [number, number];
    pairs.set(a, b);
    pairs.set(b, a);
  }
  return pairs;
}

/** Joins two edges in a pairing; returns whether that closes a loop. An edge that is new stays open at its other end. */
function join(pairs: Map<number, number>, a: number, b: number): boolean {
  if (a === b) return true;
  const [endA, endB] = [pairs.get(a), pairs.get(b)];
  if (endA === b) {
    pairs.delete(a);
    pairs.delete(b);
    return true;
  }
  const [x, y] = [endA ?? a, endB ?? b];
  pairs.delete(a);
  pairs.delete(b);
  pairs.set(x, y);
  pairs.set(y, x);
  return false;
}

/** The crossing that shares most edges with what is open: keeps the number of states small. */
function nextCrossing(rest: readonly PlanarCrossing[], open: ReadonlySet<number>): number {
  let [best, most] = [0, -1];
  rest.forEach((x, i) => {
    const shared = x.edges.filter((e) => open.has(e)).length;
    if (shared > most) [best, most] = [i, shared];
  });
  return best;
}

function contract(states: States, [a, b, c, d]: PlanarCrossing['edges']): States {
  const after: States = new Map();
  for (const [key, polynomial] of states) {
    for (const [shift, first, second] of [
      [1, [a, b], [c, d]],
      [-1, [a, d], [b, c]],
    ] as const) {
      const pairs = decode(key);
      const loops = [first, second].filter(([p, q]) => join(pairs, p, q)).length;
      let value: Laurent = polynomial;
      for (let i = 0; i < loops; i++) value = multiply(value, LOOP);
      const into = encode(pairs);
      const target = after.get(into) ?? new Map<number, number>();
      addScaled(target, value, 1, shift);
      after.set(into, target);
    }
  }
  return after;
}

/** Kauffman bracket times the value of one loop, by planar contraction crossing by crossing. Source: Kauffman 1987, from memory. */
function bracketTimesLoop(code: PlanarCode): Laurent {
  const rest = [...code.crossings];
  const open = new Set<number>();
  let states: States = new Map([['', new Map([[0, 1]])]]);
  while (rest.length > 0) {
    const [x] = rest.splice(nextCrossing(rest, open), 1);
    states = contract(states, x!.edges);
    for (const e of x!.edges) if (!open.delete(e)) open.add(e);
  }
  let result: Laurent = states.get('') ?? new Map();
  for (let i = 0; i < code.freeLoops; i++) result = multiply(result, LOOP);
  return result;
}

/** p ÷ (−A² − A⁻²), exact. */
function withoutLoop(p: Laurent): Laurent {
  const rest = new Map(p);
  const quotient = new Map<number, number>();
  while (rest.size > 0) {
    const top = Math.max(...rest.keys());
    const c = -rest.get(top)!;
    quotient.set(top - 2, c);
    addScaled(rest, LOOP, -c, top - 2);
  }
  return quotient;
}

/**
 * Jones polynomial in A, with t = A⁻⁴: exponent of A → coefficient. 1 for the unknot. Independent of how a form is drawn;
 * a mirror image inverts it. V = (−A³)^(−writhe) · bracket.
 */
export function jonesInA(code: PlanarCode): Laurent {
  const bracket = withoutLoop(bracketTimesLoop(code));
  const result = new Map<number, number>();
  addScaled(result, bracket, code.writhe % 2 === 0 ? 1 : -1, -3 * code.writhe);
  return result;
}

/** Jones polynomial of a knot (one component) in t. */
export function jones(code: PlanarCode): Laurent {
  return new Map([...jonesInA(code)].map(([e, c]) => [-e / 4, c]));
}
