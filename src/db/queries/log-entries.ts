import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import {
  type CorrectedBy,
  type Facts,
  factsSchema,
  type KeptBody,
  keptBodySchema,
  type LogEntry,
} from '@/core/log/kept';
import { LOG_KINDS, type LogKind } from '@/core/log/vocabulary';
import { searchWords } from '@/core/log/words';
import { type Database, many, NotFoundError } from '../pool';
import { nameKey } from './crews';
import { PAGE_SIZE, pageOf } from './documents';
import { photosOf } from './log-photos';

/** What an entry is about, besides a plan. */
export const LINK_KINDS = ['gear', 'person', 'deck', 'knot'] as const;
export type LinkKind = (typeof LINK_KINDS)[number];

/** An entry to be added. `id`: of what was recorded elsewhere; else a new one. `text`: what it is found by. */
export interface EntryToAdd {
  readonly id?: string;
  readonly crewId: string;
  readonly memberId: string;
  readonly at: Date;
  readonly now: Date;
  readonly planId: string | null;
  readonly body: KeptBody;
  readonly facts: Facts;
  readonly text: string;
}

/** What an entry is linked with: whoever it is by and about, what it used, the deck it was on, and knots it names. */
function linksOf({ memberId, body, facts }: EntryToAdd): [LinkKind, string][] {
  const said = body.kind === 'correction' ? body.instead : body;
  const knots = said?.kind === 'incident' && said.knot ? [said.knot] : [];
  const deck = nameKey(facts.plan?.deck ?? '');
  const links: [LinkKind, string][] = [
    ...facts.gear.map(({ id }): [LinkKind, string] => ['gear', id]),
    ['person', memberId],
    ...facts.people.map(({ id }): [LinkKind, string] => ['person', id]),
    ...(deck === '' ? [] : [['deck', deck] as [LinkKind, string]]),
    ...knots.map((id): [LinkKind, string] => ['knot', id]),
  ];
  return [...new Map(links.map((l) => [l.join(' '), l])).values()];
}

/** How lines were found, where somebody looked or hauled. */
async function addLines(db: Database, id: string, { crewId, at, planId, body, facts }: EntryToAdd) {
  const seen = facts.lines.filter((l) => l.state !== null);
  if (planId === null || seen.length === 0) return;
  await db.query(
    `INSERT INTO log_line (crew_id, at, entry_id, plan_id, at_check, line_id, name, material, lock, state)
     SELECT $1, $2, $3, $4, $10, * FROM unnest($5::text[], $6::text[], $7::text[], $8::text[], $9::text[])`,
    [
      crewId,
      at,
      id,
      planId,
      seen.map((l) => l.id),
      seen.map((l) => l.name),
      seen.map((l) => l.material),
      seen.map((l) => l.lock),
      seen.map((l) => l.state),
      body.kind === 'check',
    ],
  );
}

/** Adds an entry. What it says must have been looked at. Call inside a transaction. @returns its id */
export async function addLogEntry(db: Database, entry: EntryToAdd): Promise<string> {
  const { crewId, memberId, at, now, planId, body, facts, text } = entry;
  const id = entry.id ?? uuid();
  await db.query(
    `INSERT INTO log_entry (id, crew_id, at, recorded_at, by_member, kind, plan_id, body, facts, words, corrects)
     VALUES ($1, $2, $3, $4, $5, $6, $7, $8, $9, array_to_tsvector($10::text[]), $11)`,
    [
      id,
      crewId,
      at,
      now,
      memberId,
      body.kind,
      planId,
      body,
      facts,
      searchWords(text),
      body.kind === 'correction' ? body.corrects : null,
    ],
  );
  const links = linksOf(entry);
  await db.query(
    `INSERT INTO log_link (crew_id, what, ref, at, entry_id) SELECT $1, l.what, l.ref, $2, $3 FROM unnest($4::text[], $5::text[]) AS l (what, ref)`,
    [crewId, at, id, links.map(([what]) => what), links.map(([, ref]) => ref)],
  );
  await addLines(db, id, entry);
  return id;
}

/** What of the log is wanted. Times are days, both included; `after`: time and id of the last entry of the page before. */
export interface LogQuery {
  readonly kind: LogKind | null;
  readonly planId: string | null;
  readonly link: { readonly what: LinkKind; readonly ref: string } | null;
  readonly from: string | null;
  readonly to: string | null;
  readonly search: string;
  readonly after: readonly [string, string] | null;
}

const COLUMNS = `e.id, e.kind, e.at, e.recorded_at, e.by_member, m.name AS by_name, e.body, e.facts`;

/** A word so short begins too many others: it is searched for as it is. */
const SHORTEST_BEGINNING = 3;

/** Words of which each begins a word of the entry; null: nothing is searched for. */
const wordsAsked = (search: string): string | null =>
  searchWords(search)
    .map((w) => (w.length < SHORTEST_BEGINNING ? `'${w}'` : `'${w}':*`))
    .join(' & ') || null;

/**
 * SQL of a page, newest first, apart so that a test can EXPLAIN it; and its values. Where a view is asked for, its links are
 * walked in order until there are enough; else the entries. `since`: nothing older is looked at.
 */
export function logPageSql(
  crewId: string,
  query: LogQuery,
  since: Date | null = null,
): { readonly sql: string; readonly values: unknown[] } {
  const values: unknown[] = [crewId];
  const given = (value: unknown): string => `$${values.push(value)}`;
  const { kind, planId, link, from, to, after } = query;
  const words = wordsAsked(query.search);
  // What few entries say is found by its words first: in order of time one would look through all of them.
  const sparse = words !== null && since === null;
  const walked = link !== null && !sparse;
  const isLinked = link ? `what = ${given(link.what)} AND ref = ${given(link.ref)}` : '';
  const inOrder = [
    `crew_id = $1`,
    ...(walked ? [isLinked] : []),
    ...(from ? [`at >= ${given(from)}::date::timestamp AT TIME ZONE 'UTC'`] : []),
    ...(to ? [`at < (${given(to)}::date + 1)::timestamp AT TIME ZONE 'UTC'`] : []),
    ...(since ? [`at >= ${given(since)}::timestamptz`] : []),
    // The second says to which months the first is confined.
    ...(after
      ? [
          `(at, ${walked ? 'entry_id' : 'id'}) < (${given(after[0])}::timestamptz, ${given(after[1])}::uuid)`,
          `at <= ${given(after[0])}::timestamptz`,
        ]
      : []),
  ].join(' AND ');
  const linked = `EXISTS (SELECT FROM log_link l WHERE l.crew_id = $1 AND ${isLinked} AND l.at = e.at AND l.entry_id = e.id)`;
  const also = [
    ...(kind ? [`e.kind = ${given(kind)}`] : []),
    ...(planId ? [`e.plan_id = ${given(planId)}`] : []),
    ...(words ? [`e.words @@ ${given(words)}::tsquery`] : []),
    ...(link && !walked ? [linked] : []),
  ]
    .map((n) => ` AND ${n}`)
    .join('');
  const limit = `LIMIT ${PAGE_SIZE + 1}`;
  const entries = `SELECT id, at FROM log_entry e WHERE ${inOrder}${also}`;
  const sql = walked
    ? `SELECT ${COLUMNS} FROM (SELECT at, entry_id FROM log_link WHERE ${inOrder} ORDER BY at DESC, entry_id DESC) AS l
       CROSS JOIN LATERAL (SELECT * FROM log_entry WHERE id = l.entry_id AND at = l.at AND crew_id = $1 OFFSET 0) AS e
       JOIN member m ON m.id = e.by_member WHERE true${also} ORDER BY l.at DESC, l.entry_id DESC ${limit}`
    : `${sparse ? `WITH found AS MATERIALIZED (${entries})` : ''}
       SELECT ${COLUMNS} FROM (${sparse ? 'SELECT id, at FROM found' : entries} ORDER BY at DESC, id DESC ${limit}) AS p
       JOIN log_entry e ON e.id = p.id AND e.at = p.at JOIN member m ON m.id = e.by_member ORDER BY p.at DESC, p.id DESC`;
  return { sql, values };
}

const entryRow = z.object({
  id: z.uuid(),
  kind: z.enum(LOG_KINDS),
  at: z.date(),
  recorded_at: z.date(),
  by_member: z.uuid(),
  by_name: z.string(),
  body: z.unknown(),
  facts: z.unknown(),
});
type EntryRow = z.infer<typeof entryRow>;

const correctionRow = z.object({
  id: z.uuid(),
  at: z.date(),
  by: z.string(),
  corrects: z.uuid(),
  reason: z.string(),
  withdrawn: z.boolean(),
});

/** SQL of what corrected some entries. $1 crew, $2 their ids, $3 their times: a correction is of the time of what it corrects */
export const CORRECTIONS_SQL = `SELECT e.id, e.at, m.name AS by, e.corrects, e.body ->> 'reason' AS reason,
    jsonb_typeof(e.body -> 'instead') = 'null' AS withdrawn
  FROM log_entry e JOIN member m ON m.id = e.by_member WHERE e.crew_id = $1 AND e.corrects = ANY($2) AND e.at = ANY($3::timestamptz[])`;

/** By what each of some entries was corrected. */
async function correctionsOf(
  db: Database,
  crewId: string,
  entries: readonly EntryRow[],
): Promise<ReadonlyMap<string, CorrectedBy>> {
  if (entries.length === 0) return new Map();
  const rows = await many(db, correctionRow, CORRECTIONS_SQL, [
    crewId,
    entries.map((r) => r.id),
    [...new Set(entries.map((r) => r.at.toISOString()))],
  ]);
  return new Map(
    rows.map((r) => [
      r.corrects,
      { id: r.id, at: r.at.toISOString(), by: r.by, reason: r.reason, withdrawn: r.withdrawn },
    ]),
  );
}

/** Entries with what was said of them later, and their pictures. What this program cannot read it says nothing of. */
async function entriesOf(
  db: Database,
  crewId: string,
  rows: readonly EntryRow[],
): Promise<LogEntry[]> {
  const ids = rows.map((r) => r.id);
  const corrected = await correctionsOf(db, crewId, rows);
  const photos = await photosOf(db, crewId, ids);
  return rows.map((r): LogEntry => {
    const body = keptBodySchema.safeParse(r.body);
    const facts = factsSchema.safeParse(r.facts);
    return {
      id: r.id,
      kind: r.kind,
      at: r.at.toISOString(),
      recordedAt: r.recorded_at.toISOString(),
      by: { id: r.by_member, name: r.by_name },
      body: body.success ? body.data : null,
      facts: facts.success ? facts.data : factsSchema.parse({}),
      photos: photos.get(r.id) ?? [],
      correctedBy: corrected.get(r.id) ?? null,
    };
  });
}

/** Most pages are full within so much of the log before where they begin: the rest is looked at only for those that are not. */
const NEAR_MS = 92 * 86_400_000;

/** A page of the log, newest first, and where the next one begins. */
export async function logPage(
  db: Database,
  crewId: string,
  query: LogQuery,
): Promise<{ entries: LogEntry[]; next: readonly [string, string] | null }> {
  const begins = query.after ? Date.parse(query.after[0]) : Date.now();
  const find = async (since: Date | null): Promise<EntryRow[]> => {
    const { sql, values } = logPageSql(crewId, query, since);
    return many(db, entryRow, sql, values);
  };
  const near = query.from === null ? await find(new Date(begins - NEAR_MS)) : [];
  const rows = near.length > PAGE_SIZE ? near : await find(null);
  const { page, next } = pageOf(rows, (r) => [r.at.toISOString(), r.id]);
  return { entries: await entriesOf(db, crewId, page), next };
}

/** One entry. @throws NotFoundError */
export async function logEntry(db: Database, crewId: string, id: string): Promise<LogEntry> {
  const rows = await many(
    db,
    entryRow,
    `SELECT ${COLUMNS} FROM log_entry e JOIN member m ON m.id = e.by_member WHERE e.id = $2 AND e.crew_id = $1`,
    [crewId, id],
  );
  const [found] = await entriesOf(db, crewId, rows);
  if (!found) throw new NotFoundError();
  return found;
}

/** All entries that are asked for, some at a time, newest first: for exports. */
export async function* allEntries(
  db: Database,
  crewId: string,
  query: LogQuery,
): AsyncGenerator<readonly LogEntry[]> {
  let after = query.after;
  do {
    const { entries, next } = await logPage(db, crewId, { ...query, after });
    yield entries;
    after = next;
  } while (after !== null);
}

/** Holds an entry against being corrected by another until the transaction ends. @throws NotFoundError */
export async function entryHeld(db: Database, crewId: string, id: string): Promise<LogEntry> {
  await db.query('SELECT pg_advisory_xact_lock(hashtextextended($1, 0))', [`log ${id}`]);
  return logEntry(db, crewId, id);
}

/** Makes the months of the log from this one on for a year. @returns how many were not there */
export async function makeLogMonths(db: Database, now: Date): Promise<number> {
  const day = now.toISOString().slice(0, 10);
  const rows = await many(
    db,
    z.object({ made: z.number() }),
    `SELECT make_log_months($1::date, ($1::date + interval '12 months')::date) AS made`,
    [day],
  );
  return rows[0]!.made;
}
