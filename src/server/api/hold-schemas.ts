import { z } from 'zod';
import { checkUnits, refuse } from '@/core/securement/load/checks';
import { unitSchema } from '@/core/securement/load/schema';
import { boardSchema } from '@/core/securement/schema';
import { MOST_LINES, MOST_UNITS } from '@/core/securement/vocabulary';
import { quantity, ratio } from '@/core/units/quantity';

const id = z.string().trim().min(1).max(40);
const place = z.strictObject({
  fromFrontM: quantity('length', { least: -60, most: 120 }),
  fromCentreM: quantity('length', { least: -60, most: 60 }),
  heightM: quantity('length', { least: -10, most: 60 }),
});
const open = { capacityN: null, heightM: null };

/** A leg of a line: where it holds a unit and where it leads to: to a place of the deck, or to another unit. */
const leg = z.strictObject({
  unitId: id,
  at: place,
  to: place,
  /** Which stretch of its line it is: both ends of a stretch have one tension. */
  stretch: z.int().min(0).max(15).default(0),
});

/** What `POST /hold` takes: units where they stand, boards, lines by their legs, and directions. */
export const holdBody = z
  .strictObject({
    units: z.array(unitSchema).min(1).max(MOST_UNITS),
    deck: z.strictObject({
      lengthM: quantity('length', { least: 0.01, most: 60 }),
      widthM: quantity('length', { least: 0.01, most: 60 }),
      boards: z
        .strictObject({
          forward: boardSchema,
          rearward: boardSchema,
          left: boardSchema,
          right: boardSchema,
        })
        .default({ forward: open, rearward: open, left: open, right: open }),
    }),
    lines: z
      .array(
        z.strictObject({
          id,
          legs: z.array(leg).min(1).max(32),
          /** Tension it surely has, and the most it may take; alike: a kept tension. */
          leastN: quantity('force', { least: 0, most: 5e6 }).default(0),
          mostN: quantity('force', { least: 0, most: 5e6 }),
          /** e^{μθ} between each stretch and the next; none: one tension throughout. */
          ratios: z.array(ratio(1, 100)).max(15).default([]),
        }),
      )
      .max(MOST_LINES)
      .default([]),
    /** Directions of the acceleration in the plane of the deck, from forward to the left. */
    anglesRad: z
      .array(quantity('angle', { least: -2 * Math.PI, most: 2 * Math.PI }))
      .min(1)
      .max(72)
      .default([0, Math.PI / 2, Math.PI, (3 * Math.PI) / 2]),
    /** Part of the weight that stands on the deck meanwhile. */
    weightPart: ratio(0.01, 1).default(1),
  })
  .superRefine((body, context) => {
    checkUnits(body.units, context);
    const ids = new Set(body.units.map((u) => u.id));
    body.units.forEach((u, i) => {
      if (u.massKg === null) refuse(context, ['units', i, 'massKg'], 'mass-needed');
    });
    body.lines.forEach((line, i) => {
      if (line.leastN > line.mostN) refuse(context, ['lines', i, 'mostN'], 'least-over-most');
      line.legs.forEach((l, k) => {
        if (!ids.has(l.unitId))
          refuse(context, ['lines', i, 'legs', k, 'unitId'], 'unit-not-there', { id: l.unitId });
        if (l.stretch > line.ratios.length && line.ratios.length > 0)
          refuse(context, ['lines', i, 'legs', k, 'stretch'], 'stretch-not-there');
      });
    });
  });

/** Two bodies and a strap, for the description. */
export const holdExample = {
  units: [
    {
      id: 'lower',
      name: 'lower bin',
      massKg: 380,
      lengthM: 1.2,
      widthM: 1,
      heightM: 0.75,
      cgHeightM: 0.36,
      fromFrontM: 0.5,
      friction: { known: 'entered', mu: 0.6 },
    },
    {
      id: 'upper',
      name: 'upper bin',
      massKg: 380,
      lengthM: 1.2,
      widthM: 1,
      heightM: 0.75,
      cgHeightM: 0.36,
      fromFrontM: 0.5,
      on: { kind: 'unit', unitId: 'lower' },
      friction: { known: 'entered', mu: 0.45 },
    },
  ],
  deck: { lengthM: 6, widthM: 2.4 },
  lines: [
    {
      id: 'strap',
      leastN: '3.5 kN',
      mostN: '3.5 kN',
      legs: [1, -1].map((side) => ({
        unitId: 'upper',
        at: { fromFrontM: 1.1, fromCentreM: side * 0.5, heightM: 1.5 },
        to: { fromFrontM: 1.1, fromCentreM: side * 1.15, heightM: 0 },
      })),
    },
  ],
};
