import { z } from 'zod';
import { type Database, many } from '../pool';
import { stands } from './log-stands';

/** So many of a crew's last answers say what it gets wrong. */
const LAST_ANSWERS = 5000;

/** SQL of what a crew answered of late, by drill. $1 crew, $2 since when */
export const CREW_ANSWERS_SQL = `SELECT drill, count(*)::integer AS asked, (count(*) FILTER (WHERE grade <> 'good'))::integer AS wrong
  FROM (SELECT drill, grade FROM drill_review WHERE crew_id = $1 AND at >= $2 ORDER BY at DESC LIMIT ${LAST_ANSWERS}) AS last
  GROUP BY drill ORDER BY wrong DESC, asked, drill LIMIT 100`;

/** What a crew answered since then: of each drill how often in all, and how often not right; the worst first. */
export const crewAnswers = (
  db: Database,
  crewId: string,
  since: Date,
): Promise<{ readonly drill: string; readonly asked: number; readonly wrong: number }[]> =>
  many(db, z.object({ drill: z.string(), asked: z.int(), wrong: z.int() }), CREW_ANSWERS_SQL, [
    crewId,
    since,
  ]);

/** So many of a crew's last checks are looked through. */
const LAST_CHECKS = 500;

/** SQL of lines that checks found loose, by plan and line. $1 crew, $2 since when */
export const LOOSE_LINES_SQL = `SELECT c.plan_id, l->>'lineId' AS line_id, count(*)::integer AS found
  FROM (SELECT plan_id, body FROM road_check r WHERE crew_id = $1 AND at >= $2 AND ${stands('r.crew_id', 'r.id')} ORDER BY at DESC LIMIT ${LAST_CHECKS}) AS c,
       jsonb_array_elements(c.body->'lines') AS l
  WHERE l->>'state' IN ('slack', 're-hauled')
  GROUP BY c.plan_id, line_id ORDER BY found DESC, c.plan_id, line_id LIMIT 30`;

/** Lines that checks since then found slack or had to haul again, the most often first. */
export const looseLines = (
  db: Database,
  crewId: string,
  since: Date,
): Promise<{ readonly planId: string; readonly lineId: string; readonly found: number }[]> =>
  many(
    db,
    z
      .object({ plan_id: z.uuid(), line_id: z.string(), found: z.int() })
      .transform((r) => ({ planId: r.plan_id, lineId: r.line_id, found: r.found })),
    LOOSE_LINES_SQL,
    [crewId, since],
  );
