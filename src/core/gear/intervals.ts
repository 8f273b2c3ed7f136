import { z } from 'zod';

/** Months between recorded inspections, by how hard a thing is worked. Defaults: common practice, no source. */
export const intervalsSchema = z.strictObject({
  normalMonths: z.int().min(1).max(60).default(6),
  dailyMonths: z.int().min(1).max(60).default(1),
});
export type Intervals = z.infer<typeof intervalsSchema>;
