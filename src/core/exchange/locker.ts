import { z } from 'zod';
import { correctionSchema, happeningSchema } from '../gear/events';
import { gearSchema, startSchema } from '../gear/schema';

import { parserOf } from './issues';
import type { DocumentKind } from './read';

export const LOCKER_FORMAT = 'vast-cleat/locker';

/** A thing with how it stands; its history goes out for the record and stays out on the way in: histories are made, not brought. */
export const newGearSchema = z.strictObject({ gear: gearSchema, start: startSchema.prefault({}) });

/** The document `vast-cleat/locker`, version 1: a whole locker. */
export const lockerSchema = z.strictObject({
  format: z.literal(LOCKER_FORMAT),
  version: z.literal(1),
  items: z.array(
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
  ),
  /** Things that the program which wrote this could not read, as they were kept there: for the record only. */
  unreadable: z.array(z.unknown()).optional(),
});
export type Locker = z.infer<typeof lockerSchema>;

/** Whole lockers of every version there was. */
export const LOCKER: DocumentKind<Locker> = {
  format: LOCKER_FORMAT,
  version: 1,
  upgrades: {},
  parse: parserOf(lockerSchema),
};
