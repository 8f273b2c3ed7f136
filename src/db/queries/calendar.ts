import { z } from 'zod';
import { type Database, maybeOne } from '../pool';

/** Gives a member a calendar address, in place of any before. */
export async function setCalendarFeed(
  db: Database,
  crewId: string,
  memberId: string,
  tokenHash: Buffer,
  now: Date,
): Promise<void> {
  await db.query(
    `INSERT INTO calendar_feed (member_id, crew_id, token_hash, created_at) VALUES ($1, $2, $3, $4)
    ON CONFLICT (member_id) DO UPDATE SET token_hash = EXCLUDED.token_hash, created_at = EXCLUDED.created_at`,
    [memberId, crewId, tokenHash, now],
  );
}

/** Ends a member's calendar address. */
export async function endCalendarFeed(db: Database, memberId: string): Promise<void> {
  await db.query('DELETE FROM calendar_feed WHERE member_id = $1', [memberId]);
}

/** The crew whose inspections an address shows, or null. */
export async function crewOfCalendar(
  db: Database,
  tokenHash: Buffer,
): Promise<{ crewId: string; crewName: string } | null> {
  const row = await maybeOne(
    db,
    z.object({ crew_id: z.uuid(), name: z.string() }),
    'SELECT f.crew_id, c.name FROM calendar_feed f JOIN crew c ON c.id = f.crew_id WHERE f.token_hash = $1',
    [tokenHash],
  );
  return row && { crewId: row.crew_id, crewName: row.name };
}
