import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { inspectionDue } from '@/core/gear/due';
import type { InspectionIntervals } from '@/core/gear/intervals';
import type { HistoryEntry } from '@/core/gear/events';
import { readGear } from '@/core/exchange/gear';
import type { Unreadable } from '@/core/exchange/read';
import type { Gear, GearStart } from '@/core/gear/schema';
import { sizeOf, typeOf } from '@/core/gear/vocabulary';
import { GEAR_STATES, type GearState, stateOf } from '@/core/gear/history';
import { CONDITIONS } from '@/core/rope/condition';
import { ConflictError, type Database, many, maybeOne, NotFoundError, one } from '../pool';
import { crewSettings } from './crews';
import { UnreadableError } from '../unreadable';
import type { StoredDocument } from './documents';

/** A thing of the locker as it is kept: its document, and how it stands today by its history. */
export interface StoredGear extends StoredDocument<Gear> {
  readonly standing: GearState;
  readonly dueOn: string | null;
  readonly enteredOn: string;
  /** Taken out of the locker as entered by mistake; plans that use it still have to hear of it. */
  readonly removed: boolean;
}

const standingSchema = z.object({
  state: z.enum(GEAR_STATES),
  condition: z.enum(CONDITIONS),
  damagedAtM: z.array(z.number()),
  remainingM: z.number().nullable(),
  place: z.string(),
  inspectedOn: z.string().nullable(),
  suspect: z.boolean(),
  inspections: z.number(),
});

export const gearRow = z.object({
  id: z.uuid(),
  version: z.number(),
  code: z.string(),
  document: z.unknown(),
  standing: z.unknown(),
  due_on: z.string().nullable(),
  entered_on: z.string(),
  updated_at: z.date(),
  updated_by: z.string(),
  removed: z.boolean(),
});

type Row = z.infer<typeof gearRow>;

/** A thing that is kept and cannot be read by this program; it stays as it is. */
export interface UnreadableGear {
  readonly id: string;
  readonly code: string;
  readonly why: Unreadable;
}

function read(row: Row): { stored: StoredGear } | { unreadable: UnreadableGear } {
  const document = readGear(row.document);
  const standing = standingSchema.safeParse(row.standing);
  const no = (why: Unreadable) => ({ unreadable: { id: row.id, code: row.code, why } });
  if (!document.ok) return no(document.why);
  if (!standing.success) return no({ reason: 'broken', version: null, newest: 1, issues: [] });
  return {
    stored: {
      id: row.id,
      version: row.version,
      document: document.value,
      standing: standing.data,
      dueOn: row.due_on,
      enteredOn: row.entered_on,
      removed: row.removed,
      updatedAt: row.updated_at.toISOString(),
      updatedBy: row.updated_by,
    },
  };
}

/** A row as a thing. @throws UnreadableError */
export function storedGear(row: Row): StoredGear {
  const reading = read(row);
  if ('unreadable' in reading) throw new UnreadableError(reading.unreadable.why);
  return reading.stored;
}

/** Rows as things, and those that cannot be read. */
export function sorted(rows: readonly Row[]): {
  readonly gear: StoredGear[];
  readonly unreadable: UnreadableGear[];
} {
  const readings = rows.map(read);
  return {
    gear: readings.flatMap((r) => ('stored' in r ? [r.stored] : [])),
    unreadable: readings.flatMap((r) => ('unreadable' in r ? [r.unreadable] : [])),
  };
}

/** Days come as text: a Date would move with the machine's time zone. */
export const SELECT_GEAR = `SELECT g.id, g.version, g.code, g.document, g.standing, g.due_on::text AS due_on, g.entered_on::text AS entered_on, g.deleted_at IS NOT NULL AS removed, g.updated_at, m.name AS updated_by
  FROM gear g JOIN member m ON m.id = g.updated_by`;

/** One thing of a crew. @throws NotFoundError when the crew has none of that id, or it was removed. */
export async function gearById(db: Database, crewId: string, id: string): Promise<StoredGear> {
  return storedGear(
    await one(
      db,
      gearRow,
      `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.id = $2 AND g.deleted_at IS NULL`,
      [crewId, id],
    ),
  );
}

/** The thing with this tag, or null. */
export async function gearByCode(
  db: Database,
  crewId: string,
  code: string,
): Promise<StoredGear | null> {
  const row = await maybeOne(
    db,
    gearRow,
    `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.code = $2 AND g.deleted_at IS NULL`,
    [crewId, code.trim().toUpperCase()],
  );
  return row && storedGear(row);
}

/** Several things of a crew, in the order of their tags, removed ones too; ids it never had are left out. */
export async function gearByIds(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<ReturnType<typeof sorted>> {
  if (ids.length === 0) return { gear: [], unreadable: [] };
  return sorted(
    await many(
      db,
      gearRow,
      `${SELECT_GEAR} WHERE g.crew_id = $1 AND g.id = ANY($2) ORDER BY g.code`,
      [crewId, ids],
    ),
  );
}

/** Holds things as they are until the transaction ends: nobody retires one while a plan that uses it is being kept. */
export async function holdGear(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<void> {
  if (ids.length > 0)
    await db.query('SELECT 1 FROM gear WHERE crew_id = $1 AND id = ANY($2) ORDER BY id FOR SHARE', [
      crewId,
      ids,
    ]);
}

/** What people may look for a thing by. */
const wordsOf = (gear: Gear, place: string): string =>
  [gear.code, gear.name, place, typeOf(gear.item), gear.item.kind]
    .join(' ')
    .toLocaleLowerCase('en');

/** The columns lists need, out of document and history. */
function columns(
  gear: Gear,
  standing: GearState,
  enteredOn: string,
  intervals: InspectionIntervals,
): unknown[] {
  return [
    gear,
    standing,
    gear.code,
    wordsOf(gear, standing.place),
    gear.item.kind,
    typeOf(gear.item),
    sizeOf(gear.item),
    standing.remainingM,
    gear.pricePerM,
    standing.state,
    inspectionDue(gear, standing, intervals, enteredOn).on,
  ];
}

/** A thing with how it was entered, as it goes into the database. */
export interface NewGear {
  readonly gear: Gear;
  readonly start: GearStart;
}

const INSERTED = [
  'id',
  'event_id',
  'document',
  'standing',
  'code',
  'words',
  'kind',
  'type',
  'size_m',
  'remaining_m',
  'price_per_m',
  'state',
  'due_on',
  'body',
] as const;

/**
 * Enters things, each with the first line of its history, in two statements whatever their number.
 * Call inside a transaction. @returns their ids in the same order. @throws ConstraintError `gear_code` when a tag is taken.
 */
export async function insertGear(
  db: Database,
  crewId: string,
  memberId: string,
  things: readonly NewGear[],
  now: Date,
): Promise<string[]> {
  const { intervals } = await crewSettings(db, crewId);
  const [at, enteredOn] = [now.toISOString(), now.toISOString().slice(0, 10)];
  const rows = things.map(({ gear, start }) => {
    const body = { kind: 'entered' as const, ...start };
    const entry: HistoryEntry = { id: uuid(), at, by: '', body };
    const values = [
      uuid(),
      entry.id,
      ...columns(gear, stateOf(gear, [entry]), enteredOn, intervals),
      body,
    ];
    return Object.fromEntries(INSERTED.map((key, i) => [key, values[i]]));
  });
  const list = JSON.stringify(rows);
  await many(
    db,
    z.object({}),
    `INSERT INTO gear (id, crew_id, version, document, standing, code, words, kind, type, size_m, remaining_m, price_per_m, state, entered_on, due_on, updated_at, updated_by)
    SELECT r.id, $1, 1, r.document, r.standing, r.code, r.words, r.kind, r.type, r.size_m, r.remaining_m, r.price_per_m, r.state, $3, r.due_on, $4, $2
    FROM jsonb_to_recordset($5::jsonb) AS r (id uuid, document jsonb, standing jsonb, code text, words text, kind text, type text, size_m double precision, remaining_m double precision, price_per_m double precision, state text, due_on date)`,
    [crewId, memberId, enteredOn, at, list],
  );
  await db.query(
    `INSERT INTO gear_event (id, gear_id, crew_id, at, by_member, body)
    SELECT r.event_id, r.id, $1, $3, $2, r.body FROM jsonb_to_recordset($4::jsonb) AS r (id uuid, event_id uuid, body jsonb)`,
    [crewId, memberId, at, list],
  );
  return rows.map((r) => r['id'] as string);
}

/** Writes a thing's columns anew after its document or its history changed. */
export async function refreshGear(
  db: Database,
  crewId: string,
  memberId: string,
  stored: StoredGear,
  gear: Gear,
  standing: GearState,
): Promise<void> {
  const { intervals } = await crewSettings(db, crewId);
  await many(
    db,
    z.object({}),
    `UPDATE gear SET version = version + 1, document = $3, standing = $4, code = $5, words = $6, kind = $7, type = $8, size_m = $9, remaining_m = $10, price_per_m = $11, state = $12, due_on = $13,
    updated_at = now(), updated_by = $14 WHERE crew_id = $1 AND id = $2`,
    [crewId, stored.id, ...columns(gear, standing, stored.enteredOn, intervals), memberId],
  );
}

/** One thing, held against other writers until the transaction ends. @throws NotFoundError */
export async function lockGear(db: Database, crewId: string, id: string): Promise<StoredGear> {
  await one(
    db,
    z.object({}),
    'SELECT 1 FROM gear WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL FOR UPDATE',
    [crewId, id],
  );
  return gearById(db, crewId, id);
}

/**
 * Keeps a changed document if `version` is still the one that was read. Call inside a transaction, with its history.
 * @throws ConflictError with the thing as it is now; NotFoundError; ConstraintError `gear_code`.
 */
export async function updateGear(
  db: Database,
  crewId: string,
  memberId: string,
  id: string,
  version: number,
  gear: Gear,
  history: readonly HistoryEntry[],
): Promise<StoredGear> {
  const stored = await lockGear(db, crewId, id);
  if (stored.version !== version) throw new ConflictError(stored);
  await refreshGear(db, crewId, memberId, stored, gear, stateOf(gear, history));
  return gearById(db, crewId, id);
}

/** Removes a thing that was entered by mistake from the lists; its history stays. @throws NotFoundError */
export async function deleteGear(db: Database, crewId: string, id: string): Promise<void> {
  const row = await maybeOne(
    db,
    z.object({ id: z.uuid() }),
    'UPDATE gear SET deleted_at = now() WHERE crew_id = $1 AND id = $2 AND deleted_at IS NULL RETURNING id',
    [crewId, id],
  );
  if (row === null) throw new NotFoundError();
}

/** Which of these tags the crew has already. */
export async function takenCodes(
  db: Database,
  crewId: string,
  codes: readonly string[],
): Promise<Set<string>> {
  const rows = await many(
    db,
    z.object({ code: z.string() }),
    'SELECT code FROM gear WHERE crew_id = $1 AND code = ANY($2) AND deleted_at IS NULL',
    [crewId, codes],
  );
  return new Set(rows.map((r) => r.code));
}

/** Which of these tags something wore that was removed since. Whoever wears it next is another thing. */
export async function codesOfRemoved(
  db: Database,
  crewId: string,
  codes: readonly string[],
): Promise<Set<string>> {
  const rows = await many(
    db,
    z.object({ code: z.string() }),
    'SELECT DISTINCT code FROM gear WHERE crew_id = $1 AND code = ANY($2) AND deleted_at IS NOT NULL',
    [crewId, codes],
  );
  return new Set(rows.map((r) => r.code));
}
