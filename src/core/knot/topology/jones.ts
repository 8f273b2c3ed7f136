import { addScaled, type Laurent, laurent, multiply } from './laurent';
import type { PlanarCode, PlanarCrossing } from './planar-code';

/** Value of a loop in the bracket: −A² − A⁻². */
const LOOP = laurent({ 2: -1, '-2': -1 });

/** Open edges joined in pairs so far (by edge, itself where it is not open), and the polynomial of that state, by exponent from −reach on. */
interface State {
  readonly mates: Int16Array;
  readonly terms: Float64Array;
}
/** States by their pairs, written as one text. */
type States = Map<string, State>;

/** Joins two edges in a pairing; returns whether that closes a loop. An edge that is new stays open at its other end. */
function join(mates: Int16Array, a: number, b: number): boolean {
  if (a === b) return true;
  const [x, y] = [mates[a]!, mates[b]!];
  mates[a] = a;
  mates[b] = b;
  if (x === b) return true;
  mates[x] = y;
  mates[y] = x;
  return false;
}

/** Adds a polynomial times A^shift, times the value of a loop as often as said. */
function add(into: Float64Array, terms: Float64Array, shift: number, loops: number): void {
  const size = terms.length;
  for (let i = 0; i < size; i++) {
    const c = terms[i]!;
    if (c === 0) continue;
    const at = i + shift;
    if (loops === 0) into[at]! += c;
    else if (loops === 1) {
      into[at - 2]! -= c;
      into[at + 2]! -= c;
    } else {
      into[at - 4]! += c;
      into[at]! += 2 * c;
      into[at + 4]! += c;
    }
  }
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

/** Both ways of smoothing a crossing, in every state. @param open the edges that are open afterwards */
function contract(
  states: States,
  [a, b, c, d]: PlanarCrossing['edges'],
  open: readonly number[],
): States {
  const after: States = new Map();
  for (const { mates, terms } of states.values())
    for (const [shift, first, second] of [
      [1, [a, b], [c, d]],
      [-1, [a, d], [b, c]],
    ] as const) {
      const pairs = mates.slice();
      const loops = [first, second].filter(([p, q]) => join(pairs, p, q)).length;
      const key = String.fromCharCode(...open.map((e) => pairs[e]!));
      let state = after.get(key);
      if (!state) {
        state = { mates: pairs, terms: new Float64Array(terms.length) };
        after.set(key, state);
      }
      add(state.terms, terms, shift, loops);
    }
  return after;
}

/** Kauffman bracket times the value of one loop, by planar contraction crossing by crossing. Source: Kauffman 1987, from memory. */
function bracketTimesLoop(code: PlanarCode): Laurent {
  const rest = [...code.crossings];
  const open = new Set<number>();
  const edges = 1 + Math.max(-1, ...rest.flatMap((x) => x.edges));
  // A crossing shifts by one and closes two loops at most, each worth two more.
  const reach = 5 * rest.length;
  const terms = new Float64Array(2 * reach + 1);
  terms[reach] = 1;
  let states: States = new Map([
    ['', { mates: Int16Array.from({ length: edges }, (_, e) => e), terms }],
  ]);
  while (rest.length > 0) {
    const [x] = rest.splice(nextCrossing(rest, open), 1);
    for (const e of x!.edges) if (!open.delete(e)) open.add(e);
    states = contract(states, x!.edges, [...open]);
  }
  const whole = new Map<number, number>();
  for (const state of states.values())
    state.terms.forEach((c, i) => {
      if (c !== 0) whole.set(i - reach, c);
    });
  let result: Laurent = whole;
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
