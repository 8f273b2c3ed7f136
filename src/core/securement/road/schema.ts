import { z } from 'zod';
import { quantity } from '../../units/quantity';
import { MOST_LINES } from '../vocabulary';
import { CHECK_OCCASIONS, LINE_STATES } from './vocabulary';

/** A check of the lines of a plan, as it is recorded. */
export const checkSchema = z.strictObject({
  occasion: z.enum(CHECK_OCCASIONS),
  /** When it was made, where it could not be sent at once; null: now. */
  madeAt: z.iso.datetime().nullable().default(null),
  /** How far was driven since driving off; null: nobody looked. A number of metres: roads are not measured on decks. */
  drivenM: z.number().min(0).max(1e8).nullable().default(null),
  lines: z
    .array(
      z.strictObject({
        lineId: z.string().trim().min(1).max(40),
        state: z.enum(LINE_STATES),
        /** What a meter read on it. */
        readingN: quantity('force', { least: 0, most: 1e6 }).nullable().default(null),
      }),
    )
    .max(MOST_LINES),
  notes: z.string().trim().max(500).default(''),
});
export type Check = z.infer<typeof checkSchema>;

/** A check as it was recorded: never changed afterwards. */
export interface KeptCheck extends Check {
  readonly id: string;
  /** When it was made. */
  readonly at: string;
  readonly by: string;
  /** Version of the plan it was made on. */
  readonly planVersion: number;
}
