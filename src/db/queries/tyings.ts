import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { DONE_UNDER_IDS } from '@/core/training/standing/done-under';
import type { Tied } from '@/core/training/tying/tying';
import { type Database, many } from '../pool';
import type { Learner } from './drills';

/** Adds one time that something was tied. `points`: of each point that was looked at, whether it was right. */
export async function addTying(
  db: Database,
  { crewId, id }: Learner,
  tied: Pick<Tied, 'under' | 'tookMs'> & {
    readonly skill: string;
    readonly points: readonly boolean[];
    readonly at: Date;
  },
): Promise<void> {
  await db.query(
    `INSERT INTO tying (id, crew_id, member_id, at, skill, under, took_ms, points)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8)`,
    [uuid(), crewId, id, tied.at, tied.skill, tied.under, tied.tookMs, JSON.stringify(tied.points)],
  );
}

/** What is looked back at: the last so many times of a form say how somebody does it. */
const LOOKED_BACK = 200;

/** SQL of the last times somebody tied something, newest first. $1 member, $2 skill */
export const TYINGS_SQL = `SELECT under, took_ms, points FROM tying WHERE member_id = $1 AND skill = $2
  ORDER BY at DESC, id DESC LIMIT ${LOOKED_BACK}`;

/** The last times somebody tied something, the oldest first. */
export async function lastTyings(db: Database, memberId: string, skill: string): Promise<Tied[]> {
  const rows = await many(
    db,
    z.object({
      under: z.enum(DONE_UNDER_IDS),
      took_ms: z.number(),
      points: z.array(z.boolean()),
    }),
    TYINGS_SQL,
    [memberId, skill],
  );
  return rows
    .map((r) => ({ under: r.under, tookMs: r.took_ms, clean: r.points.every(Boolean) }))
    .toReversed();
}
