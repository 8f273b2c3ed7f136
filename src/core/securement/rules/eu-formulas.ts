import { formula } from '../../working/working';

/** EN 12195-1:2010, all from memory: accelerations in g, safety factors, friction factor for direct lashing. */
export const EU = {
  required: { forward: 0.8, rearward: 0.5, left: 0.5, right: 0.5 },
  verticalC: 1,
  /** Sideways, tilting, when the lashing force counted is LC/2 instead of a tension that was set. */
  tiltingAtHalfLc: 0.6,
  safetyForward: 1.25,
  safetyOther: 1.1,
  directFrictionFactor: 0.75,
  largestPartOfLc: 0.5,
  /** The edition before: k for both legs together, and dynamic friction as part of static. */
  olderK: 1.5,
  olderDynamicPart: 0.7,
} as const;

/** One over-lashing case. Forces N, mass kg, angles rad; `legs`: 2 for an ordinary over-lashing. */
export interface OverLashingCase {
  readonly c: number;
  readonly mu: number;
  readonly massKg: number;
  readonly gravity: number;
  readonly safety: number;
  readonly blockingN: number;
  readonly alphaRad: number;
}

function neededPressing(k: OverLashingCase): number {
  return Math.max(0, k.safety * ((k.c - k.mu * EU.verticalC) * k.massKg * k.gravity - k.blockingN));
}

/**
 * Over-lashings needed against sliding: n ≥ f_s·((c − μ·c_z)·m·g − BC) / (2·μ·sin α·F_T), rounded up, never below 0.
 * Source: EN 12195-1:2010, from memory.
 */
export function overLashingsNeeded(k: OverLashingCase, tensionN: number): number {
  return Math.ceil(neededPressing(k) / (2 * k.mu * Math.sin(k.alphaRad) * tensionN) - 1e-9) || 0;
}

/** The same solved for the tension F_T of each of `count` lashings, N. */
export function overLashingTensionNeeded(k: OverLashingCase, count: number): number {
  return neededPressing(k) / (2 * k.mu * Math.sin(k.alphaRad) * count);
}

/** Blocking alone: BC ≥ (c − μ·c_z)·m·g. Source: EN 12195-1:2010, from memory. */
export function blockingNeeded(
  k: Pick<OverLashingCase, 'c' | 'mu' | 'massKg' | 'gravity'>,
): number {
  return Math.max(0, (k.c - k.mu * EU.verticalC) * k.massKg * k.gravity);
}

/** Over-lashings needed against tilting, one row of width w. b, d: CG to tilting edge, CG height. Source: EN 12195-1:2010, from memory. */
export function tiltingLashingsNeeded(
  k: {
    c: number;
    massKg: number;
    gravity: number;
    safety: number;
    bM: number;
    dM: number;
    widthM: number;
    alphaRad: number;
  },
  tensionN: number,
): number {
  const need = k.safety * k.massKg * k.gravity * (k.c * k.dM - EU.verticalC * k.bM);
  return Math.max(0, Math.ceil(need / (tensionN * k.widthM * Math.sin(k.alphaRad)) - 1e-9));
}

const source = 'EN 12195-1:2010';

/** Acceleration held by over-lashing and blocking: the sliding formula solved for c. */
export const heldByOver = formula({
  symbol: 'a',
  unit: 'g',
  text: 'μ + (μ × P ÷ f_s + BC) ÷ W',
  source,
  confidence: 'from-memory',
  compute: ({ mu, P, fs, B, W }: Record<'mu' | 'P' | 'fs' | 'B' | 'W', number>) =>
    mu + ((mu * P) / fs + B) / W,
});
/** The same with over-lines whose legs are unlike: what they leave of a pull against the motion (with it: negative). */
export const heldByUnlike = formula({
  symbol: 'a',
  unit: 'g',
  text: 'μ + (μ × P ÷ f_s + H + BC) ÷ W',
  source,
  confidence: 'from-memory',
  compute: ({ mu, P, fs, H, B, W }: Record<'mu' | 'P' | 'fs' | 'H' | 'B' | 'W', number>) =>
    mu + ((mu * P) / fs + H + B) / W,
});

/** With direct lashings friction counts by f_μ throughout: pessimistic for the mixture, exact for direct lashing alone. */
export const heldWithDirect = formula({
  symbol: 'a',
  unit: 'g',
  text: 'f_μ × μ + (f_μ × μ × P ÷ f_s + H + D + BC) ÷ W',
  source,
  confidence: 'from-memory',
  compute: ({
    f,
    mu,
    P,
    fs,
    H,
    D,
    B,
    W,
  }: Record<'f' | 'mu' | 'P' | 'fs' | 'H' | 'D' | 'B' | 'W', number>) =>
    f * mu + ((f * mu * P) / fs + H + D + B) / W,
});

/** One direct lashing: LC·(cos α·cos β + f_μ·μ·sin α). */
export const directPull = formula({
  symbol: 'D',
  unit: 'N',
  text: 'LC × (h + f_μ × μ × v)',
  source,
  confidence: 'from-memory',
  symbols: { LC: 'LC' },
  compute: ({ LC, h, f, mu, v }: Record<'LC' | 'h' | 'f' | 'mu' | 'v', number>) =>
    LC * (h + f * mu * v),
});

/** Acceleration at which the load tilts: stable part plus the moment of the lines. */
export const heldTilting = formula({
  symbol: 'a',
  unit: 'g',
  text: 'b ÷ d + (M ÷ f_s + N) ÷ (W × d)',
  source,
  confidence: 'from-memory',
  compute: ({ b, d, M, fs, N, W }: Record<'b' | 'd' | 'M' | 'fs' | 'N' | 'W', number>) =>
    (EU.verticalC * b) / d + (M / fs + N) / (W * d),
});

/** The edition before the present one: k = 1.5 in place of 2, no safety factor, dynamic friction. */
export const heldOlder = formula({
  symbol: 'a',
  unit: 'g',
  text: 'q × μ + (q × μ × P × k ÷ 2 + BC) ÷ W',
  source: 'EN 12195-1:2003, older school',
  confidence: 'from-memory',
  compute: ({ q, mu, P, k, B, W }: Record<'q' | 'mu' | 'P' | 'k' | 'B' | 'W', number>) =>
    q * mu + ((q * mu * P * k) / 2 + B) / W,
});

/** F_T counts up to half the lashing capacity. */
export const cappedTension = formula({
  symbol: 'F',
  unit: 'N',
  text: 'min(F_T, 0.5 × LC)',
  source,
  confidence: 'from-memory',
  symbols: { LC: 'LC' },
  compute: ({ F, LC }: Record<'F' | 'LC', number>) => Math.min(F, EU.largestPartOfLc * LC),
});

/** A force times a geometric part (sine of its angles, or a lever arm in metres). */
export const part = formula({
  symbol: 'p',
  unit: 'N',
  text: 'F × s',
  source: 'geometry',
  confidence: 'exact',
  symbols: { F: 'F', s: 's' },
  compute: ({ F, s }: Record<'F' | 's', number>) => F * s,
});
