import { z } from 'zod';
import { daysLater, type DueState, SOON_DAYS } from '@/core/gear/due';
import type { GearStateId } from '@/core/gear/history';
import { type Database, many } from '../pool';
import { PAGE_SIZE, pageOf, wordPattern } from './documents';
import { gearRow, SELECT_GEAR, sorted, type StoredGear, type UnreadableGear } from './gear';

export const GEAR_SORTS = ['code', 'due'] as const;
export type GearSort = (typeof GEAR_SORTS)[number];

/** What of the locker is wanted. Empty lists and nulls do not filter. `after`: the last entry of the page before, as [sort key, id]. */
export interface GearQuery {
  readonly search: string;
  readonly type: string | null;
  readonly kind: string | null;
  readonly states: readonly GearStateId[];
  readonly sizeFromM: number | null;
  readonly sizeToM: number | null;
  readonly leftFromM: number | null;
  readonly due: Exclude<DueState, 'never'> | null;
  readonly today: string;
  readonly sort: GearSort;
  readonly after: readonly [string, string] | null;
}

export const ALL_GEAR: Omit<GearQuery, 'today'> = {
  search: '',
  type: null,
  kind: null,
  states: [],
  sizeFromM: null,
  sizeToM: null,
  leftFromM: null,
  due: null,
  sort: 'code',
  after: null,
};

/** A size counts as itself within this much: floating point, and 9.5 mm sold as 3/8 in. */
const SIZE_SLACK_M = 0.0001;

/** The SQL of a page and its values, apart so that a test can EXPLAIN it. Only what is asked for is in it, so that the planner sees it. */
export function gearPageSql(
  crewId: string,
  query: GearQuery,
): { readonly sql: string; readonly values: unknown[] } {
  const values: unknown[] = [crewId];
  const where = ['g.crew_id = $1', 'g.deleted_at IS NULL'];
  const add = (text: (n: string) => string, value: unknown): void => {
    values.push(value);
    where.push(text(`$${values.length}`));
  };
  if (query.search)
    add((n) => `g.words LIKE ${n}`, wordPattern(query.search.toLocaleLowerCase('en')));
  if (query.type !== null) add((n) => `g.type = ${n}`, query.type);
  if (query.kind !== null) add((n) => `g.kind = ${n}`, query.kind);
  if (query.states.length > 0) add((n) => `g.state = ANY(${n})`, query.states);
  if (query.sizeFromM !== null) add((n) => `g.size_m >= ${n}`, query.sizeFromM - SIZE_SLACK_M);
  if (query.sizeToM !== null) add((n) => `g.size_m <= ${n}`, query.sizeToM + SIZE_SLACK_M);
  if (query.leftFromM !== null) add((n) => `g.remaining_m >= ${n}`, query.leftFromM);
  if (query.due === 'overdue') add((n) => `g.due_on <= ${n}`, query.today);
  if (query.due === 'soon') {
    add((n) => `g.due_on > ${n}`, query.today);
    add((n) => `g.due_on <= ${n}`, daysLater(query.today, SOON_DAYS));
  }
  if (query.due === 'later') add((n) => `g.due_on > ${n}`, daysLater(query.today, SOON_DAYS));
  if (query.sort === 'due') where.push('g.due_on IS NOT NULL');
  const [key, cast] = query.sort === 'due' ? ['g.due_on', 'date'] : ['g.code', 'text'];
  if (query.after) {
    values.push(...query.after);
    where.push(`(${key}, g.id) > ($${values.length - 1}::${cast}, $${values.length}::uuid)`);
  }
  return {
    sql: `${SELECT_GEAR} WHERE ${where.join(' AND ')} ORDER BY ${key}, g.id LIMIT ${PAGE_SIZE + 1}`,
    values,
  };
}

/** One page of a crew's locker and the marker of the next page, or null at the end. What cannot be read is named. */
export async function gearPage(
  db: Database,
  crewId: string,
  query: GearQuery,
): Promise<{
  gear: StoredGear[];
  unreadable: UnreadableGear[];
  next: readonly [string, string] | null;
}> {
  const { sql, values } = gearPageSql(crewId, query);
  const rows = await many(db, gearRow, sql, values);
  const { page, next } = pageOf(rows, (r) => [query.sort === 'due' ? r.due_on! : r.code, r.id]);
  return { ...sorted(page), next };
}

/** Ropes in service that could be chosen for a length: the shortest that reach, then the longest that do not. */
export async function ropesForLength(
  db: Database,
  crewId: string,
  lengthM: number,
): Promise<StoredGear[]> {
  const from = `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.kind = 'rope' AND g.state = 'in-service' AND g.deleted_at IS NULL`;
  const [enough, short] = await Promise.all([
    many(db, gearRow, `${from} AND g.remaining_m >= $2 ORDER BY g.remaining_m, g.id LIMIT 60`, [
      crewId,
      lengthM,
    ]),
    many(
      db,
      gearRow,
      `${from} AND g.remaining_m < $2 ORDER BY g.remaining_m DESC, g.id DESC LIMIT 15`,
      [crewId, lengthM],
    ),
  ]);
  return sorted([...enough, ...short]).gear;
}

/** Ropes of a cut list are chosen by hand: more than this nobody goes through. */
const MOST_ROPES = 300;

/** Ropes in service, cheapest metre first; no price counts as dear. */
export async function ropesByPrice(db: Database, crewId: string): Promise<StoredGear[]> {
  const rows = await many(
    db,
    gearRow,
    `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.kind = 'rope' AND g.state = 'in-service' AND g.deleted_at IS NULL
    ORDER BY g.price_per_m NULLS LAST, g.code LIMIT ${MOST_ROPES}`,
    [crewId],
  );
  return sorted(rows).gear;
}

/** Everything of a crew by tag, a batch at a time, for exports; what cannot be read as it is kept. */
export async function* allGear(
  db: Database,
  crewId: string,
): AsyncGenerator<{ gear: StoredGear[]; unreadable: unknown[] }> {
  let after = '';
  for (;;) {
    const rows = await many(
      db,
      gearRow,
      `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.deleted_at IS NULL AND g.code > $2 ORDER BY g.code LIMIT 1000`,
      [crewId, after],
    );
    if (rows.length === 0) return;
    const { gear, unreadable } = sorted(rows);
    const ids = new Set(unreadable.map((u) => u.id));
    yield { gear, unreadable: rows.filter((r) => ids.has(r.id)).map((r) => r.document) };
    after = rows.at(-1)!.code;
  }
}

/** Tags due for inspection by day, earliest first, up to a day. What is overdue stands under the day it was due. */
export async function dueByDay(
  db: Database,
  crewId: string,
  until: string,
): Promise<{ day: string; codes: string[] }[]> {
  return many(
    db,
    z.object({ day: z.string(), codes: z.array(z.string()) }),
    `SELECT g.due_on::text AS day, array_agg(g.code ORDER BY g.code) AS codes FROM gear g
     WHERE g.crew_id = $1 AND g.deleted_at IS NULL AND g.due_on IS NOT NULL AND g.due_on <= $2 GROUP BY g.due_on ORDER BY g.due_on LIMIT 1000`,
    [crewId, until],
  );
}

/** Most things that are offered to choose from: with more, one finds them in the locker. */
const MOST_TAGS = 500;

/** SQL of what is in use, by tag. $1 crew */
export const TAGS_SQL = `SELECT id, code FROM gear WHERE crew_id = $1 AND deleted_at IS NULL AND state = 'in-service' ORDER BY code, id LIMIT ${MOST_TAGS}`;

/** What of a crew's locker is in use, by tag. */
export const tagsInUse = (
  db: Database,
  crewId: string,
): Promise<{ readonly id: string; readonly code: string }[]> =>
  many(db, z.object({ id: z.uuid(), code: z.string() }), TAGS_SQL, [crewId]);
