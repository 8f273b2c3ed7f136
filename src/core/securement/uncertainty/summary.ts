import { atLeast } from '../../units/constants';
import type { Direction } from '../vocabulary';
import type { DirectionDraws, Drawn } from './draws';
import type { Doubt } from './vocabulary';

/** What the draws of one direction say. */
export interface DirectionSure {
  readonly direction: Direction;
  readonly requiredG: number;
  readonly saidG: number | null;
  /** Part of the draws that hold what is asked, and how far that may be off by chance (one standard error). */
  readonly share: number;
  readonly standardError: number;
  /** What is held at least in 95, 50 and 5 of 100 draws, g; −1: nothing balances. */
  readonly quantilesG: readonly [p5: number, p50: number, p95: number];
  /** How much of the spread each doubt makes by itself (first-order Sobol index), the largest first; none where there is no spread. */
  readonly doubts: readonly { readonly doubt: Doubt; readonly part: number }[];
}

const BINS = 40;

function quantile(sorted: Float64Array, p: number): number {
  return sorted[Math.min(sorted.length - 1, Math.floor(p * sorted.length))]!;
}

/**
 * How much of the variance of what is held goes with one doubt alone: variance of the means over bins of it, less what chance
 * makes of as many bins. Source: first-order Sobol index from given data.
 */
export function firstOrder(
  values: ArrayLike<number>,
  drawn: ArrayLike<number>,
  count: number,
): number {
  const sums = new Float64Array(BINS);
  const counts = new Float64Array(BINS);
  let sum = 0;
  let squares = 0;
  for (let i = 0; i < count; i++) {
    const v = values[i]!;
    const bin = Math.min(BINS - 1, Math.floor(drawn[i]! * BINS));
    sums[bin] = sums[bin]! + v;
    counts[bin] = counts[bin]! + 1;
    sum += v;
    squares += v * v;
  }
  const mean = sum / count;
  const variance = squares / count - mean * mean;
  if (variance < 1e-12) return 0;
  let between = 0;
  for (let b = 0; b < BINS; b++)
    if (counts[b]! > 0) between += (counts[b]! / count) * (sums[b]! / counts[b]! - mean) ** 2;
  const byChance = ((BINS - 1) / count) * variance;
  return Math.max(0, Math.min(1, (between - byChance) / variance));
}

function summarised(
  { direction, requiredG, saidG, heldG }: DirectionDraws,
  open: readonly Doubt[],
  drawn: Drawn['drawn'],
  count: number,
): DirectionSure {
  const values = heldG.subarray(0, count);
  let holds = 0;
  for (let i = 0; i < count; i++) if (atLeast(values[i]!, requiredG)) holds += 1;
  const share = holds / count;
  const sorted = values.toSorted();
  return {
    direction,
    requiredG,
    saidG,
    share,
    standardError: Math.sqrt((share * (1 - share)) / count),
    quantilesG: [quantile(sorted, 0.05), quantile(sorted, 0.5), quantile(sorted, 0.95)],
    doubts: open
      .map((doubt, i) => ({ doubt, part: firstOrder(values, drawn[i]!, count) }))
      .filter((d) => d.part > 0)
      .sort((a, b) => b.part - a.part),
  };
}

/** What draws say, direction by direction. */
export const summary = (drawn: Drawn, open: readonly Doubt[]): DirectionSure[] =>
  drawn.directions.map((d) => summarised(d, open, drawn.drawn, drawn.done));
