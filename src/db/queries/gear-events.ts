import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import {
  correctionSchema,
  happeningSchema,
  type HistoryBody,
  type HistoryEntry,
} from '@/core/gear/events';
import { issuesOf } from '@/core/exchange/issues';
import { type Database, many } from '../pool';
import { UnreadableError } from '../unreadable';

const bodySchema = z.union([happeningSchema, correctionSchema]);
const eventRow = z.object({
  id: z.uuid(),
  at: z.date(),
  by: z.string(),
  body: z.unknown(),
});

/** An entry that this program understands. @throws UnreadableError: a history with a gap says nothing */
function entryOf({ id, at, by, body }: z.infer<typeof eventRow>): HistoryEntry {
  const parsed = bodySchema.safeParse(body);
  if (!parsed.success)
    throw new UnreadableError({
      reason: 'broken',
      version: null,
      newest: 1,
      issues: issuesOf(parsed.error, bodySchema),
    });
  return { id, at: at.toISOString(), by, body: parsed.data };
}

/** An entry as it is kept, for exports. */
export interface KeptEntry {
  readonly id: string;
  readonly at: string;
  readonly by: string;
  readonly body: unknown;
}

/** The whole history of a thing in the order it was recorded. @throws UnreadableError */
export async function gearHistory(
  db: Database,
  crewId: string,
  gearId: string,
): Promise<HistoryEntry[]> {
  const rows = await many(
    db,
    eventRow,
    'SELECT e.id, e.at, m.name AS by, e.body FROM gear_event e JOIN member m ON m.id = e.by_member WHERE e.crew_id = $1 AND e.gear_id = $2 ORDER BY e.id',
    [crewId, gearId],
  );
  return rows.map(entryOf);
}

/** Histories of several things at once, by thing, as they are kept. */
export async function gearHistories(
  db: Database,
  crewId: string,
  gearIds: readonly string[],
): Promise<ReadonlyMap<string, KeptEntry[]>> {
  const rows = await many(
    db,
    eventRow.extend({ gear_id: z.uuid() }),
    'SELECT e.gear_id, e.id, e.at, m.name AS by, e.body FROM gear_event e JOIN member m ON m.id = e.by_member WHERE e.crew_id = $1 AND e.gear_id = ANY($2) ORDER BY e.gear_id, e.id',
    [crewId, gearIds],
  );
  const histories = new Map<string, KeptEntry[]>();
  for (const { gear_id: gearId, ...r } of rows)
    histories.set(gearId, [...(histories.get(gearId) ?? []), { ...r, at: r.at.toISOString() }]);
  return histories;
}

/** Adds a line to a history. What it says must have been checked. Call inside a transaction. @returns its id */
export async function addGearEvent(
  db: Database,
  crewId: string,
  memberId: string,
  gearId: string,
  body: HistoryBody,
  at: Date,
): Promise<string> {
  const id = uuid();
  await db.query(
    'INSERT INTO gear_event (id, gear_id, crew_id, at, by_member, body, corrects) VALUES ($1, $2, $3, $4, $5, $6, $7)',
    [id, gearId, crewId, at, memberId, body, body.kind === 'corrected' ? body.corrects : null],
  );
  return id;
}
