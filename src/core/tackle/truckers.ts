import { bare, formula, type Given, type Tracer } from '../working/working';

/** What decides how a trucker's hitch multiplies the pull. Efficiencies are of a half turn while hauling. */
export interface TruckersPull {
  /** Pass through the loop: 0.40–0.55 in a rope loop, more with a ring in it. */
  readonly loopEfficiency: number;
  /** Pass round the anchor: 0.55–0.65 on a round steel ring. */
  readonly anchorEfficiency: number;
  /** Angle of the hand from the direction toward the anchor: 0 toward it, π/2 sideways, π back toward the load. */
  readonly handAngleRad: number;
  /** 1, or 2 for a round turn on the loop (540°): more friction to hold, no more advantage. */
  readonly passes: 1 | 2;
}

type Input = 'eL' | 'eA' | 'phi';

/** Efficiency of the whole passage through the loop. A second pass makes the turn 540° instead of 180°: three half turns of friction, e³. */
export function loopPassage(pull: TruckersPull): number {
  return pull.passes === 2 ? pull.loopEfficiency ** 3 : pull.loopEfficiency;
}

/** F/T = cos φ + e_loop^(1 − φ/π)·(1 + e_anchor). Source: equilibrium of the loop, capstan friction (exact for given e). */
export const haulingRatioFormula = formula<Input>({
  symbol: 'R', unit: 'ratio', text: 'cos(φ) + eL^(1 − φ ÷ π) × (1 + eA)', source: 'equilibrium of the loop knot', confidence: 'exact',
  compute: ({ eL, eA, phi }) => Math.cos(phi) + eL ** (1 - phi / Math.PI) * (1 + eA),
});

/** Shares of the load-line tension, hauling: formulas of the strands that each element bears. */
const strandToAnchor = formula<Input | 'R'>({
  symbol: 's₁', unit: 'ratio', text: 'eL^(1 − φ ÷ π) ÷ R', source: 'strand from anchor to loop', confidence: 'exact',
  compute: ({ eL, phi, R }) => eL ** (1 - phi / Math.PI) / R,
});
const anchorHauling = formula<Input | 'R'>({
  symbol: 's₁', unit: 'ratio', text: 'eL^(1 − φ ÷ π) × (1 + eA) ÷ R', source: 'both strands at the anchor', confidence: 'exact',
  compute: ({ eL, eA, phi, R }) => (eL ** (1 - phi / Math.PI) * (1 + eA)) / R,
});
const handStrand = formula<'R'>({
  symbol: 's₁', unit: 'ratio', text: '1 ÷ R', source: 'the hand’s strand, highest before the loop’s friction', confidence: 'exact',
  compute: ({ R }) => 1 / R,
});

const memory = (label: string, symbol: string, value: number, source: string): Given =>
  ({ label, symbol, value, unit: 'ratio', source, confidence: 'from-memory' });

function pullInputs<V>(t: Tracer<V>, pull: TruckersPull): Record<Input, V> {
  const passes = pull.passes === 2 ? ' (540°: cube of the half turn)' : '';
  return {
    eL: t.given(memory(`pass through the loop${passes}`, 'eL', loopPassage(pull), 'rope through a rope loop 0.40 to 0.55')),
    eA: t.given(memory('pass round the anchor', 'eA', pull.anchorEfficiency, 'round steel ring 0.55 to 0.65')),
    phi: t.given({ label: 'hand, from the direction of the anchor', symbol: 'φ', value: pull.handAngleRad, unit: 'rad', source: 'your entry', confidence: 'entered' }),
  };
}

/** Load-line tension per unit of hand pull while hauling. */
export function haulingRatio<V>(t: Tracer<V>, pull: TruckersPull): V {
  return t.apply(haulingRatioFormula, 'hauling, with friction', pullInputs(t, pull));
}

/** The ratio people count: strands without friction at the same hand angle (3 toward the anchor, 2 sideways, 1 away). */
export function countedRatio(pull: TruckersPull): number {
  return haulingRatioFormula.compute({ eL: 1, eA: 1, phi: pull.handAngleRad });
}

/** Load-line tension per unit of hand pull while hauling, numbers only. */
export function haulingRatioOf(pull: TruckersPull): number {
  return bare.value(haulingRatio(bare, pull)) ?? 0;
}

/** What bears which share of the load line's tension. */
export type ShareOf = 'loop-knot' | 'loop-turn' | 'anchor-turn' | 'lock' | 'anchor';

/** Tied off at the loop: the two short strands carry 1 together, the lock half, the anchor 1. */
const TIED_OFF_SHARE: Record<ShareOf, number> = { 'loop-knot': 1, 'loop-turn': 0.5, 'anchor-turn': 0.5, lock: 0.5, anchor: 1 };

/**
 * Largest share of the load-line tension that an element bears over both states, hauling and tied off.
 * An element's allowed line tension is its capacity divided by this. Source: handbook formulas, exact for given e.
 */
export function largestShare<V>(t: Tracer<V>, pull: TruckersPull, of: ShareOf): V {
  const tiedOff = t.given({
    label: 'share tied off', symbol: 's₂', value: TIED_OFF_SHARE[of], unit: 'ratio', source: 'equilibrium after tie-off', confidence: 'exact',
  });
  if (of === 'loop-knot' || of === 'lock') return tiedOff;
  const inputs = { ...pullInputs(t, pull), R: haulingRatio(t, pull) };
  const hauling =
    of === 'anchor' ? t.apply(anchorHauling, 'share while hauling', inputs)
    : of === 'anchor-turn' ? t.apply(strandToAnchor, 'share while hauling', inputs)
    : t.apply(handStrand, 'share while hauling', { R: inputs.R });
  return t.extreme('greatest', 'largest share', 's', [hauling, tiedOff]);
}
