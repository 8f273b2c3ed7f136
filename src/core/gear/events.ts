import { z } from 'zod';
import { quantity } from '../units/quantity';
import { OUTCOMES } from '../inspection/outcome';
import { CONDITIONS } from '../rope/condition';
import { startSchema } from './schema';

const reason = z.string().trim().max(600);
const at = quantity('length', { least: 0, most: 5000 }).nullable().default(null);

/** Damage as it is recorded; which checks and extents exist depends on the gear and is judged with it. */
const damageSchema = z.strictObject({
  check: z.string().min(1).max(40),
  extent: z.string().min(1).max(40),
  atM: at,
});

/** An inspection: what was looked at, what was found, what the inspector decided and why. What it computes to is worked out again by the server. */
const inspectionSchema = z.strictObject({
  kind: z.literal('inspected'),
  /** The last entry of the history that the inspector knew of; null: none, or recorded before that was asked. */
  seen: z.uuid().nullable().default(null),
  answered: z.array(z.string().min(1).max(40)).max(40),
  found: z.array(damageSchema).max(60).default([]),
  decided: z.enum(OUTCOMES),
  /** Condition it counts at from now on; null: as computed. */
  condition: z.enum(CONDITIONS).nullable().default(null),
  reason: reason.default(''),
});

const cutSchema = z.strictObject({
  kind: z.literal('cut'),
  pieces: z
    .array(
      z.strictObject({
        lengthM: quantity('length', { least: 0.01, most: 5000 }),
        what: z.string().trim().max(80).default(''),
      }),
    )
    .max(200),
  /** Thrown away besides the pieces: damaged places, scraps. */
  scrapM: quantity('length', { least: 0, most: 5000 }).default(0),
  /** Damage that left with what was cut off. */
  damageGone: z.boolean().default(false),
});

/** What can be recorded of a thing. Nothing is ever changed or taken back except by a correction that refers to it. */
export const happeningSchema = z.discriminatedUnion('kind', [
  z.strictObject({ kind: z.literal('entered'), ...startSchema.shape }),
  inspectionSchema,
  cutSchema,
  z.strictObject({ kind: z.literal('moved'), place: z.string().trim().min(1).max(80) }),
  /** Something between inspections that asks for one now: a shock load, a chemical, a hot run. */
  z.strictObject({ kind: z.literal('incident'), what: reason.min(1) }),
  z.strictObject({ kind: z.literal('retired'), reason: reason.min(1) }),
]);
export type Happening = z.infer<typeof happeningSchema>;
export type Inspection = z.infer<typeof inspectionSchema>;

/** A later entry that says what an earlier one should have been; `instead` null: it never happened. */
export const correctionSchema = z.strictObject({
  kind: z.literal('corrected'),
  corrects: z.uuid(),
  instead: happeningSchema.nullable(),
  reason: reason.min(1),
});
type Correction = z.infer<typeof correctionSchema>;
export type HistoryBody = Happening | Correction;

/** What may be sent to be recorded: everything but the entry the server makes itself. */
export const recordSchema = z.union([
  z.discriminatedUnion('kind', [
    inspectionSchema,
    cutSchema,
    ...(happeningSchema.options.slice(3) as [
      (typeof happeningSchema.options)[3],
      (typeof happeningSchema.options)[4],
      (typeof happeningSchema.options)[5],
    ]),
  ]),
  correctionSchema,
]);

/** What somebody says happened. */
export type ToRecord = z.infer<typeof recordSchema>;

/** A line of the history. */
export interface HistoryEntry {
  readonly id: string;
  /** ISO time it was recorded. */
  readonly at: string;
  readonly by: string;
  readonly body: HistoryBody;
}
