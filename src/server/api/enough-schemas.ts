import { z } from 'zod';
import { gearSchema } from '@/core/gear/schema';
import { KNOT_IDS } from '@/core/knot/knots';
import { CONDITIONS } from '@/core/rope/condition';
import { MOST_MARGIN_PART } from '@/core/securement/enough/vocabulary';
import { planSchema } from '@/core/securement/plan';
import { quantity, ratio } from '@/core/units/quantity';

/** Most things that a request may send: more are for a machine of one's own. */
const MOST_THINGS = 30;
/** As far as a request may search. */
const MOST_STEPS = 1_000_000;

const thing = z.strictObject({
  id: z.uuid(),
  gear: gearSchema,
  condition: z.enum(CONDITIONS).default('good'),
  /** What is left of it; null: all of it. */
  remainingM: quantity('length', { least: 0, most: 5000 }).nullable().default(null),
});

/** A plan, what there is to secure it with, and what is wished for. */
export const enoughBody = z
  .strictObject({
    plan: planSchema,
    things: z.array(thing).max(MOST_THINGS).default([]),
    /** How much more than is asked must be there, as a part of it. */
    marginPart: ratio(0, MOST_MARGIN_PART).default(0),
    mats: z.boolean().default(false),
    /** Edge protectors at hand; null: as many as are wanted. */
    protectors: z.int().min(0).max(1000).nullable().default(null),
    /** Knots that may be asked for; null: any. */
    knots: z.array(z.enum(KNOT_IDS)).max(KNOT_IDS.length).nullable().default(null),
    mostSteps: z.int().min(1).max(MOST_STEPS).default(200_000),
  })
  .superRefine(({ things }, context) => {
    const seen = new Set<string>();
    things.forEach(({ id }, i) => {
      if (seen.has(id))
        context.addIssue({
          code: 'custom',
          path: ['things', i, 'id'],
          message: 'id-twice',
          params: { code: 'id-twice', values: { id } },
        });
      seen.add(id);
    });
  });
