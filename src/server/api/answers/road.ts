import { z } from 'zod';
import { CHECK_OCCASIONS, LINE_STATES } from '@/core/securement/road/vocabulary';
import { next } from './parts';

/** How a load stands with its checks. */
const clock = z
  .discriminatedUnion('state', [
    z.strictObject({ state: z.enum(['not-driven', 'before-driving']) }),
    z.strictObject({
      state: z.literal('on-the-road'),
      dueAt: z.iso.datetime(),
      /** Metres driven since driving off, if that comes first; null: only time counts. */
      dueAtM: z.number().nullable(),
      first: z.boolean(),
      interval: z.strictObject({
        firstM: z.number().nullable(),
        firstS: z.number(),
        thenM: z.number().nullable(),
        thenS: z.number(),
        atChangeOfDuty: z.boolean(),
        source: z.string(),
      }),
    }),
    z.strictObject({ state: z.literal('arrived'), at: z.iso.datetime() }),
  ])
  .meta({ id: 'RoadClock' });

const check = z
  .strictObject({
    id: z.uuid(),
    at: z.iso.datetime(),
    by: z.string(),
    planVersion: z.int(),
    occasion: z.enum(CHECK_OCCASIONS),
    madeAt: z.iso.datetime().nullable(),
    drivenM: z.number().nullable(),
    lines: z.array(
      z.strictObject({
        lineId: z.string(),
        state: z.enum(LINE_STATES),
        readingN: z.number().nullable(),
      }),
    ),
    notes: z.string(),
  })
  .meta({ id: 'RoadCheck' });

export const checksAnswer = z.strictObject({ checks: z.array(check), clock, next });
export const checkAnswer = z.strictObject({ check, clock });
