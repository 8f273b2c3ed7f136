import { daysLater } from '@/core/gear/due';
import type { Database } from '@/db/pool';
import { logCounts } from '@/db/queries/log-counts';
import type { Answered } from '../api/endpoint';
import type { LOG_API } from '../api/log-endpoints';

/** What the log of a crew comes to between two days, both included. */
export async function countsOf(
  db: Database,
  crewId: string,
  { from, to }: { readonly from: string; readonly to: string },
): Promise<Answered<typeof LOG_API.logCounts>> {
  return { from, to, ...(await logCounts(db, crewId, new Date(from), new Date(daysLater(to, 1)))) };
}
