import { M_PER_IN, N_PER_LBF, STANDARD_GRAVITY } from '../units/constants';
import type { RopeMaterialId } from './materials';

/** Rows of a strength table: size in inches, strength in lbf, as the publication prints them. */
export type StrengthRow = readonly [sizeIn: number, lbf: number];

/** Working load limits of unmarked tie-downs. Source: 49 CFR 393.108, from memory. */
export const US_ROPE_WLL: Record<
  'manila' | 'polypropylene' | 'polyester' | 'nylon' | 'nylon-double-braid',
  readonly StrengthRow[]
> = {
  manila: [
    [3 / 8, 205],
    [7 / 16, 265],
    [1 / 2, 315],
    [5 / 8, 465],
    [3 / 4, 640],
    [1, 1050],
  ],
  polypropylene: [
    [3 / 8, 400],
    [7 / 16, 525],
    [1 / 2, 625],
    [5 / 8, 925],
    [3 / 4, 1275],
    [1, 2100],
  ],
  polyester: [
    [3 / 8, 555],
    [7 / 16, 750],
    [1 / 2, 960],
    [5 / 8, 1500],
    [3 / 4, 1880],
    [1, 3300],
  ],
  nylon: [
    [3 / 8, 278],
    [7 / 16, 410],
    [1 / 2, 525],
    [5 / 8, 935],
    [3 / 4, 1420],
    [1, 2520],
  ],
  'nylon-double-braid': [
    [3 / 8, 336],
    [7 / 16, 502],
    [1 / 2, 655],
    [5 / 8, 1130],
    [3 / 4, 1840],
    [1, 3250],
  ],
};

/** Webbing by width. Source: 49 CFR 393.108, from memory. */
export const US_WEBBING_WLL: readonly StrengthRow[] = [
  [1.75, 1750],
  [2, 2000],
  [3, 3000],
  [4, 4000],
];

/** Chain by grade and size. Source: 49 CFR 393.108, from memory. */
export const US_CHAIN_WLL: Record<'30' | '43' | '70' | '80' | '100', readonly StrengthRow[]> = {
  '30': [
    [1 / 4, 1300],
    [5 / 16, 1900],
    [3 / 8, 2650],
    [7 / 16, 3700],
    [1 / 2, 4500],
    [5 / 8, 6900],
  ],
  '43': [
    [1 / 4, 2600],
    [5 / 16, 3900],
    [3 / 8, 5400],
    [7 / 16, 7200],
    [1 / 2, 9200],
    [5 / 8, 13000],
  ],
  '70': [
    [1 / 4, 3150],
    [5 / 16, 4700],
    [3 / 8, 6600],
    [7 / 16, 8750],
    [1 / 2, 11300],
    [5 / 8, 15800],
  ],
  '80': [
    [1 / 4, 3500],
    [5 / 16, 4500],
    [3 / 8, 7100],
    [1 / 2, 12000],
    [5 / 8, 18100],
  ],
  '100': [
    [1 / 4, 4300],
    [5 / 16, 5700],
    [3 / 8, 8800],
    [1 / 2, 15000],
    [5 / 8, 22600],
  ],
};

/** Wire rope, 6 × 37, fibre core. Source: 49 CFR 393.108, from memory. */
export const US_WIRE_WLL: readonly StrengthRow[] = [
  [1 / 4, 1400],
  [5 / 16, 2100],
  [3 / 8, 3000],
  [7 / 16, 4100],
  [1 / 2, 5300],
  [5 / 8, 8300],
  [3 / 4, 10900],
  [7 / 8, 16100],
  [1, 20900],
];

/** Breaking strength of manila. Source: US Army FM 5-125, from memory. */
export const MANILA_MBS: readonly StrengthRow[] = [
  [1 / 4, 600],
  [3 / 8, 1350],
  [1 / 2, 2650],
  [5 / 8, 4400],
  [3 / 4, 5400],
  [7 / 8, 7700],
  [1, 9000],
];
/** Sisal is about 80 % of manila. Source: US Army FM 5-125, from memory. */
const SISAL_OF_MANILA = 0.8;

/** A size counts as a tabulated one within 1 %: 9.5 mm rope is sold as 3/8 in (9.525 mm), 51 mm webbing as 2 in. */
const SIZE_TOLERANCE = 0.01;

/**
 * Strength of the largest tabulated size not above the given one. A legal table has no in-between:
 * rope between two sizes takes the smaller entry, which never overstates.
 * @returns strength in N and the entry's size in inches, or null below the table.
 */
export function tabulatedAtMost(
  rows: readonly StrengthRow[],
  sizeM: number,
): { strengthN: number; sizeIn: number } | null {
  const sizeIn = (sizeM / M_PER_IN) * (1 + SIZE_TOLERANCE);
  let found: StrengthRow | null = null;
  for (const row of rows) if (row[0] <= sizeIn) found = row;
  return found && { strengthN: found[1] * N_PER_LBF, sizeIn: found[0] };
}

/** Three-strand rope by material, mm and kgf. Source: rope makers' tables, from memory, medium confidence. */
export const THREE_STRAND_MBS: Record<
  'polyester' | 'polypropylene' | 'nylon' | 'manila',
  readonly StrengthRow[]
> = {
  polyester: [
    [8, 1020],
    [10, 1590],
    [12, 2270],
    [14, 3180],
  ],
  polypropylene: [
    [8, 960],
    [10, 1425],
    [12, 2030],
    [14, 2790],
  ],
  nylon: [
    [8, 1350],
    [10, 2080],
    [12, 3000],
    [14, 4100],
  ],
  manila: [
    [8, 540],
    [10, 710],
    [12, 1070],
    [14, 1450],
  ],
};

/** A table of breaking strengths with the units it is printed in and who printed it. */
export interface MbsTable {
  readonly rows: readonly (readonly [size: number, strength: number])[];
  readonly sizeM: number;
  readonly strengthN: number;
  readonly source: string;
  readonly confidence: 'from-memory' | 'practice';
}

const manual: MbsTable = {
  rows: MANILA_MBS,
  sizeM: M_PER_IN,
  strengthN: N_PER_LBF,
  source: 'US Army FM 5-125',
  confidence: 'from-memory',
};
const makers = (material: keyof typeof THREE_STRAND_MBS, note = ''): MbsTable => ({
  rows: THREE_STRAND_MBS[material],
  sizeM: 0.001,
  strengthN: STANDARD_GRAVITY,
  source: `rope makers, three-strand ${material}${note}`,
  confidence: 'from-memory',
});
const asThreeStrand = ', taken for braid';

/** Tables of breaking strength by material; `part` of an entry counts. No table: nothing is guessed. */
const MBS_TABLES: Record<
  RopeMaterialId,
  { readonly tables: readonly MbsTable[]; readonly part: number }
> = {
  manila: { tables: [manual, makers('manila')], part: 1 },
  sisal: {
    tables: [{ ...manual, source: `${manual.source}, sisal 80 % of manila` }],
    part: SISAL_OF_MANILA,
  },
  polypropylene: { tables: [makers('polypropylene')], part: 1 },
  polyester: { tables: [makers('polyester')], part: 1 },
  'polyester-double-braid': { tables: [makers('polyester', asThreeStrand)], part: 1 },
  nylon: { tables: [makers('nylon')], part: 1 },
  'nylon-braid': { tables: [makers('nylon', asThreeStrand)], part: 1 },
  'nylon-double-braid': { tables: [makers('nylon', asThreeStrand)], part: 1 },
  // The cord is named after what it breaks at.
  paracord: {
    tables: [
      {
        rows: [[4, 550]],
        sizeM: 0.001,
        strengthN: N_PER_LBF,
        source: '550 cord: its name',
        confidence: 'practice',
      },
    ],
    part: 1,
  },
  'accessory-cord': {
    tables: [
      {
        rows: [[6, 7200]],
        sizeM: 0.001,
        strengthN: 1,
        source: 'accessory cord, 6 mm',
        confidence: 'from-memory',
      },
    ],
    part: 1,
  },
  kernmantle: { tables: [], part: 1 },
  hmpe: { tables: [], part: 1 },
  'unknown-synthetic': { tables: [makers('polypropylene', ', the weakest synthetic')], part: 1 },
};

/** A strength out of a table: what it is, whether it lies between two printed sizes, and where from. */
export interface TabulatedStrength {
  readonly strengthN: number;
  readonly between: boolean;
  readonly source: string;
  readonly confidence: MbsTable['confidence'];
}

/**
 * Strength by linear interpolation between tabulated sizes, never outside the table.
 * @returns null outside the table.
 */
function interpolated(table: MbsTable, sizeM: number): TabulatedStrength | null {
  const { rows, source, confidence } = table;
  const size = sizeM / table.sizeM;
  const found = (strength: number, between: boolean): TabulatedStrength => ({
    strengthN: strength * table.strengthN,
    between,
    source,
    confidence,
  });
  for (const row of rows) {
    if (Math.abs(size - row[0]) <= SIZE_TOLERANCE * row[0]) return found(row[1], false);
  }
  for (let i = 1; i < rows.length; i++) {
    const [s0, f0] = rows[i - 1]!;
    const [s1, f1] = rows[i]!;
    if (size > s0 && size < s1) return found(f0 + ((size - s0) / (s1 - s0)) * (f1 - f0), true);
  }
  return null;
}

/**
 * Breaking strength a material's tables give for a size, `part` applied: a printed size before one in between, and of
 * several the lowest, which never overstates.
 * @returns null where no table reaches.
 */
export function tabulatedMbs(
  material: RopeMaterialId,
  diameterM: number,
): TabulatedStrength | null {
  const { tables, part } = MBS_TABLES[material];
  const all = tables.map((table) => interpolated(table, diameterM)).filter((e) => e !== null);
  const printed = all.filter((e) => !e.between);
  const lowest = (printed.length > 0 ? printed : all).toSorted(
    (a, b) => a.strengthN - b.strengthN,
  )[0];
  return lowest ? { ...lowest, strengthN: lowest.strengthN * part } : null;
}
