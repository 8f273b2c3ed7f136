import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import {
  type KeptDeck,
  type KeptLoad,
  readKeptDeck,
  readKeptLoad,
} from '@/core/securement/kept/schema';
import { KEPT_KINDS } from '@/core/securement/kept/vocabulary';
import { type Course, readCourse } from '@/core/training/standing/course';
import type { KeptFact } from '@/core/securement/locker-word';
import type { Reading } from '@/core/exchange/read';
import { ConflictError, type Database, many, NotFoundError, one } from '../pool';
import { readable } from '../unreadable';
import { nameKey } from './crews';
import { afterValues, PAGE_SIZE, pageOf, type StoredDocument, wordPattern } from './documents';

/** What is kept of each kind. */
export interface KeptOf {
  readonly deck: KeptDeck;
  readonly load: KeptLoad;
  readonly course: Course;
}
/** What is kept: decks and loads that plans take, and courses. */
export type PartKind = keyof KeptOf;

/** Of each anchor of a deck, who read it and on which day. */
export type Readings = Readonly<Record<string, { readonly on: string; readonly by: string }>>;

/** A deck or a load as it is kept. Of a load there are no readings. */
export type StoredPart<K extends PartKind> = StoredDocument<KeptOf[K]> & {
  readonly readings: Readings;
};

/** A deck or a load as a list shows it. */
export interface PartSummary {
  readonly id: string;
  readonly title: string;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

const readingsSchema = z.record(z.string(), z.object({ on: z.iso.date(), by: z.string() }));
const partRow = z.object({
  id: z.uuid(),
  version: z.number(),
  document: z.unknown(),
  readings: readingsSchema,
  title: z.string(),
  title_key: z.string(),
  updated_at: z.date(),
  updated_by: z.string(),
});

const READ: { readonly [K in PartKind]: (input: unknown) => Reading<KeptOf[K]> } = {
  deck: readKeptDeck,
  load: readKeptLoad,
  course: readCourse,
};

/** @throws UnreadableError */
const storedOf = <K extends PartKind>(kind: K, row: z.infer<typeof partRow>): StoredPart<K> => ({
  id: row.id,
  version: row.version,
  document: readable(READ[kind](row.document)),
  readings: row.readings,
  updatedAt: row.updated_at.toISOString(),
  updatedBy: row.updated_by,
});

const SELECT = `SELECT k.id, k.version, k.document, k.readings, k.title, k.title_key, k.updated_at, m.name AS updated_by
  FROM kept_part k JOIN member m ON m.id = k.updated_by`;

/** One deck or load of a crew. @throws NotFoundError, UnreadableError */
export async function partById<K extends PartKind>(
  db: Database,
  kind: K,
  crewId: string,
  id: string,
  held = false,
): Promise<StoredPart<K>> {
  return storedOf(
    kind,
    await one(
      db,
      partRow,
      `${SELECT} WHERE k.crew_id = $1 AND k.kind = $2 AND k.id = $3 AND k.deleted_at IS NULL${held ? ' FOR UPDATE OF k' : ''}`,
      [crewId, kind, id],
    ),
  );
}

/** What a save needs besides the document. */
export interface Saving {
  readonly crewId: string;
  readonly memberId: string;
  readonly readings: Readings;
}

/** Keeps a new deck or load, version 1. Call inside a transaction. */
export async function insertPart<K extends PartKind>(
  db: Database,
  kind: K,
  { crewId, memberId, readings }: Saving,
  document: KeptOf[K],
): Promise<StoredPart<K>> {
  const id = uuid();
  await db.query(
    `INSERT INTO kept_part (id, crew_id, kind, version, document, readings, title, title_key, updated_at, updated_by)
     VALUES ($1, $2, $3, 1, $4, $5, $6, $7, now(), $8)`,
    [id, crewId, kind, document, readings, document.title, nameKey(document.title), memberId],
  );
  return partById(db, kind, crewId, id);
}

/** Keeps a changed deck or load if `version` is still the one that was read. Call inside a transaction. @throws ConflictError, NotFoundError, UnreadableError */
export async function updatePart<K extends PartKind>(
  db: Database,
  kind: K,
  { crewId, memberId, readings }: Saving,
  id: string,
  version: number,
  document: KeptOf[K],
): Promise<StoredPart<K>> {
  const before = await partById(db, kind, crewId, id, true);
  if (before.version !== version) throw new ConflictError(before);
  await db.query(
    `UPDATE kept_part SET version = version + 1, document = $3, readings = $4, title = $5, title_key = $6, updated_at = now(), updated_by = $7
     WHERE crew_id = $1 AND id = $2`,
    [crewId, id, document, readings, document.title, nameKey(document.title), memberId],
  );
  return partById(db, kind, crewId, id);
}

/** Takes a deck or a load away, or brings it back; the document stays. @throws NotFoundError */
export async function setPartDeleted(
  db: Database,
  kind: PartKind,
  crewId: string,
  id: string,
  deleted: boolean,
): Promise<void> {
  const rows = await many(
    db,
    z.object({ id: z.uuid() }),
    `UPDATE kept_part SET deleted_at = CASE WHEN $4 THEN now() END WHERE crew_id = $1 AND kind = $2 AND id = $3 AND (deleted_at IS NULL) = $4 RETURNING id`,
    [crewId, kind, id, deleted],
  );
  if (rows.length === 0) throw new NotFoundError();
}

/** What of a list is wanted. `after`: the last entry of the page before, as [title key, id]. */
export interface PartQuery {
  readonly search: string;
  readonly after: readonly [string, string] | null;
}

/** The SQL of a list page, apart so that a test can EXPLAIN it. $1 crew, $2 kind, $3 search pattern, $4 key, $5 id. */
export const partPageSql = ({ search, after }: PartQuery): string =>
  `${SELECT} WHERE k.crew_id = $1 AND k.kind = $2 AND k.deleted_at IS NULL
    ${search ? 'AND k.title_key LIKE $3' : 'AND $3::text IS NULL'}
    ${after ? 'AND (k.title_key, k.id) > ($4::text, $5::uuid)' : 'AND $4::text IS NULL AND $5::text IS NULL'}
  ORDER BY k.title_key, k.id LIMIT ${PAGE_SIZE + 1}`;

/** One page of a crew's decks or loads by title, and the marker of the next page, or null at the end. */
export async function partPage(
  db: Database,
  kind: PartKind,
  crewId: string,
  query: PartQuery,
): Promise<{ parts: PartSummary[]; next: readonly [string, string] | null }> {
  const rows = await many(db, partRow, partPageSql(query), [
    crewId,
    kind,
    query.search ? wordPattern(nameKey(query.search)) : null,
    ...afterValues(query.after),
  ]);
  const { page, next } = pageOf(rows, (r) => [r.title_key, r.id]);
  return {
    parts: page.map((r) => ({
      id: r.id,
      title: r.title,
      updatedAt: r.updated_at.toISOString(),
      updatedBy: r.updated_by,
    })),
    next,
  };
}

const factRow = z.object({
  id: z.uuid(),
  kind: z.enum(KEPT_KINDS),
  version: z.number(),
  document: z.unknown(),
  removed: z.boolean(),
});

/** What the crew says of decks and loads that it keeps, removed ones too. What cannot be read is left out: nothing good is assumed of it. */
export async function partFacts(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<(readonly [string, KeptFact])[]> {
  if (ids.length === 0) return [];
  const rows = await many(
    db,
    factRow,
    'SELECT id, kind, version, document, deleted_at IS NOT NULL AS removed FROM kept_part WHERE crew_id = $1 AND id = ANY($2) AND kind = ANY($3) ORDER BY id',
    [crewId, ids, KEPT_KINDS],
  );
  return rows.flatMap(
    ({ id, kind, version, document, removed }): (readonly [string, KeptFact])[] => {
      if (kind === 'deck') {
        const read = readKeptDeck(document);
        return read.ok ? [[id, { deck: read.value.deck, version, removed }]] : [];
      }
      const read = readKeptLoad(document);
      return read.ok ? [[id, { unit: read.value.unit, version, removed }]] : [];
    },
  );
}

/** Ids of kept decks and loads that are the crew's, of those asked for; held against changes until the transaction ends. */
export const holdParts = async (
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<ReadonlySet<string>> =>
  new Set(
    (
      await many(
        db,
        z.object({ id: z.uuid() }),
        'SELECT id FROM kept_part WHERE crew_id = $1 AND id = ANY($2) AND kind = ANY($3) ORDER BY id FOR SHARE',
        [crewId, ids, KEPT_KINDS],
      )
    ).map((r) => r.id),
  );

/** Notes which decks and loads a plan took. Call inside a transaction. */
export async function linkParts(
  db: Database,
  crewId: string,
  planId: string,
  ids: readonly string[],
): Promise<void> {
  await db.query('DELETE FROM plan_part WHERE plan_id = $1 AND NOT part_id = ANY($2)', [
    planId,
    ids,
  ]);
  await db.query(
    'INSERT INTO plan_part (plan_id, part_id, crew_id) SELECT $1, k.id, $2 FROM kept_part k WHERE k.crew_id = $2 AND k.id = ANY($3) ON CONFLICT DO NOTHING',
    [planId, crewId, ids],
  );
}

/** Plans that took a deck or a load, deleted ones too, held until the transaction ends, as they are kept. */
export const plansTakingHeld = (
  db: Database,
  crewId: string,
  partId: string,
): Promise<{ id: string; document: unknown }[]> =>
  many(
    db,
    z.object({ id: z.uuid(), document: z.unknown() }),
    'SELECT p.id, p.document FROM plan_part l JOIN plan p ON p.id = l.plan_id WHERE l.part_id = $2 AND l.crew_id = $1 ORDER BY p.id FOR UPDATE OF p',
    [crewId, partId],
  ) as Promise<{ id: string; document: unknown }[]>;
