import { fail, ok, type Result } from '../result';

/** A weightless line over a span with one load on it. */
export interface PointLoad {
  readonly spanM: number;
  readonly loadN: number;
  /** Distance of the load from the first end, along the span. */
  readonly atM: number;
}

/** Tensions of the two parts of the line for a sag at the load. Level ends. */
export interface Legs {
  readonly horizontalN: number;
  readonly firstN: number;
  readonly secondN: number;
  readonly greatestN: number;
}

/**
 * Tension of a line with a load on it, from the sag at the load: H = P·a·b / (L·s), each part H·√(1 + (s/a)²).
 * At mid-span (P/2)·√(1 + (L/2s)²). Source: equilibrium of the loaded point, exact for a line without weight.
 */
export function loadedLegs({ spanM, loadN, atM }: PointLoad, sagM: number): Legs {
  const [a, b] = [atM, spanM - atM];
  const horizontalN = (loadN * a * b) / (spanM * sagM);
  const [firstN, secondN] = [horizontalN * Math.hypot(1, sagM / a), horizontalN * Math.hypot(1, sagM / b)];
  return { horizontalN, firstN, secondN, greatestN: Math.max(firstN, secondN) };
}

const HALVINGS = 120;

/**
 * The least sag at which no part of the line bears more than a limit, such as its working load limit.
 * @returns `span-limit-too-low` when even a very deep sag bears more: each part carries at least its share of the load.
 */
export function sagForLimit(load: PointLoad, limitN: number): Result<number> {
  const deepest = 1e6 * load.spanM;
  if (loadedLegs(load, deepest).greatestN > limitN) return fail('span-limit-too-low', { limitN });
  let [shallow, deep] = [0, deepest];
  for (let i = 0; i < HALVINGS; i++) {
    const middle = 0.5 * (shallow + deep);
    if (loadedLegs(load, middle).greatestN > limitN) shallow = middle; else deep = middle;
  }
  return ok(deep);
}

/**
 * Sag at the load of an elastic line of a given unstretched length that the load may slide along: both parts bear nearly
 * the same, and the line lengthens by T/EA. Level ends; the load stays where it is put.
 * @returns the sag, 0 when the line is shorter than its span even stretched by nothing at all.
 * Source: Hooke's law on the whole length with the mean of both tensions; common practice.
 */
export function elasticSag(load: PointLoad, unstretchedM: number, stiffnessN: number): number {
  const [a, b] = [load.atM, load.spanM - load.atM];
  const surplus = (sagM: number): number => {
    const { firstN, secondN } = loadedLegs(load, sagM);
    const lengthM = Math.hypot(a, sagM) + Math.hypot(b, sagM);
    return lengthM - unstretchedM * (1 + (firstN * Math.hypot(a, sagM) + secondN * Math.hypot(b, sagM)) / (lengthM * stiffnessN));
  };
  // Too little sag: the tension would stretch the line beyond what the sag needs. The surplus rises with the sag.
  let [low, high] = [1e-9 * load.spanM, load.spanM];
  while (surplus(high) < 0) high *= 2;
  for (let i = 0; i < HALVINGS; i++) {
    const middle = 0.5 * (low + high);
    if (surplus(middle) < 0) low = middle; else high = middle;
  }
  return high;
}

/** Tension of one leg over its share of the load, for its angle from the horizontal: 1 / sin. Exact. */
export function legFactor(angleRad: number): number {
  return 1 / Math.sin(angleRad);
}
