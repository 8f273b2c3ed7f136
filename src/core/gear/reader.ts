import { CODE_PATTERN } from './vocabulary';

/** A key as it arrived. */
export interface Keystroke {
  readonly key: string;
  readonly atMs: number;
}

/** A reader types a key every few milliseconds; no hand keeps this pace over a whole code. Practice. */
export const LONGEST_GAP_MS = 45;
const FEWEST_KEYS = 3;

/** Whether keys, ended by Enter at `enterMs`, came from a reader: fast throughout, and a tag's code. */
export function isBurst(strokes: readonly Keystroke[], enterMs: number): boolean {
  if (strokes.length < FEWEST_KEYS) return false;
  const times = [...strokes.map((s) => s.atMs), enterMs];
  if (times.some((t, i) => i > 0 && t - times[i - 1]! > LONGEST_GAP_MS)) return false;
  return CODE_PATTERN.test(
    strokes
      .map((s) => s.key)
      .join('')
      .toUpperCase(),
  );
}
