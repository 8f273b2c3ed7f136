import { z } from 'zod';
import { CAUSES } from '@/core/log/vocabulary';
import { type Database, many } from '../pool';
import { stands } from './log-stands';

const LOOSE = `l.state IN ('slack', 're-hauled')`;

/** $1 crew, $2 from, $3 until. How lines were found at checks, by what they are made of and locked with. */
export const FOUND_SQL = `SELECT l.material, l.lock, count(*)::int AS looked, (count(*) FILTER (WHERE ${LOOSE}))::int AS loose,
    (count(*) FILTER (WHERE l.state = 'damaged'))::int AS damaged
  FROM log_line l WHERE l.crew_id = $1 AND l.at >= $2 AND l.at < $3 AND l.at_check AND ${stands('l.crew_id', 'l.entry_id')}
  GROUP BY l.material, l.lock ORDER BY loose DESC, looked DESC, l.material, l.lock`;

/** The same values. What went wrong, by knot and cause; corrections count as what they say instead. */
export const FAILED_SQL = `SELECT b.body ->> 'knot' AS knot, b.body ->> 'cause' AS cause, count(*)::int AS times,
    (count(*) FILTER (WHERE b.body ->> 'grade' = 'incident'))::int AS incidents
  FROM (
    SELECT e.id, e.crew_id, e.body FROM log_entry e
      WHERE e.crew_id = $1 AND e.kind = 'incident' AND e.at >= $2 AND e.at < $3 AND ${stands('e.crew_id', 'e.id')}
    UNION ALL
    SELECT e.id, e.crew_id, e.body -> 'instead' FROM log_entry e
      WHERE e.crew_id = $1 AND e.kind = 'correction' AND e.at >= $2 AND e.at < $3 AND e.body #>> '{instead,kind}' = 'incident'
        AND ${stands('e.crew_id', 'e.id')}
  ) b GROUP BY 1, 2 ORDER BY times DESC, 1, 2`;

/** Whatever is hauled so soon after a check that found it loose is the same time that it came loose. Practice. */
const SAME_TIME = `EXISTS (SELECT FROM log_line k WHERE k.crew_id = l.crew_id AND k.at <= l.at AND k.at > l.at - interval '2 hours'
    AND k.at_check AND k.plan_id = l.plan_id AND k.line_id = l.line_id AND k.state IN ('slack', 're-hauled'))`;

/** The same values. Lines that come loose most often: at checks, and hauled again by themselves. */
export const LOOSEST_SQL = `SELECT l.plan_id, p.title AS plan, l.line_id, max(l.name) AS line, max(l.material) AS material, max(l.lock) AS lock,
    count(*)::int AS looked, (count(*) FILTER (WHERE ${LOOSE}))::int AS loose
  FROM log_line l JOIN plan p ON p.id = l.plan_id
  WHERE l.crew_id = $1 AND l.at >= $2 AND l.at < $3 AND (l.at_check OR NOT ${SAME_TIME}) AND ${stands('l.crew_id', 'l.entry_id')}
  GROUP BY l.plan_id, p.title, l.line_id HAVING count(*) FILTER (WHERE ${LOOSE}) > 0
  ORDER BY loose DESC, looked, p.title, l.line_id LIMIT 12`;

const found = z.object({
  material: z.string(),
  lock: z.string(),
  looked: z.number(),
  loose: z.number(),
  damaged: z.number(),
});
const failed = z.object({
  knot: z.string().nullable(),
  cause: z.enum(CAUSES),
  times: z.number(),
  incidents: z.number(),
});
const loosest = z.object({
  plan_id: z.uuid(),
  plan: z.string(),
  line_id: z.string(),
  line: z.string(),
  material: z.string(),
  lock: z.string(),
  looked: z.number(),
  loose: z.number(),
});

/** What the log of a crew comes to between two times. */
export async function logCounts(db: Database, crewId: string, from: Date, until: Date) {
  const values = [crewId, from, until];
  return {
    found: await many(db, found, FOUND_SQL, values),
    failed: await many(db, failed, FAILED_SQL, values),
    loosest: (await many(db, loosest, LOOSEST_SQL, values)).map(
      ({ plan_id: planId, line_id: lineId, ...r }) => ({ planId, lineId, ...r }),
    ),
  };
}
