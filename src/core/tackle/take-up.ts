import { formula, type Tracer } from '../working/working';

/** Knots drawing up under load, and room for a hand to tie in. Source: common practice. */
export const KNOT_SETTING_M = 0.03;
export const HAND_WIDTH_M = 0.1;
/** Where the loop of a short line is usually tied. Source: common practice. */
export const USUAL_LOOP_M = { least: 0.25, most: 0.3 } as const;

/** What uses up travel before a line is tight. Lengths in m, stiffness EA in N. */
export interface TakeUpInputs<V> {
  /** Length of the load line that stretches. */
  readonly lengthM: V;
  readonly stiffnessN: V;
  /** Tension it is hauled to. */
  readonly tensionN: V;
  /** Straight distance the line hangs over while slack, and how deep. */
  readonly spanM: V;
  readonly sagM: V;
  /** Knots drawing up under load. */
  readonly settingM: V;
}

const slack = formula<'s' | 'L'>({
  symbol: 'u₁',
  unit: 'm',
  text: '8 × s^2 ÷ (3 × L)',
  source: 'parabola of a slack line, small sag',
  confidence: 'exact',
  compute: ({ s, L }) => (8 * s * s) / (3 * L),
});
const stretch = formula<'T' | 'L' | 'EA'>({
  symbol: 'u₂',
  unit: 'm',
  text: 'T × L ÷ EA',
  source: 'Hooke’s law',
  confidence: 'exact',
  symbols: { T: 'T', L: 'L', EA: 'EA' },
  compute: ({ T, L, EA }) => (T * L) / EA,
});
/** How much a line of length L stretches at a tension, in m. */
export const stretchOf = <V>(
  t: Tracer<V>,
  input: { readonly T: V; readonly L: V; readonly EA: V },
): V => t.apply(stretch, 'stretch', input);

const sum = formula<'u1' | 'u2' | 'k'>({
  symbol: 'u',
  unit: 'm',
  text: 'u₁ + u₂ + k',
  source: 'what the loop comes toward the anchor',
  confidence: 'exact',
  symbols: { u1: 'u₁', u2: 'u₂', k: 'k' },
  compute: ({ u1, u2, k }) => u1 + u2 + k,
});
const distance = formula<'u' | 'h'>({
  symbol: 'a',
  unit: 'm',
  text: 'u + h',
  source: 'travel, and a hand’s width to tie in',
  confidence: 'practice',
  compute: ({ u, h }) => u + h,
});

/** How far the loop comes toward the anchor until the line is as tight as asked for, in m. */
export function takeUp<V>(t: Tracer<V>, input: TakeUpInputs<V>): V {
  return t.apply(sum, 'take-up', {
    u1: t.apply(slack, 'slack to come in', { s: input.sagM, L: input.spanM }),
    u2: stretchOf(t, { T: input.tensionN, L: input.lengthM, EA: input.stiffnessN }),
    k: input.settingM,
  });
}

const farther = formula<'u' | 'm' | 'h'>({
  symbol: 'a',
  unit: 'm',
  text: 'm × u + h',
  source: 'travel of the loop in hand, and a hand’s width to tie in',
  confidence: 'practice',
  compute: ({ u, m, h }) => m * u + h,
});

/**
 * How far from the anchor the loop is to be tied, in m. Practice: 25 to 30 cm for short lines, further up for a double.
 * `travel`: how far the loop in hand comes for each length the line comes in; 3 for a second loop, whose own three strands
 * must give out what the first loop's two take in and its own part besides.
 */
export function loopDistance<V>(
  t: Tracer<V>,
  input: TakeUpInputs<V>,
  handWidthM: V,
  travel = 1,
): V {
  const u = takeUp(t, input);
  if (travel === 1) return t.apply(distance, 'loop from the anchor', { u, h: handWidthM });
  const m = t.given({
    label: 'travel of the second loop for that of the line',
    symbol: 'm',
    value: travel,
    unit: 'ratio',
    source: 'lengths of the ropes',
    confidence: 'exact',
  });
  return t.apply(farther, 'second loop from the anchor', { u, m, h: handWidthM });
}

/**
 * The tension at which a loop tied so near reaches the anchor and nothing more can be hauled; 0 when it does so before
 * the line is even straight. Numbers only.
 */
export function tensionWhenLoopArrivesN(
  line: {
    readonly lengthM: number;
    readonly stiffnessN: number;
    readonly spanM: number;
    readonly sagM: number;
    readonly settingM: number;
  },
  tiedAtM: number,
): number {
  const left = tiedAtM - slack.compute({ s: line.sagM, L: line.spanM }) - line.settingM;
  return Math.max(0, (left * line.stiffnessN) / line.lengthM);
}
