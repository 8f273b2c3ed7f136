import { formula, type Tracer } from '../working/working';

/** Why a place has no known capacity. */
export type PlaceProblem =
  | 'unrated-anchor'
  | 'anchor-missing'
  | 'unknown-rope'
  | 'bend-too-sharp'
  | 'no-rope'
  | 'knot-in-webbing'
  | 'knot-in-chain'
  | 'knot-in-wire'
  | 'post-not-measured'
  | 'bend-not-measured'
  | 'webbing-over-edge'
  | 'chain-over-edge'
  | 'wire-over-edge'
  | 'unrated-fitting'
  | 'unmarked-gear';

/** Which part of an element a place is; one element may have several (a trucker's hitch has three). */
export type PlacePart =
  | 'anchor'
  | 'knot'
  | 'rope'
  | 'bend'
  | 'edge'
  | 'hook'
  | 'loop'
  | 'loop-knot'
  | 'loop-turn'
  | 'anchor-turn'
  | 'lock'
  | 'tackle-block'
  | 'tackle-rope'
  | 'webbing'
  | 'ratchet'
  | 'chain'
  | 'wire'
  | 'binder'
  | 'fitting';

/** One place on a line that limits it. */
export interface Place<V> {
  readonly part: PlacePart;
  readonly name: string;
  /** What the place itself may carry, N. */
  readonly capacity: V;
  /** The part of the load line's tension it bears. */
  readonly share: V;
  /** Load-line tension it allows: capacity ÷ share, N. */
  readonly allowed: V;
  readonly problem: PlaceProblem | null;
}

const allowedFormula = formula({
  symbol: 'T',
  unit: 'N',
  text: 'C ÷ s',
  source: 'capacity as tension in the load line',
  confidence: 'exact',
  symbols: { C: 'C', s: 's' },
  compute: ({ C, s }: Record<'C' | 's', number>) => C / s,
});

/** A share of exactly 1: the place bears the whole line. */
export function wholeShare<V>(t: Tracer<V>): V {
  return t.given({
    label: 'share of the line’s tension',
    symbol: 's',
    value: 1,
    unit: 'ratio',
    source: 'in series',
    confidence: 'exact',
  });
}

/** Builds a place; `problem` is dropped when the capacity is known after all. */
export function makePlace<V>(
  t: Tracer<V>,
  part: PlacePart,
  name: string,
  capacity: V,
  problem: PlaceProblem,
  share?: V,
): Place<V> {
  return {
    part,
    name,
    capacity,
    share: share ?? wholeShare(t),
    // In series the capacity is the allowed tension: a division by 1 would only be one more level to open.
    allowed:
      share === undefined ? capacity : t.apply(allowedFormula, name, { C: capacity, s: share }),
    problem: t.value(capacity) === null ? problem : null,
  };
}

/** A capacity nobody knows, and why. */
export function unknownCapacity<V>(t: Tracer<V>, label: string, source: string): V {
  return t.given({ label, symbol: 'C', value: null, unit: 'N', source, confidence: 'entered' });
}

/** Of several readings of one place the weakest; one nobody knows is weaker than any that is known. */
export function weakestPlace<V>(t: Tracer<V>, places: readonly Place<V>[]): Place<V>[] {
  const rank = (p: Place<V>): number => t.value(p.allowed) ?? -1;
  return places.length === 0 ? [] : [places.reduce((a, b) => (rank(b) < rank(a) ? b : a))];
}
