import { z } from 'zod';
import { quantity, ratio } from '@/core/units/quantity';
import { KNOT_SCHOOL_CHOICES } from '@/core/knot/efficiency';
import { knotsFor } from '@/core/knot/knots';
import { DEFAULT_DESIGN_FACTOR, DESIGN_FACTOR_RANGE } from '@/core/rope/schools';
import { ropeSchema } from '@/core/rope/rope';

/** Bodies of the locker's routes. */

export const cutsBody = z.strictObject({
  cuts: z
    .array(
      z.strictObject({
        gearId: z.uuid(),
        pieces: z
          .array(
            z.strictObject({
              lengthM: quantity('length', { least: 0.01, most: 5000 }),
              what: z.string().trim().max(80).default(''),
            }),
          )
          .min(1)
          .max(200),
        scrapM: quantity('length', { least: 0, most: 5000 }).default(0),
      }),
    )
    .min(1)
    .max(200),
});

export const strengthBody = z.strictObject({
  rope: ropeSchema,
  knot: z.enum(knotsFor('attachment')).default('bowline'),
  knotSchool: z.enum(KNOT_SCHOOL_CHOICES).default('lowest'),
  designFactor: ratio(DESIGN_FACTOR_RANGE.least, DESIGN_FACTOR_RANGE.most).default(
    DEFAULT_DESIGN_FACTOR,
  ),
});
export const strengthExample = {
  rope: { material: 'nylon-braid', diameterM: '5/16 in', mbsN: '1,800 lbf', condition: 'new' },
  knot: 'bowline',
};

export const newGearExample = {
  gear: {
    format: 'vast-cleat/gear',
    version: 1,
    code: 'PE-12-2',
    item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN' },
    lengthM: '30 m',
    place: 'flatbed box',
  },
  start: { condition: 'good', lastInspectedOn: '2026-09-01' },
};
export const inspectionExample = {
  kind: 'inspected',
  answered: [
    'cut',
    'fuzz',
    'melt',
    'hard',
    'sheath',
    'powder',
    'rot',
    'chemical',
    'uv',
    'kink',
    'shock',
    'label',
  ],
  found: [{ check: 'fuzz', extent: 'round', atM: '7.4 m' }],
  decided: 'downgrade',
};
