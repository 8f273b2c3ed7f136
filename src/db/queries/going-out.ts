import { z } from 'zod';
import { VERDICTS } from '@/core/securement/verdict';
import type { PlanDue } from '@/core/today/due';
import { type Database, many, NotFoundError } from '../pool';

const row = z.object({ id: z.uuid(), title: z.string(), verdict: z.enum(VERDICTS), at: z.date() });
type Row = z.infer<typeof row>;

const dueOf = ({ id, title, verdict, at }: Row): PlanDue => ({
  planId: id,
  title,
  verdict,
  at: at.toISOString(),
});

/** More than these nobody looks at on one day. */
const MOST = 60;

/** SQL of loads that go out and are not on the road yet. $1 crew, $2 from, $3 until. */
export const GOING_OUT_SQL = `SELECT id, title, verdict, goes_out_at AS at FROM plan
  WHERE crew_id = $1 AND goes_out_at IS NOT NULL AND deleted_at IS NULL AND goes_out_at BETWEEN $2 AND $3 AND check_due_at IS NULL
  ORDER BY goes_out_at, id LIMIT ${MOST}`;
/** SQL of loads on the road by when each is to be looked at. $1 crew. */
export const ON_THE_ROAD_SQL = `SELECT id, title, verdict, check_due_at AS at FROM plan
  WHERE crew_id = $1 AND check_due_at IS NOT NULL AND deleted_at IS NULL ORDER BY check_due_at, id LIMIT ${MOST}`;

/** Loads of a crew that go out between two times and are not on the road yet, the first first. */
export const plansGoingOut = async (
  db: Database,
  crewId: string,
  from: Date,
  until: Date,
): Promise<PlanDue[]> => (await many(db, row, GOING_OUT_SQL, [crewId, from, until])).map(dueOf);

/** Loads of a crew on the road, by when each is to be looked at next. */
export const plansToBeChecked = async (db: Database, crewId: string): Promise<PlanDue[]> =>
  (await many(db, row, ON_THE_ROAD_SQL, [crewId])).map(dueOf);

/** Notes when a plan's load goes out; null: it does not. @throws NotFoundError */
export async function setGoesOut(
  db: Database,
  crewId: string,
  planId: string,
  at: string | null,
): Promise<void> {
  const rows = await many(
    db,
    z.object({ id: z.uuid() }),
    'UPDATE plan SET goes_out_at = $3 WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL RETURNING id',
    [crewId, planId, at],
  );
  if (rows.length === 0) throw new NotFoundError();
}
