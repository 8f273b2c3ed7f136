import { M_PER_IN, N_PER_LBF } from '../units/constants';

/** Rows of a strength table: size in inches, strength in lbf, as the publication prints them. */
export type StrengthRow = readonly [sizeIn: number, lbf: number];

/** Working load limits of unmarked tie-downs. Source: 49 CFR 393.108, from memory. */
export const US_ROPE_WLL: Record<
  'manila' | 'polypropylene' | 'polyester' | 'nylon' | 'nylon-double-braid', readonly StrengthRow[]
> = {
  manila: [[3 / 8, 205], [7 / 16, 265], [1 / 2, 315], [5 / 8, 465], [3 / 4, 640], [1, 1050]],
  polypropylene: [[3 / 8, 400], [7 / 16, 525], [1 / 2, 625], [5 / 8, 925], [3 / 4, 1275], [1, 2100]],
  polyester: [[3 / 8, 555], [7 / 16, 750], [1 / 2, 960], [5 / 8, 1500], [3 / 4, 1880], [1, 3300]],
  nylon: [[3 / 8, 278], [7 / 16, 410], [1 / 2, 525], [5 / 8, 935], [3 / 4, 1420], [1, 2520]],
  'nylon-double-braid': [[3 / 8, 336], [7 / 16, 502], [1 / 2, 655], [5 / 8, 1130], [3 / 4, 1840], [1, 3250]],
};

/** Webbing by width. Source: 49 CFR 393.108, from memory. */
export const US_WEBBING_WLL: readonly StrengthRow[] = [[1.75, 1750], [2, 2000], [3, 3000], [4, 4000]];

/** Chain by grade and size. Source: 49 CFR 393.108, from memory. */
export const US_CHAIN_WLL: Record<'30' | '43' | '70' | '80' | '100', readonly StrengthRow[]> = {
  '30': [[1 / 4, 1300], [5 / 16, 1900], [3 / 8, 2650], [7 / 16, 3700], [1 / 2, 4500], [5 / 8, 6900]],
  '43': [[1 / 4, 2600], [5 / 16, 3900], [3 / 8, 5400], [7 / 16, 7200], [1 / 2, 9200], [5 / 8, 13000]],
  '70': [[1 / 4, 3150], [5 / 16, 4700], [3 / 8, 6600], [7 / 16, 8750], [1 / 2, 11300], [5 / 8, 15800]],
  '80': [[1 / 4, 3500], [5 / 16, 4500], [3 / 8, 7100], [1 / 2, 12000], [5 / 8, 18100]],
  '100': [[1 / 4, 4300], [5 / 16, 5700], [3 / 8, 8800], [1 / 2, 15000], [5 / 8, 22600]],
};

/** Breaking strength of manila. Source: US Army FM 5-125, from memory. */
export const MANILA_MBS: readonly StrengthRow[] = [
  [1 / 4, 600], [3 / 8, 1350], [1 / 2, 2650], [5 / 8, 4400], [3 / 4, 5400], [7 / 8, 7700], [1, 9000],
];
/** Sisal is about 80 % of manila. Source: US Army FM 5-125, from memory. */
export const SISAL_OF_MANILA = 0.8;

/** A size counts as a tabulated one within 1 %: 9.5 mm rope is sold as 3/8 in (9.525 mm), 51 mm webbing as 2 in. */
const SIZE_TOLERANCE = 0.01;

/**
 * Strength of the largest tabulated size not above the given one. A legal table has no in-between:
 * rope between two sizes takes the smaller entry, which never overstates.
 * @returns strength in N and the entry's size in inches, or null below the table.
 */
export function tabulatedAtMost(rows: readonly StrengthRow[], sizeM: number): { strengthN: number; sizeIn: number } | null {
  const sizeIn = (sizeM / M_PER_IN) * (1 + SIZE_TOLERANCE);
  let found: StrengthRow | null = null;
  for (const row of rows) if (row[0] <= sizeIn) found = row;
  return found && { strengthN: found[1] * N_PER_LBF, sizeIn: found[0] };
}

/**
 * Strength by linear interpolation between tabulated sizes, never outside the table.
 * @returns strength in N and whether it lies between two entries, or null outside the table.
 */
export function interpolated(rows: readonly StrengthRow[], sizeM: number): { strengthN: number; between: boolean } | null {
  const sizeIn = sizeM / M_PER_IN;
  for (const row of rows) {
    if (Math.abs(sizeIn - row[0]) <= SIZE_TOLERANCE * row[0]) return { strengthN: row[1] * N_PER_LBF, between: false };
  }
  for (let i = 1; i < rows.length; i++) {
    const [s0, f0] = rows[i - 1]!;
    const [s1, f1] = rows[i]!;
    if (sizeIn > s0 && sizeIn < s1) {
      return { strengthN: (f0 + ((sizeIn - s0) / (s1 - s0)) * (f1 - f0)) * N_PER_LBF, between: true };
    }
  }
  return null;
}
