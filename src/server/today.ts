import { daysLater } from '@/core/gear/due';
import { dueOf } from '@/core/today/due';
import type { Database } from '@/db/pool';
import { dueByDay } from '@/db/queries/gear-list';
import { plansGoingOut, plansToBeChecked } from '@/db/queries/going-out';
import type { Member } from '@/db/queries/members';
import type { Answered } from './api/endpoint';
import type { TODAY_API } from './api/today-endpoints';
import { dayOf } from './days';
import { countsToday } from './drills/today';
import { lapsesUntil } from './training';

export type DueToday = Answered<typeof TODAY_API.dueToday>;

/**
 * How far ahead one looks; for how long what has lapsed is due to be signed again, before it is only seen where all stand; and how
 * long after its hour a load that never left is still said to go out. Defaults, no source.
 */
const AHEAD_DAYS = 14;
const LAPSED_DAYS = 90;
const LATE_MS = 24 * 3_600_000;
const DAY_MS = 86_400_000;

/** What is due to a crew, and to one of it. */
export async function dueToday(db: Database, { id, crewId }: Member, now: Date): Promise<DueToday> {
  const today = dayOf(now);
  const until = daysLater(today, AHEAD_DAYS);
  const [from, to] = [now.getTime() - LATE_MS, now.getTime() + AHEAD_DAYS * DAY_MS];
  return dueOf(
    {
      checks: await plansToBeChecked(db, crewId),
      goingOut: await plansGoingOut(db, crewId, new Date(from), new Date(to)),
      inspections: await dueByDay(db, crewId, until),
      lapses: (await lapsesUntil(db, crewId, until, now)).filter(
        (l) => l.day >= daysLater(today, -LAPSED_DAYS),
      ),
      drills: await countsToday(db, id, now),
    },
    now,
  ) as DueToday;
}
