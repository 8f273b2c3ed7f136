import { z } from 'zod';
import { MOST_READABLE_N } from './reading';

/** A reading kept with a line or a rigging: what it was, when, and by what. */
export const keptReadingSchema = z.strictObject({
  tensionN: z.number().min(-MOST_READABLE_N).max(MOST_READABLE_N),
  at: z.iso.datetime(),
  meter: z.string().trim().min(1).max(60),
});
export type KeptReading = z.infer<typeof keptReadingSchema>;
