import { z } from 'zod';
import { type Database, many, NotFoundError, one } from '../pool';

/** Documents whose past is kept. */
export type Kept = 'plan' | 'rigging';

/** A version of a document as its history lists it. */
export interface Revision {
  readonly version: number;
  readonly savedBy: string;
  readonly savedAt: string;
  /** What somebody called it: such a version is never thinned out. */
  readonly name: string | null;
  /** As it is kept; read it through its door. */
  readonly document: unknown;
}

/** Versions on a page of a history. */
export const REVISIONS_A_PAGE = 30;

/** Keeps a version, and thins out what lies back. Call inside the transaction that saves it. */
export async function addRevision(
  db: Database,
  of: Kept,
  crewId: string,
  memberId: string,
  id: string,
  version: number,
  document: unknown,
): Promise<void> {
  await db.query(
    `INSERT INTO ${of}_revision (${of}_id, version, crew_id, document, saved_at, saved_by) VALUES ($1, $2, $3, $4, now(), $5)`,
    [id, version, crewId, document, memberId],
  );
  await thinRevisions(db, of, id);
}

/** The stretch of time a version stands for: an hour within the last week, a day before that. */
const stretch = (of: string): string =>
  `date_trunc(CASE WHEN r.saved_at < now() - interval '7 days' THEN 'day' ELSE 'hour' END, ${of}.saved_at)`;

/** Keeps every version of the last hour, the last of each hour for a week, the last of each day before, and named ones for ever. */
export async function thinRevisions(db: Database, of: Kept, id: string): Promise<void> {
  await db.query(
    `DELETE FROM ${of}_revision r WHERE r.${of}_id = $1 AND r.name IS NULL AND r.saved_at < now() - interval '1 hour'
     AND EXISTS (SELECT 1 FROM ${of}_revision n WHERE n.${of}_id = $1 AND n.version > r.version AND ${stretch('n')} = ${stretch('r')})`,
    [id],
  );
}

const revisionRow = z.object({
  version: z.number(),
  saved_by: z.string(),
  saved_at: z.date(),
  name: z.string().nullable(),
  document: z.unknown(),
});

/** SQL of a page of a history. $1 crew, $2 document, $3 version to go on after. */
export const revisionPageSql = (of: Kept): string =>
  `SELECT r.version, r.saved_at, m.name AS saved_by, r.name, r.document FROM ${of}_revision r JOIN member m ON m.id = r.saved_by
   WHERE r.crew_id = $1 AND r.${of}_id = $2 AND ($3::int IS NULL OR r.version < $3) ORDER BY r.version DESC LIMIT ${REVISIONS_A_PAGE + 1}`;

/** A page of a document's history, newest first, and one more to compare its last with. */
export async function revisionPage(
  db: Database,
  of: Kept,
  crewId: string,
  id: string,
  before: number | null,
): Promise<Revision[]> {
  const rows = await many(db, revisionRow, revisionPageSql(of), [crewId, id, before]);
  return rows.map((r) => ({
    version: r.version,
    savedBy: r.saved_by,
    savedAt: r.saved_at.toISOString(),
    name: r.name,
    document: r.document,
  }));
}

/** One earlier version's document as it is kept. @throws NotFoundError */
export async function revisionDocument(
  db: Database,
  of: Kept,
  crewId: string,
  id: string,
  version: number,
): Promise<unknown> {
  const row = await one(
    db,
    z.object({ document: z.unknown() }),
    `SELECT document FROM ${of}_revision WHERE crew_id = $1 AND ${of}_id = $2 AND version = $3`,
    [crewId, id, version],
  );
  return row.document;
}

/** Names a version, or takes its name away. @throws NotFoundError */
export async function nameRevision(
  db: Database,
  of: Kept,
  crewId: string,
  id: string,
  version: number,
  name: string | null,
): Promise<void> {
  const rows = await many(
    db,
    z.object({ version: z.number() }),
    `UPDATE ${of}_revision SET name = $4 WHERE crew_id = $1 AND ${of}_id = $2 AND version = $3 RETURNING version`,
    [crewId, id, version, name],
  );
  if (rows.length === 0) throw new NotFoundError();
}

/** A document that is not deleted, as it is kept: for exports of what cannot be read. @throws NotFoundError */
export async function rawDocument(
  db: Database,
  table: Kept | 'gear' | 'kept_part',
  crewId: string,
  id: string,
): Promise<unknown> {
  const row = await one(
    db,
    z.object({ document: z.unknown() }),
    `SELECT document FROM ${table} WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL`,
    [crewId, id],
  );
  return row.document;
}

/** Deletes or brings back; the document and its history stay. @throws NotFoundError */
export async function setDeleted(
  db: Database,
  of: Kept,
  crewId: string,
  id: string,
  deleted: boolean,
): Promise<void> {
  const rows = await many(
    db,
    z.object({ id: z.uuid() }),
    `UPDATE ${of} SET deleted_at = CASE WHEN $3 THEN now() END WHERE crew_id = $1 AND id = $2 AND (deleted_at IS NULL) = $3 RETURNING id`,
    [crewId, id, deleted],
  );
  if (rows.length === 0) throw new NotFoundError();
}
