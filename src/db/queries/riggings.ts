import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type RiggingDocument, readRigging } from '@/core/bench/rigging';
import { ConflictError, type Database, many, one } from '../pool';
import { nameKey } from './crews';
import { readable } from '../unreadable';
import { addRevision, revisionDocument } from './revisions';
import { afterValues, PAGE_SIZE, pageOf, type StoredDocument, wordPattern } from './documents';

/** A rigging of the crew's library as it is kept. */
export type StoredRigging = StoredDocument<RiggingDocument>;

/** A rigging as the library shows it. */
export interface RiggingSummary {
  readonly id: string;
  readonly title: string;
  /** Null when this program cannot read it. */
  readonly document: RiggingDocument | null;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

const riggingRow = z.object({
  id: z.uuid(),
  version: z.number(),
  document: z.unknown(),
  title: z.string(),
  title_key: z.string(),
  updated_at: z.date(),
  updated_by: z.string(),
});
type Row = z.infer<typeof riggingRow>;

/** @throws UnreadableError */
const storedOf = (row: Row): StoredRigging => ({
  id: row.id,
  version: row.version,
  document: readable(readRigging(row.document)),
  updatedAt: row.updated_at.toISOString(),
  updatedBy: row.updated_by,
});

const SELECT =
  'SELECT r.id, r.version, r.document, r.title, r.title_key, r.updated_at, m.name AS updated_by FROM rigging r JOIN member m ON m.id = r.updated_by';

/** One rigging of a crew. @throws NotFoundError when the crew has none of that id, or it is deleted. */
export async function riggingById(
  db: Database,
  crewId: string,
  id: string,
): Promise<StoredRigging> {
  return storedOf(
    await one(
      db,
      riggingRow,
      `${SELECT} WHERE r.crew_id = $1 AND r.id = $2 AND r.deleted_at IS NULL`,
      [crewId, id],
    ),
  );
}

/** Keeps a new rigging, version 1. Call inside a transaction. */
export async function insertRigging(
  db: Database,
  crewId: string,
  memberId: string,
  document: RiggingDocument,
): Promise<StoredRigging> {
  const id = uuid();
  await db.query(
    'INSERT INTO rigging (id, crew_id, version, document, title, title_key, updated_at, updated_by) VALUES ($1, $2, 1, $3, $4, $5, now(), $6)',
    [id, crewId, document, document.title, nameKey(document.title), memberId],
  );
  await addRevision(db, 'rigging', crewId, memberId, id, 1, document);
  return riggingById(db, crewId, id);
}

/**
 * Keeps a changed rigging if `version` is still the one that was read. Call inside a transaction.
 * @throws ConflictError with the rigging as it is now; NotFoundError when the crew has no such rigging; UnreadableError.
 */
export async function updateRigging(
  db: Database,
  crewId: string,
  memberId: string,
  id: string,
  version: number,
  document: RiggingDocument,
): Promise<StoredRigging> {
  // What this program cannot read it does not write over: a later one may have put more into it.
  const before = storedOf(
    await one(
      db,
      riggingRow,
      `${SELECT} WHERE r.crew_id = $1 AND r.id = $2 AND r.deleted_at IS NULL FOR UPDATE OF r`,
      [crewId, id],
    ),
  );
  if (before.version !== version) throw new ConflictError(before);
  const row = await one(
    db,
    z.object({ version: z.number() }),
    `UPDATE rigging SET version = version + 1, document = $4, title = $5, title_key = $6, updated_at = now(), updated_by = $7
     WHERE crew_id = $1 AND id = $2 AND version = $3 AND deleted_at IS NULL RETURNING version`,
    [crewId, id, version, document, document.title, nameKey(document.title), memberId],
  );
  await addRevision(db, 'rigging', crewId, memberId, id, row.version, document);
  return riggingById(db, crewId, id);
}

/** One earlier version's document. @throws NotFoundError, UnreadableError */
export const riggingRevision = async (
  db: Database,
  crewId: string,
  id: string,
  version: number,
): Promise<RiggingDocument> =>
  readable(readRigging(await revisionDocument(db, 'rigging', crewId, id, version)));

/** What of the library is wanted. `after`: the last entry of the page before, as [title key, id]. */
export interface RiggingQuery {
  readonly search: string;
  readonly after: readonly [string, string] | null;
}

/** The SQL of a library page, apart so that a test can EXPLAIN it. $1 crew, $2 search pattern, $3 key, $4 id. */
export function riggingPageSql({ search, after }: RiggingQuery): string {
  return `${SELECT} WHERE r.crew_id = $1 AND r.deleted_at IS NULL
      ${search ? 'AND r.title_key LIKE $2' : 'AND $2::text IS NULL'}
      ${after ? 'AND (r.title_key, r.id) > ($3::text, $4::uuid)' : 'AND $3::text IS NULL AND $4::text IS NULL'}
    ORDER BY r.title_key, r.id LIMIT ${PAGE_SIZE + 1}`;
}

/** One page of a crew's library by title, and the marker of the next page, or null at the end. */
export async function riggingPage(
  db: Database,
  crewId: string,
  query: RiggingQuery,
): Promise<{ riggings: RiggingSummary[]; next: readonly [string, string] | null }> {
  const rows = await many(db, riggingRow, riggingPageSql(query), [
    crewId,
    query.search ? wordPattern(nameKey(query.search)) : null,
    ...afterValues(query.after),
  ]);
  const { page, next } = pageOf(rows, (r) => [r.title_key, r.id]);
  return {
    riggings: page.map((row) => {
      const read = readRigging(row.document);
      return {
        id: row.id,
        title: row.title,
        document: read.ok ? read.value : null,
        updatedAt: row.updated_at.toISOString(),
        updatedBy: row.updated_by,
      };
    }),
    next,
  };
}
