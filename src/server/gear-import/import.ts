import type { GearRow } from '@/core/exchange/gear-csv/columns';
import type { RowError } from '@/core/exchange/gear-csv/head';
import { type GoodRow, headerOf, withoutTwins } from '@/core/exchange/gear-csv/read';
import { checkStart } from '@/core/gear/record';
import { fail, type Issue, ok, type Result } from '@/core/result';
import { type Database, transaction } from '@/db/pool';
import { codesOfRemoved, insertGear, takenCodes } from '@/db/queries/gear';
import { wordIssue } from '@/wording/issues';
import { latestToday } from '../days';
import { isStorable } from '../storable';
import { openCsv } from './csv';
import { openLocker } from './locker';
import type { Batch, GearSource } from './source';

/** Errors shown of one import; all are counted. */
const MOST_ERRORS = 2000;
const SAMPLE_ROWS = 20;

/** What is done with what a file holds: look at it, keep everything or nothing, keep the good rows. */
export const KEEPS = ['nothing', 'all', 'good'] as const;
export type Keep = (typeof KEEPS)[number];

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

export interface ImportWork {
  readonly file: string;
  readonly from: 'csv' | 'json';
  readonly keep: Keep;
  readonly crewId: string;
  readonly memberId: string;
  readonly now: Date;
}

/** Sums of an import while it is read. */
class Tally {
  private readonly bad = new Set<number>();
  private readonly errors: RowError[] = [];
  private readonly sample: GearRow[] = [];
  private good = 0;

  add({ good, errors }: Batch): void {
    for (const e of errors) {
      this.bad.add(e.row);
      if (this.errors.length < MOST_ERRORS) this.errors.push(e);
    }
    this.good += good.length;
    for (const { gear, start } of good.slice(0, SAMPLE_ROWS - this.sample.length))
      this.sample.push({ gear, start });
  }

  get badRows(): number {
    return this.bad.size;
  }

  report(source: GearSource, keeps: boolean): ImportReport {
    return {
      columns: source.columns.map((c) => ({
        header: c.header,
        means: c.column?.header ?? null,
        unit: c.unit,
      })),
      rows: this.good + this.bad.size,
      good: this.good,
      bad: this.bad.size,
      kept: keeps ? this.good : 0,
      errors: [...this.errors]
        .sort((a, b) => a.row - b.row)
        .map((e) => ({ row: e.row, column: e.column, code: e.code, message: wordIssue(e) })),
      sample: this.sample,
    };
  }
}

/** A batch without the rows that `why` has something against: they become errors. */
function without(batch: Batch, why: (row: GoodRow) => Omit<RowError, 'row'> | null): Batch {
  const errors = [...batch.errors];
  const good = batch.good.filter((row) => {
    const error = why(row);
    if (error) errors.push({ row: row.row, ...error });
    return error === null;
  });
  return { good, errors };
}

/** Rows that say of a thing what cannot be, or cannot be kept: more left than there was, inspected tomorrow. */
function withoutImpossible(batch: Batch, { columns }: GearSource, now: Date): Batch {
  const latest = latestToday(now);
  return without(batch, ({ gear, start }) => {
    if (!isStorable(gear)) return { column: '', code: 'text-not-storable', values: {} };
    const checked = checkStart(gear, start, latest);
    if (checked.ok) return null;
    const [{ code, values, path }] = checked.issues as [Issue];
    return { column: headerOf(columns, 'start', path), code, values };
  });
}

/** Rows whose tag the crew has already, or that a removed thing wore, are errors: an import never writes over what is kept, nor takes its tag in silence. */
async function withoutTaken(
  db: Database,
  crewId: string,
  batch: Batch,
  column: string,
): Promise<Batch> {
  const codes = batch.good.map((g) => g.gear.code);
  const taken = await takenCodes(db, crewId, codes);
  const worn = await codesOfRemoved(db, crewId, codes);
  return without(batch, ({ gear: { code } }) =>
    taken.has(code) || worn.has(code)
      ? { column, code: taken.has(code) ? 'code-taken' : 'code-worn-before', values: { code } }
      : null,
  );
}

/** Everything was to be kept, and something is wrong: what was kept so far is rolled back. */
class NotAllError extends Error {
  constructor(readonly bad: number) {
    super('not all');
  }
}

/** Reads a source to its end and keeps what is to be kept as it goes. @throws NotAllError */
async function take(db: Database, source: GearSource, work: ImportWork): Promise<Tally> {
  const { crewId, memberId, keep, now } = work;
  const tally = new Tally();
  const seen = new Map<string, number>();
  tally.add({ good: [], errors: source.errors });
  for await (const read of source.batches()) {
    const alone = withoutTwins(read.good, source.code, seen);
    const possible = withoutImpossible(
      { good: alone.good, errors: [...read.errors, ...alone.errors] },
      source,
      now,
    );
    const batch = await withoutTaken(db, crewId, possible, source.code);
    tally.add(batch);
    const keeps = keep === 'good' || (keep === 'all' && tally.badRows === 0);
    if (keeps && batch.good.length > 0) await insertGear(db, crewId, memberId, batch.good, now);
  }
  if (keep === 'all' && tally.badRows > 0) throw new NotAllError(tally.badRows);
  return tally;
}

/**
 * Looks at, or keeps, what a file holds: nothing, everything or nothing, or the good rows; one transaction, and never
 * more than some rows in memory. Fails with `import-has-errors` when everything was asked for and a row is bad, and with
 * what the file as a whole cannot be read for.
 */
export async function importFile(work: ImportWork): Promise<Result<ImportReport>> {
  const source = await (work.from === 'csv' ? openCsv : openLocker)(work.file);
  if (!source.ok) return source;
  try {
    const tally = await transaction((db) => take(db, source.value, work));
    return ok(tally.report(source.value, work.keep !== 'nothing'));
  } catch (error) {
    if (error instanceof NotAllError) return fail('import-has-errors', { bad: error.bad });
    throw error;
  }
}
