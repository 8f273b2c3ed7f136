import { z } from 'zod';
import { ConflictError, type Database, many, maybeOne } from '../pool';

/** What a crew calls a knot and notes of it, and the version whoever changes it must have seen. */
export interface KnotWords {
  readonly entry: string;
  readonly version: number;
  readonly names: readonly string[];
  readonly note: string;
  readonly updatedAt: string | null;
  readonly updatedBy: string | null;
}

const row = z.object({
  entry: z.string(),
  version: z.number(),
  names: z.array(z.string()),
  note: z.string(),
  updated_at: z.date(),
  updated_by: z.string(),
});

const wordsOf = ({ updated_at, updated_by, ...rest }: z.infer<typeof row>): KnotWords => ({
  ...rest,
  updatedAt: updated_at.toISOString(),
  updatedBy: updated_by,
});

const SELECT = `SELECT w.entry, w.version, w.names, w.note, w.updated_at, m.name AS updated_by
  FROM knot_words w JOIN member m ON m.id = w.updated_by WHERE w.crew_id = $1`;

/** Of all knots of which a crew has said something: as many as the catalogue has entries at most, so they are no pages. */
export const knotWordsOfCrew = async (db: Database, crewId: string): Promise<KnotWords[]> =>
  (await many(db, row, `${SELECT} ORDER BY w.entry`, [crewId])).map(wordsOf);

/** Of one knot; version 0 and nothing where the crew has said nothing. */
export async function knotWords(db: Database, crewId: string, entry: string): Promise<KnotWords> {
  const found = await maybeOne(db, row, `${SELECT} AND w.entry = $2`, [crewId, entry]);
  return found
    ? wordsOf(found)
    : { entry, version: 0, names: [], note: '', updatedAt: null, updatedBy: null };
}

/**
 * Saves what a crew says of a knot, if `version` is still the one that was read; 0 where nothing was said yet.
 * Call inside a transaction. @throws ConflictError with what was saved first
 */
export async function saveKnotWords(
  db: Database,
  by: { readonly crewId: string; readonly memberId: string },
  { entry, version, names, note }: Pick<KnotWords, 'entry' | 'version' | 'names' | 'note'>,
): Promise<KnotWords> {
  const values = [by.crewId, entry, names, note, by.memberId];
  const saved =
    version === 0
      ? await db.query(
          `INSERT INTO knot_words (crew_id, entry, version, names, note, updated_at, updated_by)
           VALUES ($1, $2, 1, $3, $4, now(), $5) ON CONFLICT DO NOTHING`,
          values,
        )
      : await db.query(
          `UPDATE knot_words SET version = version + 1, names = $3, note = $4, updated_at = now(), updated_by = $5
           WHERE crew_id = $1 AND entry = $2 AND version = $6`,
          [...values, version],
        );
  const now = await knotWords(db, by.crewId, entry);
  if (saved.rowCount === 0) throw new ConflictError(now);
  return now;
}
