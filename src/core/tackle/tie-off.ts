import { formula, type Tracer } from '../working/working';

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
  symbol: 'k', unit: 'N/m', text: 'EA ÷ L', source: 'linear spring', confidence: 'exact',
  compute: ({ EA, L }: Record<'EA' | 'L', number>) => EA / L,
});

type Kept = 'T' | 'H' | 'd' | 'k1' | 'k2' | 'S';

/** Tension kept, numbers only; the two formulas below both call it. */
function keptTension({ T, H, d, k1, k2, S }: Record<Kept, number>, mode: AnchorMode): number {
  const x = (H + k2 * d) / (k1 + 2 * k2);
  const goesSlack = mode === 'holds' && S + k2 * (x - d) < 0;
  const kept = goesSlack ? T - (k1 * (S + H)) / (k1 + k2) : T - k1 * x;
  return Math.max(0, kept);
}

const KEPT_SYMBOLS: Record<Kept, string> = { T: 'T', H: 'H', d: 'd', k1: 'k₁', k2: 'k₂', S: 'S₂' };

const keptFormula: Record<AnchorMode, ReturnType<typeof formula<Kept>>> = {
  slides: formula<Kept>({
    symbol: 'T′', unit: 'N', text: 'max(0, T − k₁ × (H + k₂ × d) ÷ (k₁ + 2 × k₂))', source: 'equilibrium of the loop after letting go, linear springs', confidence: 'exact',
    symbols: KEPT_SYMBOLS, compute: (v) => keptTension(v, 'slides'),
  }),
  holds: formula<Kept>({
    symbol: 'T′', unit: 'N', text: 'max(0, T − k₁ × (H + k₂ × d) ÷ (k₁ + 2 × k₂)); with a slack strand T − k₁ × (S₂ + H) ÷ (k₁ + k₂)', source: 'equilibrium of the loop after letting go, anchor holds', confidence: 'exact',
    symbols: KEPT_SYMBOLS, compute: (v) => keptTension(v, 'holds'),
  }),
};

/**
 * Tension the load line keeps when the hand lets go and the tail is locked to the loop, in N.
 *
 * Assumes linear springs of constant length (k₁ = EA/L₁ load side, k₂ = EA/L₂ each short strand), the tail locked to
 * the loop, and `slipM` of tail slipping in while the lock sets (3–10 mm for half hitches). The hand's strand disappears
 * and the loop moves toward the load by x = (H + k₂d)/(k₁ + 2k₂). `slides` lets the rope even out round the anchor;
 * `holds` keeps strands apart, and a strand that would go slack then carries nothing. Never below 0.
 */
export function keptAfterTieOff<V>(t: Tracer<V>, input: TieOffInputs<V>, mode: AnchorMode): V {
  const k1 = t.apply({ ...springs, symbol: 'k₁', text: 'EA ÷ L₁', symbols: { L: 'L₁' } }, 'load side', { EA: input.stiffnessN, L: input.loadLengthM });
  const k2 = t.apply({ ...springs, symbol: 'k₂', text: 'EA ÷ L₂', symbols: { L: 'L₂' } }, 'each short strand', { EA: input.stiffnessN, L: input.shortLengthM });
  return t.apply(keptFormula[mode], 'kept after tie-off', {
    T: input.hauledN, H: input.handN, d: input.slipM, k1, k2, S: input.anchorStrandN,
  });
}

/** F_T = T′ × (1 − settling): what the rules count after the first hour on the road. */
export const settledFormula = formula({
  symbol: 'F_T', unit: 'N', text: 'T′ × (1 − z)', source: 'creep and settling, 10 to 30 % in the first hour', confidence: 'from-memory', symbols: { T: 'T′' },
  compute: ({ T, z }: Record<'T' | 'z', number>) => T * (1 - z),
});
