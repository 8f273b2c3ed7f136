import { fail, ok, type Result } from '../result';
import { bare, formula, type Tracer } from '../working/working';

/** A line over a span with one load hung on it, and its own weight spread along the span. */
export interface LoadedLine {
  readonly spanM: number;
  /** How much higher the second end is. */
  readonly riseM: number;
  readonly weightNPerM: number;
  readonly loadN: number;
  /** Distance of the load from the first end, along the span. */
  readonly atM: number;
}

/** Tensions at both ends for a sag at the load, measured below the straight line between the ends. */
export interface EndTensions<V> {
  readonly horizontalN: V;
  readonly firstN: V;
  readonly secondN: V;
  readonly greatestN: V;
}

type Names = 'P' | 'w' | 'L' | 'a' | 's';
const horizontal = formula<Names>({
  symbol: 'H',
  unit: 'N',
  text: '(P × a × (L − a) ÷ L + w × a × (L − a) ÷ 2) ÷ s',
  source: 'moments about the loaded point; own weight spread along the span',
  confidence: 'exact',
  compute: ({ P, w, L, a, s }) => ((P * a * (L - a)) / L + (w * a * (L - a)) / 2) / s,
});
type EndNames = Exclude<Names, 's'> | 'H' | 'h';
const first = formula<EndNames>({
  symbol: 'T₁',
  unit: 'N',
  text: '(H^2 + (P × (L − a) ÷ L + w × L ÷ 2 − H × h ÷ L)^2)^0.5',
  source: 'equilibrium of the first end',
  confidence: 'exact',
  compute: ({ P, w, L, a, H, h }) => Math.hypot(H, (P * (L - a)) / L + (w * L) / 2 - (H * h) / L),
});
const second = formula<EndNames>({
  symbol: 'T₂',
  unit: 'N',
  text: '(H^2 + (P × a ÷ L + w × L ÷ 2 + H × h ÷ L)^2)^0.5',
  source: 'equilibrium of the second end',
  confidence: 'exact',
  compute: ({ P, w, L, a, H, h }) => Math.hypot(H, (P * a) / L + (w * L) / 2 + (H * h) / L),
});

/**
 * Tension of a loaded line from the sag at its load, in N. Level, weightless, mid-span: (P/2)·√(1 + (L/2s)²).
 * Source: equilibrium of a flexible line, exact for weight spread along the span (the parabola’s assumption).
 */
export function endTensions<V>(t: Tracer<V>, line: LoadedLine, sagM: number): EndTensions<V> {
  const entered = (label: string, symbol: string, value: number, unit: 'N' | 'm' | 'N/m'): V =>
    t.given({ label, symbol, value, unit, source: 'your entry', confidence: 'entered' });
  const common = {
    P: entered('load', 'P', line.loadN, 'N'),
    w: entered('weight of the line', 'w', line.weightNPerM, 'N/m'),
    L: entered('span', 'L', line.spanM, 'm'),
    a: entered('load from the first end', 'a', line.atM, 'm'),
  };
  const horizontalN = t.apply(horizontal, 'pull along the span', {
    ...common,
    s: entered('sag at the load', 's', sagM, 'm'),
  });
  const ends = {
    ...common,
    H: horizontalN,
    h: entered('second end higher by', 'h', line.riseM, 'm'),
  };
  const [firstN, secondN] = [
    t.apply(first, 'tension at the first end', ends),
    t.apply(second, 'tension at the second end', ends),
  ];
  return {
    horizontalN,
    firstN,
    secondN,
    greatestN: t.extreme('greatest', 'tension of the line', 'T', [firstN, secondN]),
  };
}

/** The same, numbers only. */
export function endTensionsN(line: LoadedLine, sagM: number): EndTensions<number> {
  const { horizontalN, firstN, secondN, greatestN } = endTensions(bare, line, sagM);
  return { horizontalN: horizontalN!, firstN: firstN!, secondN: secondN!, greatestN: greatestN! };
}

/**
 * The least sag of a level line with a load in its middle, its own weight left out, that keeps it within a limit: what
 * `sagForLimit` finds, in closed form. Source: equilibrium of the loaded point, exact.
 */
export const leastSagMidSpan = formula({
  symbol: 's',
  unit: 'm',
  text: 'L ÷ (2 × ((2 × T ÷ P)^2 − 1)^0.5)',
  source: 'half the load in each side of the line',
  confidence: 'exact',
  symbols: { L: 'L', T: 'T', P: 'P' },
  compute: ({ L, T, P }: Record<'L' | 'T' | 'P', number>) =>
    L / (2 * Math.sqrt(((2 * T) / P) ** 2 - 1)),
});

const HALVINGS = 120;

/**
 * The least sag at which the line bears no more than a limit, such as its working load limit.
 * @returns `span-limit-too-low` when even a very deep sag bears more: each end carries at least its share of the load.
 */
export function sagForLimit(line: LoadedLine, limitN: number): Result<number> {
  const deepest = 1e6 * line.spanM;
  if (endTensionsN(line, deepest).greatestN > limitN) return fail('span-limit-too-low', { limitN });
  let [shallow, deep] = [0, deepest];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = 0.5 * (shallow + deep);
    if (endTensionsN(line, middle).greatestN > limitN) shallow = middle;
    else deep = middle;
  }
  return ok(deep);
}

/**
 * Sag at the load of an elastic line of a given unstretched length: both parts straight, lengthened by their mean tension
 * over EA. The load stays where it is put.
 * @returns the sag, in m. Source: Hooke’s law on the whole length; common practice.
 */
export function elasticSag(line: LoadedLine, unstretchedM: number, stiffnessN: number): number {
  const { spanM, riseM, atM } = line;
  const surplus = (sagM: number): number => {
    const { firstN, secondN } = endTensionsN(line, sagM);
    const down = sagM - (riseM * atM) / spanM;
    const [p, q] = [Math.hypot(atM, down), Math.hypot(spanM - atM, down + riseM)];
    return p + q - unstretchedM * (1 + (firstN * p + secondN * q) / ((p + q) * stiffnessN));
  };
  // Too little sag: the tension would stretch the line beyond what the sag needs. The surplus rises with the sag.
  let [low, high] = [1e-9 * spanM, spanM];
  while (surplus(high) < 0) high *= 2;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = 0.5 * (low + high);
    if (surplus(middle) < 0) low = middle;
    else high = middle;
  }
  return high;
}

/** Points of the curve of tension against sag, from a drum-tight line to a deep one: sags as parts of the span, evenly spaced in logarithm. */
export function tensionCurve(
  line: LoadedLine,
  points = 60,
): { readonly sagM: number; readonly tensionN: number }[] {
  const [least, most] = [0.002, 0.3];
  return Array.from({ length: points }, (_, i) => {
    const sagM = line.spanM * least * (most / least) ** (i / (points - 1));
    return { sagM, tensionN: endTensionsN(line, sagM).greatestN };
  });
}
