import { z } from 'zod';
import { correctionSchema, happeningSchema } from '@/core/gear/events';
import { DUE_STATES } from '@/core/gear/due';
import { GEAR_STATES } from '@/core/gear/history';
import { gearSchema, startSchema } from '@/core/gear/schema';
import { CONDITIONS } from '@/core/rope/condition';
import { next, stored } from './parts';

const day = z.iso.date();
const gear = gearSchema.meta({ id: 'Gear' });

const standing = z.strictObject({
  state: z.enum(GEAR_STATES),
  condition: z.enum(CONDITIONS),
  damagedAtM: z.array(z.number()),
  remainingM: z.number().nullable(),
  place: z.string(),
  inspectedOn: day.nullable(),
  suspect: z.boolean(),
  inspections: z.int(),
});

/** A thing as it is kept, and how it stands today. */
export const gearAnswer = stored(gear)
  .extend({
    standing,
    dueOn: day.nullable(),
    enteredOn: day,
    removed: z.boolean(),
    due: z.enum(DUE_STATES),
  })
  .meta({ id: 'StoredGear' });

export const gearListAnswer = z.strictObject({
  gear: z.array(gearAnswer),
  unreadable: z.array(z.strictObject({ id: z.uuid(), code: z.string() })),
  next,
});

export const ropesAnswer = z.strictObject({ ropes: z.array(gearAnswer) });
export const thingsAnswer = z.strictObject({ gear: z.array(gearAnswer) });

export const gearHistoryAnswer = z.strictObject({
  history: z.array(
    z.strictObject({
      id: z.uuid(),
      at: z.iso.datetime(),
      by: z.string(),
      body: z.union([happeningSchema, correctionSchema]),
    }),
  ),
});

const row = z.strictObject({ gear, start: startSchema });

export const importAnswer = z.strictObject({
  columns: z.array(
    z.strictObject({
      header: z.string(),
      means: z.string().nullable(),
      unit: z.string().nullable(),
    }),
  ),
  rows: z.int(),
  good: z.int(),
  bad: z.int(),
  errors: z.array(
    z.strictObject({
      row: z.int(),
      column: z.string(),
      code: z.string(),
      message: z.string(),
    }),
  ),
  sample: z.array(row),
  kept: z.int(),
});

/** Shown once: whoever has it reads the calendar. */
export const calendarAnswer = z.strictObject({ path: z.string() });
