import { z } from 'zod';
import { type Database, many, pool, transaction } from '../pool';

/** A stream that somebody listens to; `at`: what is looked at, by whom of which crew. */
export interface Stream {
  readonly id: string;
  readonly kind: string;
  readonly who: string;
  readonly at: {
    readonly topic: string;
    readonly crewId: string;
    readonly memberId: string;
  } | null;
}

/** A stream that is not seen for so long has gone with its process. */
const GONE = `interval '45 seconds'`;

/** Opens a stream, unless whoever listens has so many of its kind already, in whatever process. @returns whether it is open */
export const openStream = (s: Stream, most: number): Promise<boolean> =>
  transaction(async (db) => {
    // Two that come at once count each other.
    await db.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 1))', [`${s.kind} ${s.who}`]);
    await db.query(`DELETE FROM stream WHERE seen_at < now() - ${GONE}`);
    const { rowCount } = await db.query(
      `INSERT INTO stream (id, kind, who, topic, crew_id, member_id, seen_at) SELECT $1, $2, $3, $4, $5, $6, now()
       WHERE (SELECT count(*) FROM stream WHERE kind = $2 AND who = $3) < $7`,
      [s.id, s.kind, s.who, s.at?.topic, s.at?.crewId, s.at?.memberId, most],
    );
    return rowCount === 1;
  });

/** Says that streams are still there. */
export async function keepStreams(ids: readonly string[]): Promise<void> {
  await pool().query('UPDATE stream SET seen_at = now() WHERE id = ANY($1)', [ids]);
}

/** Ends a stream. */
export async function endStream(id: string): Promise<void> {
  await pool().query('DELETE FROM stream WHERE id = $1', [id]);
}

/** SQL of who looks at something. $1 topic, $2 crew */
export const LOOKING_SQL = `SELECT DISTINCT m.id, m.name FROM stream s JOIN member m ON m.id = s.member_id
  WHERE s.topic = $1 AND s.crew_id = $2 AND s.seen_at > now() - ${GONE} ORDER BY m.name, m.id LIMIT 50`;

/** Who of a crew looks at something at this moment. */
export const looking = (
  db: Database,
  topic: string,
  crewId: string,
): Promise<{ readonly id: string; readonly name: string }[]> =>
  many(db, z.object({ id: z.uuid(), name: z.string() }), LOOKING_SQL, [topic, crewId]);
