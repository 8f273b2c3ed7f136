import { z } from 'zod';
import { correctionSchema, happeningSchema } from '../gear/events';
import { gearSchema, startSchema } from '../gear/schema';

export const LOCKER_FORMAT = 'vast-cleat/locker';

/** A thing with how it stands; its history goes out for the record and stays out on the way in: histories are made, not brought. */
export const newGearSchema = z.strictObject({ gear: gearSchema, start: startSchema.prefault({}) });

/** The document `vast-cleat/locker`, version 1: a whole locker. */
export const lockerSchema = z.strictObject({
  format: z.literal(LOCKER_FORMAT),
  version: z.literal(1),
  items: z
    .array(
      newGearSchema.extend({
        history: z
          .array(
            z.strictObject({
              id: z.uuid(),
              at: z.iso.datetime(),
              by: z.string(),
              body: z.union([happeningSchema, correctionSchema]),
            }),
          )
          .default([]),
      }),
    )
    .max(20_000),
});
