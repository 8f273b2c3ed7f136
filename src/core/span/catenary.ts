import { fail, ok, type Result } from '../result';

/** A line hanging under its own weight between two points. */
export interface Hanging {
  /** Horizontal distance of the ends. */
  readonly spanM: number;
  /** How much higher the second end is. */
  readonly riseM: number;
  readonly weightNPerM: number;
}

/** A hanging line as it lies: a · cosh((x − x₀) / a) + c, x from the first end. */
export interface Catenary {
  /** Horizontal tension over weight a length. */
  readonly parameterM: number;
  readonly lowestAtM: number;
  readonly lengthM: number;
  readonly horizontalN: number;
  /** Tension at the higher end, the largest. */
  readonly greatestN: number;
  /** Deepest distance below the straight line between the ends, measured upright. */
  readonly sagM: number;
}

/** Halvings of a bracket: 2⁻⁸⁰ of it is far below a double's last digit. */
const HALVINGS = 200;

/** Where a rising function reaches a value, between two bounds. */
function reached(value: number, f: (x: number) => number, low: number, high: number): number {
  let [a, b] = [low, high];
  for (let i = 0; i < HALVINGS && b - a > Number.EPSILON * Math.abs(a + b); i++) {
    const middle = 0.5 * (a + b);
    if (f(middle) < value) a = middle;
    else b = middle;
  }
  return 0.5 * (a + b);
}

/**
 * The catenary with a given horizontal tension. Source: the curve's defining equation (Bernoulli, Leibniz, Huygens 1691), exact.
 */
export function catenaryAt({ spanM, riseM, weightNPerM }: Hanging, horizontalN: number): Catenary {
  const a = horizontalN / weightNPerM;
  // Rise = 2a · sinh(L/2a) · sinh((L/2 − x₀)/a).
  const lowestAtM = spanM / 2 - a * Math.asinh(riseM / (2 * a * Math.sinh(spanM / (2 * a))));
  const y = (x: number): number => a * Math.cosh((x - lowestAtM) / a);
  const lengthM = a * (Math.sinh((spanM - lowestAtM) / a) + Math.sinh(lowestAtM / a));
  const greatestN = weightNPerM * Math.max(y(0), y(spanM));
  // Farthest below the chord where the curve is parallel to it.
  const x = lowestAtM + a * Math.asinh(riseM / spanM);
  const sagM = y(0) + (riseM / spanM) * x - y(x);
  return { parameterM: a, lowestAtM, lengthM, horizontalN, greatestN, sagM };
}

/**
 * The catenary of a line of a given length.
 * @returns `span-impossible` when the line is not longer than the distance of its ends.
 */
export function catenaryOfLength(hanging: Hanging, lengthM: number): Result<Catenary> {
  const { spanM, riseM, weightNPerM } = hanging;
  const chordM = Math.hypot(spanM, riseM);
  if (!(lengthM > chordM)) return fail('span-impossible', { lengthM, chordM });
  // √(S² − h²) = 2a · sinh(L/2a): with u = L/2a, sinh(u)/u rises from 1.
  const wanted = Math.sqrt(lengthM ** 2 - riseM ** 2) / spanM;
  let high = 1;
  while (Math.sinh(high) / high < wanted) high *= 2;
  const u = reached(wanted, (v) => (v < 1e-6 ? 1 + (v * v) / 6 : Math.sinh(v) / v), 0, high);
  return ok(catenaryAt(hanging, (weightNPerM * spanM) / (2 * u)));
}

/** The catenary of a line with a given sag below the straight line between its ends. */
export function catenaryOfSag(hanging: Hanging, sagM: number): Catenary {
  // Sag falls as the tension rises: bracket by doubling, then halve.
  const start = (hanging.weightNPerM * hanging.spanM ** 2) / (8 * sagM);
  let [low, high] = [start, start];
  while (catenaryAt(hanging, low).sagM < sagM) low /= 2;
  while (catenaryAt(hanging, high).sagM > sagM) high *= 2;
  return catenaryAt(
    hanging,
    reached(-sagM, (h) => -catenaryAt(hanging, h).sagM, low, high),
  );
}

/** Horizontal tension by the parabola, for level ends: w·L²/(8·s). An approximation that is good for small sag. */
export function parabolaTensionN(
  { spanM, weightNPerM }: Pick<Hanging, 'spanM' | 'weightNPerM'>,
  sagM: number,
): number {
  return (weightNPerM * spanM ** 2) / (8 * sagM);
}
