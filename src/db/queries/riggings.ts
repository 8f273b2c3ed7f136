import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type RiggingDocument, riggingSchema } from '@/core/bench/rigging';
import { ConflictError, type Database, many, maybeOne, NotFoundError, one } from '../pool';
import { nameKey } from './crews';
import { PAGE_SIZE, type StoredDocument, wordPattern } from './documents';

/** A rigging of the crew's library as it is kept. */
export type StoredRigging = StoredDocument<RiggingDocument>;

/** A rigging as the library shows it. */
export interface RiggingSummary {
  readonly id: string;
  readonly title: string;
  readonly document: RiggingDocument;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

const riggingRow = z.object({
  id: z.uuid(),
  version: z.number(),
  document: riggingSchema,
  title_key: z.string(),
  updated_at: z.date(),
  updated_by: z.string(),
});
type Row = z.infer<typeof riggingRow>;

const storedOf = (row: Row): StoredRigging => ({
  id: row.id,
  version: row.version,
  document: row.document,
  updatedAt: row.updated_at.toISOString(),
  updatedBy: row.updated_by,
});

const SELECT =
  'SELECT r.id, r.version, r.document, r.title_key, r.updated_at, m.name AS updated_by FROM rigging r JOIN member m ON m.id = r.updated_by';

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
  return riggingById(db, crewId, id);
}

/**
 * Keeps a changed rigging if `version` is still the one that was read. Call inside a transaction.
 * @throws ConflictError with the rigging as it is now; NotFoundError when the crew has no such rigging.
 */
export async function updateRigging(
  db: Database,
  crewId: string,
  memberId: string,
  id: string,
  version: number,
  document: RiggingDocument,
): Promise<StoredRigging> {
  const row = await maybeOne(
    db,
    z.object({ version: z.number() }),
    `UPDATE rigging SET version = version + 1, document = $4, title = $5, title_key = $6, updated_at = now(), updated_by = $7
     WHERE crew_id = $1 AND id = $2 AND version = $3 AND deleted_at IS NULL RETURNING version`,
    [crewId, id, version, document, document.title, nameKey(document.title), memberId],
  );
  const current = await riggingById(db, crewId, id);
  if (row === null) throw new ConflictError(current);
  return current;
}

/** Takes a rigging out of the library; plans made from it keep what they took. @throws NotFoundError */
export async function deleteRigging(db: Database, crewId: string, id: string): Promise<void> {
  const row = await maybeOne(
    db,
    z.object({ id: z.uuid() }),
    'UPDATE rigging SET deleted_at = now() WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL RETURNING id',
    [crewId, id],
  );
  if (row === null) throw new NotFoundError();
}

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
    query.after?.[0] ?? null,
    query.after?.[1] ?? null,
  ]);
  const page = rows.slice(0, PAGE_SIZE);
  const last = rows.length > PAGE_SIZE ? page.at(-1) : undefined;
  return {
    riggings: page.map((row) => ({ ...storedOf(row), title: row.document.title })),
    next: last ? [last.title_key, last.id] : null,
  };
}
