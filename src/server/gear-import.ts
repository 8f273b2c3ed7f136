import Papa from 'papaparse';
import type { z } from 'zod';
import type { GearRow } from '@/core/exchange/gear-csv/columns';
import {
  type GoodRow,
  headerOf,
  type MatchedColumn,
  readGearTable,
  type RowError,
  withoutTwins,
} from '@/core/exchange/gear-csv/read';
import { writeGearTable } from '@/core/exchange/gear-csv/write';
import { startOf } from '@/core/gear/history';
import { checkStart } from '@/core/gear/record';
import type { Issue } from '@/core/result';
import { type Database, transaction } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import { codesOfRemoved, insertGear, type StoredGear, takenCodes } from '@/db/queries/gear';
import { allGear } from '@/db/queries/gear-list';
import { wordIssue } from '@/wording/issues';
import type { importBody } from './api/gear-schemas';
import { latestToday } from './gear';
import { Refusal, refuse } from './problem';

/** Errors shown of one import; all are counted. */
const MOST_ERRORS = 2000;
const SAMPLE_ROWS = 20;

/** What an import holds, and what came of it. */
export interface ImportReport {
  readonly columns: readonly {
    readonly header: string;
    readonly means: string | null;
    readonly unit: string | null;
  }[];
  readonly rows: number;
  readonly good: number;
  readonly bad: number;
  readonly errors: readonly {
    readonly row: number;
    readonly column: string;
    readonly code: string;
    readonly message: string;
  }[];
  readonly sample: readonly GearRow[];
  readonly kept: number;
}

interface Reading {
  readonly columns: readonly MatchedColumn[];
  readonly good: readonly GoodRow[];
  readonly errors: readonly RowError[];
}

function readCsv(csv: string): Reading {
  const parsed = Papa.parse<string[]>(csv.replace(/^\uFEFF/, ''), {
    delimiter: '',
    skipEmptyLines: false,
  });
  const table = readGearTable(parsed.data);
  if (!table.ok)
    throw new Refusal(
      422,
      table.issues.map((i) => ({ ...i, path: ['csv'] })),
    );
  // A quote that never closes swallows the rest of the file: nothing after it can be trusted.
  const broken = parsed.errors
    .filter((e) => e.type === 'Quotes')
    .map((e): RowError => ({ row: (e.row ?? 0) + 1, column: '', code: 'csv-broken', values: {} }));
  return {
    ...table.value,
    good:
      broken.length > 0 ? table.value.good.filter((g) => g.row < broken[0]!.row) : table.value.good,
    errors: [...table.value.errors, ...broken],
  };
}

function readLocker(body: Extract<z.infer<typeof importBody>, { from: 'json' }>): Reading {
  const good = body.locker.items.map(({ gear, start }, i): GoodRow => ({
    row: i + 1,
    gear,
    start: { ...start, remainingM: start.remainingM ?? gear.lengthM },
  }));
  return { columns: [], ...withoutTwins(good, 'code') };
}

/** Rows that say of a thing what cannot be: more left than there was, inspected tomorrow. */
function withoutImpossible(reading: Reading, now: Date): Reading {
  const errors: RowError[] = [];
  const good = reading.good.filter(({ gear, start, row }) => {
    const checked = checkStart(gear, start, latestToday(now));
    if (checked.ok) return true;
    const [{ code, values, path }] = checked.issues as [Issue];
    errors.push({ row, column: headerOf(reading.columns, 'start', path), code, values });
    return false;
  });
  return { ...reading, good, errors: [...reading.errors, ...errors].sort((a, b) => a.row - b.row) };
}

/** Rows whose tag the crew has already, or that a removed thing wore, are errors: an import never writes over what is kept, nor takes its tag in silence. */
async function withoutTaken(db: Database, crewId: string, reading: Reading): Promise<Reading> {
  const codes = reading.good.map((g) => g.gear.code);
  const [taken, worn] = [
    await takenCodes(db, crewId, codes),
    await codesOfRemoved(db, crewId, codes),
  ];
  const code = (g: GoodRow): 'code-taken' | 'code-worn-before' | null =>
    taken.has(g.gear.code) ? 'code-taken' : worn.has(g.gear.code) ? 'code-worn-before' : null;
  if (taken.size + worn.size === 0) return reading;
  const column = reading.columns.find((c) => c.column?.id === 'code')?.header ?? 'code';
  const errors = reading.good.flatMap((g): RowError[] => {
    const why = code(g);
    return why === null ? [] : [{ row: g.row, column, code: why, values: { code: g.gear.code } }];
  });
  return {
    ...reading,
    good: reading.good.filter((g) => code(g) === null),
    errors: [...reading.errors, ...errors].sort((a, b) => a.row - b.row),
  };
}

function report(reading: Reading, kept: number): ImportReport {
  const bad = new Set(reading.errors.map((e) => e.row)).size;
  return {
    columns: reading.columns.map((c) => ({
      header: c.header,
      means: c.column?.header ?? null,
      unit: c.unit,
    })),
    rows: reading.good.length + bad,
    good: reading.good.length,
    bad,
    kept,
    errors: reading.errors
      .slice(0, MOST_ERRORS)
      .map((e) => ({ row: e.row, column: e.column, code: e.code, message: wordIssue(e) })),
    sample: reading.good.slice(0, SAMPLE_ROWS).map(({ gear, start }) => ({ gear, start })),
  };
}

/**
 * Looks at, or keeps, what an import holds: nothing, everything or nothing, or the good rows; one transaction.
 * @throws Refusal 422 `import-has-errors` with the report when everything was asked for and a row is bad.
 */
export async function importGear(
  member: Member,
  body: z.infer<typeof importBody>,
  now: Date,
): Promise<ImportReport> {
  const read = body.from === 'csv' ? readCsv(body.csv) : readLocker(body);
  const possible = withoutImpossible(read, now);
  return transaction(async (db) => {
    const reading = await withoutTaken(db, member.crewId, possible);
    if (body.keep === 'nothing') return report(reading, 0);
    if (body.keep === 'all' && reading.errors.length > 0)
      throw new Refusal(
        422,
        refuse(422, 'import-has-errors', { bad: new Set(reading.errors.map((e) => e.row)).size })
          .issues,
        { report: report(reading, 0) },
      );
    await insertGear(db, member.crewId, member.id, reading.good, now);
    return report(reading, reading.good.length);
  });
}

/** A row of an export: where a thing was moved to goes with it. */
export const rowOf = (g: StoredGear): GearRow => ({
  gear: { ...g.document, place: g.standing.place },
  start: startOf(g.standing),
});

/** Everything a crew has as a table that spreadsheets read and no spreadsheet runs. */
export async function exportCsv(db: Database, crewId: string): Promise<string> {
  const rows: GearRow[] = [];
  for await (const batch of allGear(db, crewId)) rows.push(...batch.gear.map(rowOf));
  return `${Papa.unparse(writeGearTable(rows), { newline: '\r\n' })}\r\n`;
}
