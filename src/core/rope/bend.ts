/**
 * Strength left where rope bends over an edge or pin, by D/d (bend diameter over rope diameter).
 * Source: rope makers' tables, from memory; agrees with the trade fact that a 4 in post under 5/16 in rope costs nothing.
 */
const BEND_TABLE: readonly (readonly [ratio: number, factor: number])[] = [
  [1, 0.5],
  [2, 0.65],
  [3, 0.75],
  [4, 0.82],
  [6, 0.9],
  [8, 0.95],
  [12, 1],
];

/**
 * Bend factor by linear interpolation inside the table; 1 from D/d 12 on.
 * @returns null below D/d 1: nothing is known there, nothing is guessed.
 */
export function bendFactor(bendRatio: number): number | null {
  if (!(bendRatio >= 1 - 1e-9)) return null;
  for (let i = 1; i < BEND_TABLE.length; i++) {
    const [r1, f1] = BEND_TABLE[i]!;
    const [r0, f0] = BEND_TABLE[i - 1]!;
    if (bendRatio <= r1) return f0 + (Math.max(0, bendRatio - r0) / (r1 - r0)) * (f1 - f0);
  }
  return 1;
}
