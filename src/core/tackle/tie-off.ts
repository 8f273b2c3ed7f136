import { formula, type Formula, type Tracer } from '../working/working';

/** What the tension kept after tying off depends on. Lengths in m, stiffness EA in N, forces in N. */
export interface TieOffInputs<V> {
  readonly hauledN: V;
  /** Component of the hand's pull along the line. */
  readonly handN: V;
  readonly stiffnessN: V;
  /** Length of the load line behind the loop. */
  readonly loadLengthM: V;
  /** Each of the two short strands between loop and anchor. */
  readonly shortLengthM: V;
  /** Tail that slips in while the lock sets. */
  readonly slipM: V;
  /** Strand that comes up from the anchor, before letting go. Only the `holds` mode reads it. */
  readonly anchorStrandN: V;
}

/** `slides`: the rope evens out round the anchor; `holds`: friction at the anchor keeps each strand to itself. */
export type AnchorMode = 'slides' | 'holds';

const springs = formula({
  symbol: 'k',
  unit: 'N/m',
  text: 'EA ÷ L',
  source: 'linear spring',
  confidence: 'exact',
  compute: ({ EA, L }: Record<'EA' | 'L', number>) => EA / L,
});

type Kept = 'T' | 'H' | 'd' | 'k1' | 'k2' | 'S';

/** How many short strands share the load line, and how: a pair, four through the same loop, or two loop knots in a row. */
export type ShortStrands = 'pair' | 'four' | 'compound';

/** Tension kept, numbers only; the formulas below all call it. `weight`: what the short strands weigh against the load side. */
function keptTension(
  { T, H, d, k1, k2 }: Record<Exclude<Kept, 'S'>, number>,
  [m1, m2, over]: readonly [number, number, number],
): number {
  return Math.max(0, T - (k1 * over * (H + k2 * d)) / (m1 * k1 + m2 * k2));
}

function keptHeld(v: Record<Kept, number>): number {
  const { T, H, d, k1, k2, S } = v;
  const x = (H + k2 * d) / (k1 + 2 * k2);
  // A rope cannot push: the strand up from the anchor is left with nothing.
  return S + k2 * (x - d) < 0
    ? Math.max(0, T - (k1 * (S + H)) / (k1 + k2))
    : keptTension(v, WEIGHTS.pair);
}

/** Multiples of k₁ and k₂ below the line, and of the force above it, from the equilibrium of each loop knot. */
const WEIGHTS: Record<ShortStrands, readonly [number, number, number]> = {
  pair: [1, 2, 1],
  four: [1, 4, 1],
  compound: [7, 18, 3],
};

const KEPT_SYMBOLS: Record<Kept, string> = { T: 'T', H: 'H', d: 'd', k1: 'k₁', k2: 'k₂', S: 'S₂' };
const keptOf = (
  text: string,
  source: string,
  compute: (v: Record<Kept, number>) => number,
): Formula<Kept> =>
  formula<Kept>({
    symbol: 'T′',
    unit: 'N',
    text,
    source,
    confidence: 'exact',
    symbols: KEPT_SYMBOLS,
    compute,
  });

const LETTING_GO = 'equilibrium of the loop after letting go, linear springs';
const KEPT_FORMULAS: Record<ShortStrands, Formula<Kept>> = {
  pair: keptOf('max(0, T − k₁ × (H + k₂ × d) ÷ (k₁ + 2 × k₂))', LETTING_GO, (v) =>
    keptTension(v, WEIGHTS.pair),
  ),
  four: keptOf('max(0, T − k₁ × (H + k₂ × d) ÷ (k₁ + 4 × k₂))', LETTING_GO, (v) =>
    keptTension(v, WEIGHTS.four),
  ),
  compound: keptOf(
    'max(0, T − 3 × k₁ × (H + k₂ × d) ÷ (7 × k₁ + 18 × k₂))',
    'equilibrium of both loops after letting go, linear springs',
    (v) => keptTension(v, WEIGHTS.compound),
  ),
};
const KEPT_HELD = keptOf(
  'max(0, T − k₁ × (H + k₂ × d) ÷ (k₁ + 2 × k₂)); with a slack strand T − k₁ × (S₂ + H) ÷ (k₁ + k₂)',
  'equilibrium of the loop after letting go, anchor holds',
  keptHeld,
);

/**
 * Tension the load line keeps when the hand lets go and the tail is locked to the loop, in N.
 *
 * Assumes linear springs of constant length (k₁ = EA/L₁ load side, k₂ = EA/L₂ each short strand), the tail locked to
 * the loop, and `slipM` of tail slipping in while the lock sets (3–10 mm for half hitches). The hand's strand disappears
 * and the loop moves toward the load by x = (H + k₂d)/(k₁ + 2k₂). `slides` lets the rope even out round the anchor;
 * `holds` keeps strands apart, and a strand that would go slack then carries nothing. Never below 0.
 * Doubles always slide: `four` has four short strands on one loop; `compound` solves both loop knots, all short strands
 * alike: T₁' = T₁ − 3k₁(H + k₂d)/(7k₁ + 18k₂).
 */
export function keptAfterTieOff<V>(
  t: Tracer<V>,
  input: TieOffInputs<V>,
  mode: AnchorMode,
  strands: ShortStrands = 'pair',
): V {
  const k1 = t.apply(
    { ...springs, symbol: 'k₁', text: 'EA ÷ L₁', symbols: { L: 'L₁' } },
    'load side',
    { EA: input.stiffnessN, L: input.loadLengthM },
  );
  const k2 = t.apply(
    { ...springs, symbol: 'k₂', text: 'EA ÷ L₂', symbols: { L: 'L₂' } },
    'each short strand',
    { EA: input.stiffnessN, L: input.shortLengthM },
  );
  const kept = strands === 'pair' && mode === 'holds' ? KEPT_HELD : KEPT_FORMULAS[strands];
  return t.apply(kept, 'kept after tie-off', {
    T: input.hauledN,
    H: input.handN,
    d: input.slipM,
    k1,
    k2,
    S: input.anchorStrandN,
  });
}

const keptByTackle = formula<'T' | 'k1' | 'd' | 'v'>({
  symbol: 'T′',
  unit: 'N',
  text: 'max(0, T − k₁ × d ÷ v)',
  source: 'hauled end made fast, line as a linear spring, tackle stiff',
  confidence: 'exact',
  symbols: { k1: 'k₁' },
  compute: ({ T, k1, d, v }) => Math.max(0, T - (k1 * d) / v),
});

/**
 * Tension a line keeps when the hauled end of a tackle is made fast where it is and `slipM` of it runs back while it
 * sets, in N: the load gives way by slip ÷ travel ratio. The tackle's own ropes count as stiff. Never below 0.
 */
export function keptInTackle<V>(
  t: Tracer<V>,
  input: {
    readonly hauledN: V;
    readonly stiffnessN: V;
    readonly loadLengthM: V;
    readonly slipM: V;
    readonly travelRatio: V;
  },
): V {
  const k1 = t.apply(
    { ...springs, symbol: 'k₁', text: 'EA ÷ L₁', symbols: { L: 'L₁' } },
    'load side',
    { EA: input.stiffnessN, L: input.loadLengthM },
  );
  return t.apply(keptByTackle, 'kept, hauled end made fast', {
    T: input.hauledN,
    k1,
    d: input.slipM,
    v: input.travelRatio,
  });
}

/** What settles in the first hour of driving, least, most and what counts by default. Source: practitioners, from memory. */
export const SETTLING = { least: 0.1, most: 0.3, usual: 0.2 } as const;

/** F_T = T′ × (1 − settling): what the rules count after the first hour on the road. */
export const settledFormula = formula({
  symbol: 'F_T',
  unit: 'N',
  text: 'T′ × (1 − z)',
  source: 'creep and settling, 10 to 30 % in the first hour',
  confidence: 'from-memory',
  symbols: { T: 'T′' },
  compute: ({ T, z }: Record<'T' | 'z', number>) => T * (1 - z),
});
