import type { CSSProperties } from 'react';
import type { RopeMaterialId } from '@/core/rope/materials';
import { fieldText, formatQuantity, type UnitChoice } from '@/core/units';

/** How ropes of a material look: body, outline, light side. Hemp is the theme's own rope; Night dims the others by its own share. */
export const ROPE_LOOKS = {
  hemp: { name: 'manila', inks: null },
  polyester: { name: 'polyester, white', inks: ['#E9E7DF', '#55564F', '#FFFFFF'] },
  nylon: { name: 'nylon, white with a tracer', inks: ['#DDE3E6', '#41525C', '#FFFFFF'] },
  polypropylene: { name: 'polypropylene, orange', inks: ['#E08A2E', '#5A3108', '#F7C48A'] },
  kernmantle: { name: 'static line, blue', inks: ['#6E96B8', '#1E3A52', '#BCD6EA'] },
  cord: { name: 'cord, olive', inks: ['#8A8F57', '#343817', '#C9CDA0'] },
  black: { name: 'theatre black', inks: ['#55565A', '#17181A', '#8E9096'] },
} as const satisfies Record<
  string,
  { readonly name: string; readonly inks: readonly [string, string, string] | null }
>;
export type RopeLookId = keyof typeof ROPE_LOOKS;

/** A colour as it is in every theme but Night, which takes its light off. */
export const dimmed = (colour: string): string =>
  `color-mix(in srgb, ${colour}, #000 var(--rope-dim))`;

/** Custom properties that give the drawing a rope's colours. */
export function lookStyle(id: RopeLookId): CSSProperties {
  const { inks } = ROPE_LOOKS[id];
  if (!inks) return {};
  return {
    '--rope': dimmed(inks[0]),
    '--rope-ink': dimmed(inks[1]),
    '--rope-lit': dimmed(inks[2]),
  } as CSSProperties;
}

/** What rope of a material looks like, as it is mostly sold. */
export const LOOK_OF: Readonly<Record<RopeMaterialId, RopeLookId>> = {
  manila: 'hemp',
  sisal: 'hemp',
  polypropylene: 'polypropylene',
  polyester: 'polyester',
  'polyester-double-braid': 'nylon',
  nylon: 'polyester',
  'nylon-braid': 'cord',
  'nylon-double-braid': 'nylon',
  paracord: 'cord',
  kernmantle: 'kernmantle',
  'accessory-cord': 'kernmantle',
  hmpe: 'nylon',
  'unknown-synthetic': 'polypropylene',
};

/** Usual thicknesses, in metres. */
export const DIAMETERS_M = [0.004, 0.006, 0.008, 0.01, 0.012, 0.014, 0.016, 0.02, 0.024] as const;

/** Drawn thickness beside the geometry's: cord lies in the same knot with more air round it. */
export const thicknessOf = (diameterM: number): number =>
  diameterM < 0.007 ? 0.7 : diameterM < 0.0095 ? 0.82 : diameterM < 0.0115 ? 0.92 : 1;

/** “12 mm”, or inches to three figures: a nominal size, not a measurement. */
export const thicknessText = (diameterM: number, units: UnitChoice): string =>
  units.size === 'mm'
    ? `${fieldText(diameterM, 'mm')}\u00a0mm`
    : formatQuantity(diameterM, 'length', units, 'nearest', true);
