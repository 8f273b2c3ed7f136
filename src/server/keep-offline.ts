import { ENTRY_IDS, type EntryId } from '@/core/knot/entry-ids';
import { knotsIn } from '@/core/line/elements';
import { gearIdsOf } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { type Database, NotFoundError } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { UnreadableError } from '@/db/unreadable';
import type { DueToday } from './today';

/** Rooms that are wanted in a yard. */
const ROOMS = ['/today', '/loads', '/locker', '/log', '/knots'];
/** So many loads of a day are kept with everything that belongs to them. */
const MOST_PLANS = 6;

/** What belongs to a plan in the yard: itself, its check and card, its knots, its ropes and their inspection. */
const pagesOf = (id: string, plan: Plan, paper: 'a4' | 'letter'): string[] => [
  `/loads/${id}`,
  `/loads/${id}/check`,
  `/loads/${id}/print`,
  `/api/v1/plans/${id}/card.pdf?paper=${paper}`,
  ...plan.lines
    .flatMap((l) => l.elements.flatMap(knotsIn))
    .filter((knot) => ENTRY_IDS.includes(knot as EntryId))
    .map((knot) => `/knots/${knot}`),
  ...gearIdsOf(plan).flatMap((gear) => [`/locker/${gear}`, `/locker/${gear}/inspect`]),
];

/** The plan, if it is still there and can be read. */
async function readable(db: Database, crewId: string, id: string): Promise<Plan | null> {
  try {
    return (await planById(db, crewId, id)).document;
  } catch (error) {
    if (error instanceof NotFoundError || error instanceof UnreadableError) return null;
    throw error;
  }
}

/** Addresses that a device keeps for a day without a network: of the loads that are on the road or go out, the next first. */
export async function pagesToKeep(
  db: Database,
  { crewId, units }: { readonly crewId: string; readonly units: 'metric' | 'us' },
  { overdue, soon, later }: DueToday,
): Promise<string[]> {
  const ids = [...overdue, ...soon, ...later].flatMap((d) =>
    d.kind === 'check' || d.kind === 'going-out' ? [d.planId] : [],
  );
  const pages = new Set(ROOMS);
  for (const id of [...new Set(ids)].slice(0, MOST_PLANS)) {
    const plan = await readable(db, crewId, id);
    const paper = units === 'us' ? 'letter' : 'a4';
    for (const page of plan ? pagesOf(id, plan, paper) : []) pages.add(page);
  }
  return [...pages];
}
