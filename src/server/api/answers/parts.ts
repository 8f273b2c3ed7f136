import { z } from 'zod';
import type { Working } from '@/core/working/working';

/** Parts that answers share. */

const CONFIDENCES = [
  'exact',
  'from-memory',
  'practice',
  'rope-tag',
  'entered',
  'crew-default',
  'default',
  'computed',
] as const satisfies readonly Working['confidence'][];
const UNITS = [
  'N',
  'm',
  'kg',
  'rad',
  'g',
  'ratio',
  'count',
  'N/m',
  'J',
] as const satisfies readonly Working['unit'][];

export const unit = z.enum(UNITS);

/** A figure with everything it was made from. */
export const working = z
  .strictObject({
    label: z.string(),
    symbol: z.string(),
    value: z.number().nullable(),
    unit,
    formula: z.string(),
    get inputs() {
      return z.array(working);
    },
    source: z.string(),
    confidence: z.enum(CONFIDENCES),
  })
  .meta({ id: 'Working' });

export const done = z.strictObject({ ok: z.literal(true) }).meta({ id: 'Done' });

/** What stands in the place of words in a message. */
export const values = z.record(
  z.string(),
  z.union([z.string(), z.number(), z.boolean(), z.null()]),
);

/** Marks where the next page begins; null at the end. */
export const next = z.string().nullable();

/** What surrounds a document that is kept. */
export const kept = {
  id: z.uuid(),
  updatedAt: z.iso.datetime({ precision: null }),
  updatedBy: z.string(),
};

export const stored = <D extends z.ZodType>(document: D) =>
  z.strictObject({ ...kept, version: z.int(), document });
