import { bare, formula, type Formula, type Given, type Tracer } from '../working/working';
import { PASS_KINDS, type PassKind } from './passes';

/**
 * How the hauling part runs. `single`: anchor, loop, hand. `reeved-twice`: anchor, loop, anchor, loop, hand, through the
 * same loop. `second-loop`: anchor, then a second loop knot in the hauling part, anchor again, second loop, hand.
 */
export const TRUCKERS_FORMS = ['single', 'reeved-twice', 'second-loop'] as const;
export type TruckersForm = (typeof TRUCKERS_FORMS)[number];

/** What decides how a trucker's hitch multiplies the pull. Efficiencies are of a half turn while hauling. */
export interface TruckersPull {
  readonly form: TruckersForm;
  /** What the rope turns round in the loop: the loop itself, or a ring, connector or pulley hung in it. */
  readonly inLoop: PassKind;
  readonly roundAnchor: PassKind;
  /** Pass through the loop: 0.40–0.55 in a rope loop, more with a ring in it. */
  readonly loopEfficiency: number;
  /** Pass round the anchor: 0.55–0.65 on a round steel ring. */
  readonly anchorEfficiency: number;
  /** Angle of the hand from the direction toward the anchor: 0 toward it, π/2 sideways, π back toward the load. */
  readonly handAngleRad: number;
  /** 1, or 2 for a round turn on the loop in hand (540°): more friction to hold, no more advantage. */
  readonly passes: 1 | 2;
}

type Input = 'eL' | 'eA' | 'phi' | 'e1';

/** Half turns of rope round the loop in hand while the hand pulls toward the anchor: 180°, or 540° with a second pass. */
const HALF_TURNS = { 1: 1, 2: 3 } as const;

/** Angle wrapped round the loop in hand while the hand pulls toward the anchor, rad. */
export const loopWrapRad = (pull: Pick<TruckersPull, 'passes'>): number =>
  HALF_TURNS[pull.passes] * Math.PI;

/** Efficiency of the whole passage through the loop in hand, hand toward the anchor: three half turns of friction for a second pass, e³. */
export const loopPassage = (pull: Pick<TruckersPull, 'loopEfficiency' | 'passes'>): number =>
  pull.loopEfficiency ** HALF_TURNS[pull.passes];

const ratioOf = (text: string, compute: (v: Record<Input, number>) => number): Formula<Input> =>
  formula<Input>({
    symbol: 'R',
    unit: 'ratio',
    text,
    source: 'equilibrium of the loop knot',
    confidence: 'exact',
    symbols: { e1: 'e₁' },
    compute,
  });
/** What passes the loop in hand: only the last half turn shrinks with the hand's angle. */
const passed = (
  halfTurns: number,
  { eL, phi }: Pick<Record<Input, number>, 'eL' | 'phi'>,
): number => eL ** (halfTurns - phi / Math.PI);

/**
 * Load-line tension over hand pull while hauling, by form. Single: F/T = cos φ + e_loop^(k − φ/π)·(1 + e_anchor), with k
 * the half turns round the loop in hand (1, or 3 with a second pass).
 * Source: equilibrium of each loop knot, capstan friction (exact for given efficiencies).
 */
function haulingFormulas(k: 1 | 3): Record<TruckersForm, Formula<Input>> {
  const strand = `eL^(${k} − φ ÷ π) × (1 + eA)`;
  const beyond = (v: Record<Input, number>): number => passed(k, v) * (1 + v.eA);
  return {
    single: ratioOf(`cos(φ) + ${strand}`, (v) => Math.cos(v.phi) + beyond(v)),
    'reeved-twice': ratioOf(
      `cos(φ) + ${strand} × (1 + e₁ × eA)`,
      (v) => Math.cos(v.phi) + beyond(v) * (1 + v.e1 * v.eA),
    ),
    'second-loop': ratioOf(
      `(cos(φ) + ${strand}) × (1 + e₁ + e₁ × eA)`,
      (v) => (Math.cos(v.phi) + beyond(v)) * (1 + v.e1 + v.e1 * v.eA),
    ),
  };
}
const HAULING_FORMULAS = { 1: haulingFormulas(1), 2: haulingFormulas(3) } as const;

const shareOf = <K extends string>(
  text: string,
  source: string,
  compute: (v: Record<K, number>) => number,
): Formula<K> =>
  formula<K>({
    symbol: 's₁',
    unit: 'ratio',
    text,
    source,
    confidence: 'exact',
    symbols: { e1: 'e₁' } as Partial<Record<K, string>>,
    compute,
  });
/** Shares of the load-line tension, hauling: formulas of the strands that each element bears. */
const anchorStrandOf = (k: 1 | 3) =>
  shareOf<Input | 'R'>(
    `eL^(${k} − φ ÷ π) ÷ R`,
    'strand from the loop in hand to the anchor',
    (v) => passed(k, v) / v.R,
  );
const ANCHOR_STRAND = { 1: anchorStrandOf(1), 2: anchorStrandOf(3) } as const;
/** The same strand in N, for a hand's pull. */
const strandForce = (k: 1 | 3): Formula<'H' | 'eL' | 'phi'> =>
  formula({
    symbol: 'S₂',
    unit: 'N',
    text: `H₀ × eL^(${k} − φ ÷ π)`,
    source: 'strand that comes up from the anchor',
    confidence: 'exact',
    symbols: { phi: 'φ' },
    compute: ({ H, eL, phi }: Record<'H' | 'eL' | 'phi', number>) => H * passed(k, { eL, phi }),
  });
const STRAND_FORCE = { 1: strandForce(1), 2: strandForce(3) } as const;
const anchorHauling = shareOf<'phi' | 'R'>(
  '(R − cos(φ)) ÷ R',
  'all strands at the anchor',
  (v) => (v.R - Math.cos(v.phi)) / v.R,
);
const handStrand = shareOf<'R'>(
  '1 ÷ R',
  'the hand’s strand, highest before the loop’s friction',
  (v) => 1 / v.R,
);
const betweenLoops = shareOf<'e1' | 'eA'>(
  '1 ÷ (1 + e₁ + e₁ × eA)',
  'the part between both loop knots',
  (v) => 1 / (1 + v.e1 + v.e1 * v.eA),
);
const firstLoopStrand = shareOf<'e1' | 'eA'>(
  'e₁ ÷ (1 + e₁ + e₁ × eA)',
  'strand from the first loop to the anchor',
  (v) => v.e1 / (1 + v.e1 + v.e1 * v.eA),
);
const halfBetween = formula<'e1' | 'eA'>({
  symbol: 's₂',
  unit: 'ratio',
  text: '1 ÷ (1 + e₁ + e₁ × eA) ÷ 2',
  source: 'half of the part between both loop knots',
  confidence: 'exact',
  symbols: { e1: 'e₁' },
  compute: (v) => 1 / (1 + v.e1 + v.e1 * v.eA) / 2,
});

const memory = (label: string, symbol: string, value: number, kind: PassKind): Given => ({
  label,
  symbol,
  value,
  unit: 'ratio',
  confidence: 'from-memory',
  source: `${PASS_KINDS[kind].name} ${PASS_KINDS[kind].least.toFixed(2)}${PASS_KINDS[kind].most > PASS_KINDS[kind].least ? ` to ${PASS_KINDS[kind].most.toFixed(2)}` : ''}`,
});

function pullInputs<V>(t: Tracer<V>, pull: TruckersPull): Record<Input, V> {
  const passes = pull.passes === 2 ? ', each half turn of 540°' : '';
  return {
    eL: t.given(memory(`pass through the loop${passes}`, 'eL', pull.loopEfficiency, pull.inLoop)),
    eA: t.given(memory('pass round the anchor', 'eA', pull.anchorEfficiency, pull.roundAnchor)),
    phi: t.given({
      label: 'hand, from the direction of the anchor',
      symbol: 'φ',
      value: pull.handAngleRad,
      unit: 'rad',
      source: 'your entry',
      confidence: 'entered',
    }),
    e1: t.given(
      memory(
        pull.form === 'second-loop'
          ? 'half turn through the first loop'
          : 'second time through the loop',
        'e₁',
        pull.loopEfficiency,
        pull.inLoop,
      ),
    ),
  };
}

/** The inputs a form's formula reads: a single hitch has no second passage to show. */
function readBy<V>(form: TruckersForm, { e1, ...rest }: Record<Input, V>): Record<Input, V> {
  // A single hitch's formula never looks at e₁; leaving it out keeps it out of the working.
  return (form === 'single' ? rest : { ...rest, e1 }) as Record<Input, V>;
}

/** Load-line tension per unit of hand pull while hauling. */
export function haulingRatio<V>(t: Tracer<V>, pull: TruckersPull): V {
  return t.apply(
    HAULING_FORMULAS[pull.passes][pull.form],
    'hauling, with friction',
    readBy(pull.form, pullInputs(t, pull)),
  );
}

/** The ratio people count: strands without friction at the same hand angle (single: 3 toward the anchor, 2 sideways, 1 away). */
export function countedRatio(pull: Pick<TruckersPull, 'form' | 'handAngleRad'>): number {
  return HAULING_FORMULAS[1][pull.form].compute({ eL: 1, eA: 1, phi: pull.handAngleRad, e1: 1 });
}

/** Load-line tension per unit of hand pull while hauling, numbers only. */
export function haulingRatioOf(pull: TruckersPull): number {
  return bare.value(haulingRatio(bare, pull)) ?? 0;
}

/** Least and greatest hauling ratio over what passes of these kinds leave. Rope loop and ring: 1.62 to 1.91; a ring in the loop: 1.85 to 2.07. */
export function frictionBand(pull: TruckersPull): {
  readonly least: number;
  readonly most: number;
} {
  const at = (end: 'least' | 'most'): number =>
    haulingRatioOf({
      ...pull,
      loopEfficiency: PASS_KINDS[pull.inLoop][end],
      anchorEfficiency: PASS_KINDS[pull.roundAnchor][end],
    });
  return { least: at('least'), most: at('most') };
}

/** The strand that comes up from the anchor while hauling, N, for a hand's pull. */
export function anchorStrandForce<V>(t: Tracer<V>, pull: TruckersPull, hand: V): V {
  const { eL, phi } = pullInputs(t, pull);
  return t.apply(STRAND_FORCE[pull.passes], 'strand from the anchor', { H: hand, eL, phi });
}

/** What bears which share of the load line's tension. */
export type ShareOf = 'loop-knot' | 'loop-turn' | 'anchor-turn' | 'lock' | 'anchor';

/** Tied off at the loop with the strands evened out: short strands and lock at most half each, the anchor all of it. */
const TIED_OFF_SHARE: Record<ShareOf, number> = {
  'loop-knot': 1,
  'loop-turn': 0.5,
  'anchor-turn': 0.5,
  lock: 0.5,
  anchor: 1,
};

/** Shares while hauling of what is not simply the whole line. */
function haulingShares<V>(
  t: Tracer<V>,
  pull: TruckersPull,
  of: 'loop-turn' | 'anchor-turn' | 'anchor',
): V[] {
  const inputs = pullInputs(t, pull);
  const R = haulingRatio(t, pull);
  const { phi, e1, eA, eL } = inputs;
  const label = 'share while hauling';
  const compound = pull.form === 'second-loop';
  if (of === 'anchor') return [t.apply(anchorHauling, label, { phi, R })];
  if (of === 'anchor-turn') {
    return [
      t.apply(ANCHOR_STRAND[pull.passes], label, { eL, phi, R } as Record<Input | 'R', V>),
      ...(compound ? [t.apply(firstLoopStrand, label, { e1, eA })] : []),
    ];
  }
  return [
    t.apply(handStrand, label, { R }),
    ...(compound ? [t.apply(betweenLoops, label, { e1, eA })] : []),
  ];
}

/**
 * Largest share of the load-line tension that an element bears over both states, hauling and tied off.
 * An element's allowed line tension is its capacity divided by this. Source: equilibrium, exact for given e.
 */
export function largestShare<V>(t: Tracer<V>, pull: TruckersPull, of: ShareOf): V {
  const { e1, eA } = pullInputs(t, pull);
  // The lock of a second loop sits on that loop's pair, which together bear what runs between the loops.
  if (of === 'lock' && pull.form === 'second-loop')
    return t.apply(halfBetween, 'share tied off', { e1, eA });
  const tiedOff = t.given({
    label: 'share tied off',
    symbol: 's₂',
    value: TIED_OFF_SHARE[of],
    unit: 'ratio',
    source: 'equilibrium after tie-off',
    confidence: 'exact',
  });
  if (of === 'loop-knot' || of === 'lock') return tiedOff;
  return t.extreme('greatest', 'largest share', 's', [...haulingShares(t, pull, of), tiedOff]);
}
