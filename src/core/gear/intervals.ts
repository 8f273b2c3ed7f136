import { z } from 'zod';

/**
 * Months between recorded inspections, by how hard a thing is worked, minutes between checks on the road where the rules name
 * none, and months for which a sign-off is good. Defaults: common practice, no source.
 */
export const intervalsSchema = z.strictObject({
  normalMonths: z.int().min(1).max(60).default(6),
  dailyMonths: z.int().min(1).max(60).default(1),
  checkMinutes: z.int().min(15).max(1440).default(180),
  signOffMonths: z.int().min(1).max(60).default(12),
});
export type Intervals = z.infer<typeof intervalsSchema>;
/** What of them inspections go by. */
export type InspectionIntervals = Pick<Intervals, 'normalMonths' | 'dailyMonths'>;
