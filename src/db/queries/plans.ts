import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Plan, readPlan } from '@/core/securement/plan';
import { RULE_SET_IDS } from '@/core/securement/rule-set-ids';
import { VERDICTS } from '@/core/securement/verdict';
import { assess } from '@/core/securement/assess';
import { gearIdsOf, partIdsOf } from '@/core/securement/locker-word';
import { ConflictError, type Database, many, one } from '../pool';
import { nameKey } from './crews';
import { afterValues, PAGE_SIZE, pageOf, type StoredDocument, wordPattern } from './documents';
import { edition } from '../edition';
import { readable } from '../unreadable';
import { holdGear } from './gear';
import { linkParts } from './kept-parts';
import { factsOf, linkGear } from './plan-gear';
import { addRevision, revisionDocument } from './revisions';

/** A plan as it is kept. */
export type StoredPlan = StoredDocument<Plan>;

/** A plan as the list shows it. */
export interface PlanSummary {
  readonly id: string;
  readonly version: number;
  readonly title: string;
  readonly ruleSet: Plan['ruleSet'];
  readonly verdict: (typeof VERDICTS)[number];
  /** Judged by other rules or another program than this one: it is being judged again. */
  readonly outdated: boolean;
  readonly lineCount: number;
  /** When the next check on the road is due; null: it is not on the road. */
  readonly checkDueAt: string | null;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

const planRow = z.object({
  id: z.uuid(),
  version: z.number(),
  document: z.unknown(),
  updated_at: z.date(),
  updated_by: z.string(),
});
const summaryRow = z.object({
  id: z.uuid(),
  version: z.number(),
  title: z.string(),
  title_key: z.string(),
  rule_set: z.enum(RULE_SET_IDS),
  verdict: z.enum(VERDICTS),
  judged_by: z.string(),
  line_count: z.number(),
  check_due_at: z.date().nullable(),
  // Text keeps the microseconds that a Date would lose: a page marker must be exact.
  updated_at: z.string(),
  updated_by: z.string(),
});

/** @throws UnreadableError */
const storedOf = (row: z.infer<typeof planRow>): StoredPlan => ({
  id: row.id,
  version: row.version,
  document: readable(readPlan(row.document)),
  updatedAt: row.updated_at.toISOString(),
  updatedBy: row.updated_by,
});

/** What of a document the list needs. The verdict is computed here, with what the locker says, never taken from a client. */
async function columnsOf(
  db: Database,
  crewId: string,
  document: Plan,
): Promise<[Plan, string, string, string, string, string, number]> {
  const ids = gearIdsOf(document);
  await holdGear(db, crewId, ids);
  const facts = await factsOf(db, crewId, ids, partIdsOf(document));
  const { verdict } = assess(document, facts);
  return [
    document,
    document.title,
    nameKey(document.title),
    document.ruleSet,
    verdict,
    edition(),
    document.lines.length,
  ];
}

const SELECT = `SELECT p.id, p.version, p.document, p.updated_at, m.name AS updated_by FROM plan p JOIN member m ON m.id = p.updated_by`;

/** One plan of a crew. @throws NotFoundError when the crew has none of that id, or it is deleted; UnreadableError. */
export async function planById(db: Database, crewId: string, id: string): Promise<StoredPlan> {
  return storedOf(
    await one(
      db,
      planRow,
      `${SELECT} WHERE p.crew_id = $1 AND p.id = $2 AND p.deleted_at IS NULL`,
      [crewId, id],
    ),
  );
}

/** The same, held against other writers until the transaction ends. @throws NotFoundError, UnreadableError */
export const planHeld = async (db: Database, crewId: string, id: string): Promise<StoredPlan> =>
  storedOf(
    await one(
      db,
      planRow,
      `${SELECT} WHERE p.crew_id = $1 AND p.id = $2 AND p.deleted_at IS NULL FOR UPDATE OF p`,
      [crewId, id],
    ),
  );

/** Keeps a new plan, version 1. Call inside a transaction. */
export async function insertPlan(
  db: Database,
  crewId: string,
  memberId: string,
  document: Plan,
): Promise<StoredPlan> {
  const id = uuid();
  await db.query(
    `INSERT INTO plan (id, crew_id, version, document, title, title_key, rule_set, verdict, judged_by, line_count, updated_at, updated_by)
     VALUES ($1, $2, 1, $3, $4, $5, $6, $7, $8, $9, now(), $10)`,
    [id, crewId, ...(await columnsOf(db, crewId, document)), memberId],
  );
  await linkGear(db, crewId, id, gearIdsOf(document));
  await linkParts(db, crewId, id, partIdsOf(document));
  await addRevision(db, 'plan', crewId, memberId, id, 1, document);
  return planById(db, crewId, id);
}

/**
 * Keeps a changed plan if `version` is still the one that was read. Call inside a transaction.
 * @throws ConflictError with the plan as it is now; NotFoundError when the crew has no such plan; UnreadableError.
 */
export async function updatePlan(
  db: Database,
  crewId: string,
  memberId: string,
  id: string,
  version: number,
  document: Plan,
): Promise<StoredPlan> {
  // What this program cannot read it does not write over: a later one may have put more into it.
  const before = await planHeld(db, crewId, id);
  if (before.version !== version) throw new ConflictError(before);
  const row = await one(
    db,
    z.object({ version: z.number() }),
    `UPDATE plan SET version = version + 1, document = $4, title = $5, title_key = $6, rule_set = $7, verdict = $8, judged_by = $9, line_count = $10,
       updated_at = now(), updated_by = $11
     WHERE crew_id = $1 AND id = $2 AND version = $3 AND deleted_at IS NULL RETURNING version`,
    [crewId, id, version, ...(await columnsOf(db, crewId, document)), memberId],
  );
  await linkGear(db, crewId, id, gearIdsOf(document));
  await linkParts(db, crewId, id, partIdsOf(document));
  await addRevision(db, 'plan', crewId, memberId, id, row.version, document);
  return planById(db, crewId, id);
}

/** One earlier version's document. @throws NotFoundError, UnreadableError */
export const planRevision = async (
  db: Database,
  crewId: string,
  id: string,
  version: number,
): Promise<Plan> => readable(readPlan(await revisionDocument(db, 'plan', crewId, id, version)));

export const PLAN_SORTS = ['changed', 'title'] as const;
export type PlanSort = (typeof PLAN_SORTS)[number];

/** What of the list is wanted. `after`: the last entry of the page before, as [sort key, id]. */
export interface PlanQuery {
  readonly search: string;
  readonly sort: PlanSort;
  readonly after: readonly [string, string] | null;
}

const ORDER: Record<PlanSort, { key: string; compare: string; order: string; cast: string }> = {
  changed: {
    key: 'updated_at',
    compare: '<',
    order: 'p.updated_at DESC, p.id DESC',
    cast: 'timestamptz',
  },
  title: { key: 'title_key', compare: '>', order: 'p.title_key, p.id', cast: 'text' },
};

/** The SQL of a list page, apart so that a test can EXPLAIN it. $1 crew, $2 search pattern, $3 key, $4 id. */
export function planPageSql(query: Pick<PlanQuery, 'sort' | 'search' | 'after'>): string {
  const { key, compare, order, cast } = ORDER[query.sort];
  return `SELECT p.id, p.version, p.title, p.title_key, p.rule_set, p.verdict, p.judged_by, p.line_count, p.check_due_at,
      to_char(p.updated_at AT TIME ZONE 'UTC', 'YYYY-MM-DD"T"HH24:MI:SS.US"Z"') AS updated_at, m.name AS updated_by
    FROM plan p JOIN member m ON m.id = p.updated_by
    WHERE p.crew_id = $1 AND p.deleted_at IS NULL
      ${query.search ? 'AND p.title_key LIKE $2' : 'AND $2::text IS NULL'}
      ${query.after ? `AND (p.${key}, p.id) ${compare} ($3::${cast}, $4::uuid)` : 'AND $3::text IS NULL AND $4::text IS NULL'}
    ORDER BY ${order} LIMIT ${PAGE_SIZE + 1}`;
}

/** Parameters of `planPageSql`. */
export function planPageValues(crewId: string, query: PlanQuery): unknown[] {
  const pattern = query.search ? wordPattern(nameKey(query.search)) : null;
  return [crewId, pattern, ...afterValues(query.after)];
}

/** One page of a crew's plans and the marker of the next page, or null at the end. */
export async function planPage(
  db: Database,
  crewId: string,
  query: PlanQuery,
): Promise<{ plans: PlanSummary[]; next: readonly [string, string] | null }> {
  const rows = await many(db, summaryRow, planPageSql(query), planPageValues(crewId, query));
  const { page, next } = pageOf(rows, (r) => [
    query.sort === 'title' ? r.title_key : r.updated_at,
    r.id,
  ]);
  return {
    plans: page.map((r) => ({
      id: r.id,
      version: r.version,
      title: r.title,
      ruleSet: r.rule_set,
      verdict: r.verdict,
      outdated: r.judged_by !== edition(),
      lineCount: r.line_count,
      checkDueAt: r.check_due_at?.toISOString() ?? null,
      updatedAt: r.updated_at,
      updatedBy: r.updated_by,
    })),
    next,
  };
}
