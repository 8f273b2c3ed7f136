import { z } from 'zod';
import { ENTRY_IDS } from '../knot/entry-ids';
import { quantity } from '../units/quantity';
import { CAUSES, INCIDENT_GRADES, MOST_PHOTO_BYTES, MOST_PHOTOS } from './vocabulary';

const words = z.string().trim().max(2000);
const planId = z.uuid();
const lineId = z.string().trim().min(1).max(40);
const gearIds = z.array(z.uuid()).max(20).default([]);
const reading = quantity('force', { least: 0, most: 1e6 }).nullable().default(null);

/** What was done with a load: a version of its plan, with its figures frozen when it is recorded. */
const securementSchema = z.strictObject({
  kind: z.literal('securement'),
  planId,
  planVersion: z.int().min(1).max(1e9),
  /** Who tied besides whoever records it. */
  people: z.array(z.uuid()).max(20).default([]),
  note: words.default(''),
});

const retensionSchema = z.strictObject({
  kind: z.literal('re-tension'),
  planId,
  lineId,
  /** What a meter read before and after; null: nobody measured. */
  beforeN: reading,
  afterN: reading,
  note: words.default(''),
});

const incidentSchema = z.strictObject({
  kind: z.literal('incident'),
  grade: z.enum(INCIDENT_GRADES),
  cause: z.enum(CAUSES),
  /** The knot that gave way or was wrong, if one was. */
  knot: z.enum(ENTRY_IDS).nullable().default(null),
  hurt: z.boolean().default(false),
  what: words.min(1),
  planId: planId.nullable().default(null),
  lineId: lineId.nullable().default(null),
  gearIds,
});

const noteSchema = z.strictObject({
  kind: z.literal('note'),
  what: words.min(1),
  planId: planId.nullable().default(null),
  gearIds,
});

/** What people write into the log themselves. Checks and what happens to ropes come into it by being recorded. */
const written = z.discriminatedUnion('kind', [
  securementSchema,
  retensionSchema,
  incidentSchema,
  noteSchema,
]);
export type Written = z.infer<typeof written>;

const correctionSchema = z.strictObject({
  kind: z.literal('correction'),
  corrects: z.uuid(),
  /** What the entry should have been; null: it never happened. */
  instead: written.nullable(),
  reason: words.min(1).max(600),
});
export type LogCorrection = z.infer<typeof correctionSchema>;

export const logBodySchema = z.discriminatedUnion('kind', [...written.options, correctionSchema]);
export type LogBody = z.infer<typeof logBodySchema>;

/** A third more than the bytes: it is sent as text. */
const MOST_PHOTO_TEXT = Math.ceil(MOST_PHOTO_BYTES / 3) * 4;

/** An entry as it is sent. */
export const newEntrySchema = z.strictObject({
  entry: logBodySchema,
  /** When it was, where it could not be sent at once; null: now. */
  madeAt: z.iso.datetime().nullable().default(null),
  /** Pictures, as base64. */
  photos: z.array(z.base64().min(4).max(MOST_PHOTO_TEXT)).max(MOST_PHOTOS).default([]),
});
export type NewEntry = z.infer<typeof newEntrySchema>;
