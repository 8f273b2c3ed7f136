/**
 * Rope materials: stretch, wet and frozen factors.
 * Source of every figure: rope makers' common tables, from memory; each can be overridden on the rope itself.
 */
export interface RopeMaterial {
  readonly name: string;
  /** Strain at 20 % of MBS, as a fraction. */
  readonly workingStrain: number;
  readonly wetFactor: number;
  readonly frozenFactor: number;
  /** Fibre so slick that ordinary knots slip: efficiency is capped (see SLICK_KNOT_CAP). */
  readonly slick: boolean;
  /** Too stiff for friction hitches to grip. */
  readonly stiff: boolean;
  /** Column of the US default table for unmarked tie-downs, if there is one. */
  readonly usTable:
    'manila' | 'polypropylene' | 'polyester' | 'nylon' | 'nylon-double-braid' | null;
}

const base = { wetFactor: 1, frozenFactor: 1, slick: false, stiff: false } as const;

export const ROPE_MATERIALS = {
  manila: {
    ...base,
    name: 'manila',
    workingStrain: 0.04,
    wetFactor: 0.95,
    frozenFactor: 0.7,
    stiff: true,
    usTable: 'manila',
  },
  sisal: {
    ...base,
    name: 'sisal',
    workingStrain: 0.04,
    wetFactor: 0.95,
    frozenFactor: 0.7,
    stiff: true,
    usTable: null,
  },
  polypropylene: {
    ...base,
    name: 'polypropylene',
    workingStrain: 0.05,
    stiff: true,
    usTable: 'polypropylene',
  },
  polyester: { ...base, name: 'polyester three-strand', workingStrain: 0.04, usTable: 'polyester' },
  'polyester-double-braid': {
    ...base,
    name: 'polyester double braid',
    workingStrain: 0.03,
    usTable: 'polyester',
  },
  nylon: {
    ...base,
    name: 'nylon three-strand',
    workingStrain: 0.1,
    wetFactor: 0.85,
    usTable: 'nylon',
  },
  'nylon-braid': {
    ...base,
    name: 'nylon braid',
    workingStrain: 0.08,
    wetFactor: 0.85,
    usTable: 'nylon',
  },
  'nylon-double-braid': {
    ...base,
    name: 'nylon double braid',
    workingStrain: 0.08,
    wetFactor: 0.85,
    usTable: 'nylon-double-braid',
  },
  paracord: { ...base, name: '550 cord', workingStrain: 0.12, wetFactor: 0.85, usTable: 'nylon' },
  kernmantle: {
    ...base,
    name: 'static kernmantle',
    workingStrain: 0.03,
    wetFactor: 0.85,
    usTable: 'nylon',
  },
  'accessory-cord': {
    ...base,
    name: 'accessory cord',
    workingStrain: 0.08,
    wetFactor: 0.85,
    usTable: 'nylon',
  },
  hmpe: {
    ...base,
    name: 'HMPE (high-modulus polyethylene)',
    workingStrain: 0.01,
    slick: true,
    usTable: null,
  },
  // 49 CFR 393.108: unmarked synthetic rope of unknown material counts as polypropylene.
  'unknown-synthetic': {
    ...base,
    name: 'synthetic, material unknown',
    workingStrain: 0.05,
    usTable: 'polypropylene',
  },
} as const satisfies Record<string, RopeMaterial>;

export type RopeMaterialId = keyof typeof ROPE_MATERIALS;
export const ROPE_MATERIAL_IDS = Object.keys(ROPE_MATERIALS) as [
  RopeMaterialId,
  ...RopeMaterialId[],
];

/** Knots in slick fibre keep at most this part of MBS. Source: rope makers' advice, from memory. */
export const SLICK_KNOT_CAP = 0.4;
