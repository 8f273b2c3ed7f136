import { z } from 'zod';
import { factsSchema, keptBodySchema } from '@/core/log/kept';
import { CAUSES, LOG_KINDS } from '@/core/log/vocabulary';
import { next } from './parts';

/** An entry of the log; `body` null: a later program wrote it. */
export const logEntryAnswer = z
  .strictObject({
    id: z.uuid(),
    kind: z.enum(LOG_KINDS),
    at: z.iso.datetime(),
    recordedAt: z.iso.datetime(),
    by: z.strictObject({ id: z.uuid(), name: z.string() }),
    body: keptBodySchema.nullable(),
    facts: factsSchema,
    photos: z.array(z.strictObject({ id: z.uuid(), widthPx: z.int(), heightPx: z.int() })),
    correctedBy: z
      .strictObject({
        id: z.uuid(),
        at: z.iso.datetime(),
        by: z.string(),
        reason: z.string(),
        withdrawn: z.boolean(),
      })
      .nullable(),
  })
  .meta({ id: 'LogEntry' });

export const logAnswer = z.strictObject({ entries: z.array(logEntryAnswer), next });

const lines = { material: z.string(), lock: z.string(), looked: z.int(), loose: z.int() };

export const logCountsAnswer = z.strictObject({
  from: z.iso.date(),
  to: z.iso.date(),
  /** How lines were found at checks, by what they are made of and locked with. */
  found: z.array(z.strictObject({ ...lines, damaged: z.int() })),
  /** Incidents and near misses by knot and cause. */
  failed: z.array(
    z.strictObject({
      knot: z.string().nullable(),
      cause: z.enum(CAUSES),
      times: z.int(),
      incidents: z.int(),
    }),
  ),
  /** Lines that came loose most often: at checks, and hauled again by themselves. */
  loosest: z.array(
    z.strictObject({
      planId: z.uuid(),
      plan: z.string(),
      lineId: z.string(),
      line: z.string(),
      ...lines,
    }),
  ),
});
