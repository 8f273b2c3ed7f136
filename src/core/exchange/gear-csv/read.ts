import {
  type Gear,
  gearSchema,
  type GearKind,
  type GearStart,
  startSchema,
} from '../../gear/schema';
import { GEAR_FORMAT, GEAR_VERSION } from '../../gear/vocabulary';
import { fail, ok, type Result } from '../../result';
import { issuesOf } from '../issues';
import { readCell, unguardCell } from './cells';
import { type Column, COLUMNS, ITEM_KEYS } from './columns';
import { filledColumns, isBlank, type MatchedColumn, readHead, type RowError } from './head';

export type { MatchedColumn, RowError };

/** A row that can be kept. */
export interface GoodRow {
  readonly row: number;
  readonly gear: Gear;
  readonly start: GearStart;
}

export interface ReadTable {
  readonly columns: readonly MatchedColumn[];
  readonly good: readonly GoodRow[];
  readonly errors: readonly RowError[];
}

interface Drafts {
  readonly gear: Record<string, unknown>;
  readonly start: Record<string, unknown>;
  readonly item: Record<string, unknown>;
}

/** The kind a row is of: said, or plain from what else it says. */
function kindOf(cells: ReadonlyMap<string, unknown>): GearKind {
  const said = cells.get('kind');
  if (said !== undefined) return said as GearKind;
  return cells.has('grade') ? 'chain' : cells.has('form') ? 'hardware' : 'rope';
}

function draftsOf(cells: ReadonlyMap<string, unknown>): Drafts {
  const kind = kindOf(cells);
  const item: Record<string, unknown> = { kind };
  const gear: Record<string, unknown> = { format: GEAR_FORMAT, version: GEAR_VERSION, item };
  const start: Record<string, unknown> = {};
  for (const column of COLUMNS) {
    const value = cells.get(column.id);
    if (value === undefined) continue;
    for (const [document, ...path] of column.paths) {
      if (path[0] !== 'item') (document === 'gear' ? gear : start)[path[0]!] = value;
      else if (ITEM_KEYS[kind].includes(path[1]!)) item[path[1]!] = value;
    }
  }
  return { gear, start, item };
}

/** The header under which a path of the documents stands in this file, or what the column would be called. */
export function headerOf(
  columns: readonly MatchedColumn[],
  document: 'gear' | 'start',
  path: readonly (string | number)[],
): string {
  const key = path.join('.');
  const column = COLUMNS.find((c) =>
    c.paths.some(([d, ...p]) => d === document && p.join('.') === key),
  );
  return columns.find((m) => m.column && m.column === column)?.header ?? column?.header ?? key;
}

/** The cells of a row that can be read, by column, and what is wrong with the others. */
function readCells(
  columns: readonly MatchedColumn[],
  values: readonly string[],
  row: number,
): { readonly cells: Map<string, unknown>; readonly errors: RowError[] } {
  const cells = new Map<string, unknown>();
  const errors: RowError[] = [];
  columns.forEach(({ column, header, unit }, i) => {
    const text = unguardCell((values[i] ?? '').trim());
    if (!column || text === '') return;
    const read = readCell(column.kind, text, unit);
    if (read.ok) cells.set(column.id, read.value);
    else errors.push({ row, column: header, ...read.issues[0]! });
  });
  if (values.length > columns.length && values.slice(columns.length).some((v) => v.trim() !== ''))
    errors.push({
      row,
      column: '',
      code: 'row-too-long',
      values: { cells: values.length, headers: columns.length },
    });
  return { cells, errors };
}

function readRow(
  columns: readonly MatchedColumn[],
  values: readonly string[],
  row: number,
): Result<GoodRow> & { readonly errors: RowError[] } {
  const { cells, errors } = readCells(columns, values, row);
  errors.push(...strayCells(cells, columns, row));
  const drafts = draftsOf(cells);
  const [gear, start] = [gearSchema.safeParse(drafts.gear), startSchema.safeParse(drafts.start)];
  const said = new Set(errors.map((e) => e.column));
  for (const [document, parsed] of [
    ['gear', gear],
    ['start', start],
  ] as const) {
    if (parsed.success) continue;
    for (const issue of issuesOf(parsed.error, document === 'gear' ? gearSchema : startSchema)) {
      const column = headerOf(columns, document, issue.path);
      // A cell that could not be read is missing for the schema, too; saying so twice helps nobody.
      if (!said.has(column))
        errors.push({
          row,
          column,
          code: issue.code === 'invalid-type' ? 'cell-missing' : issue.code,
          values: issue.values,
        });
    }
  }
  if (errors.length === 0 && gear.success && start.success) {
    const [full, left] = [gear.data.lengthM, start.data.remainingM];
    if (full !== null && left !== null && left > full)
      errors.push({
        row,
        column: headerOf(columns, 'start', ['remainingM']),
        code: 'left-over-length',
        values: { leftM: left, lengthM: full },
      });
    else
      return {
        ok: true,
        value: { row, gear: gear.data, start: { ...start.data, remainingM: left ?? full } },
        errors,
      };
  }
  return { ...fail('row-bad'), errors };
}

/**
 * Codes that stand twice in the file: every one after the first is an error that names the first.
 * @param first the row of every code so far; what is read here is added
 */
export function withoutTwins(
  rows: readonly GoodRow[],
  header: string,
  first: Map<string, number>,
): { readonly good: GoodRow[]; readonly errors: RowError[] } {
  const errors: RowError[] = [];
  const good = rows.filter(({ gear, row }) => {
    const before = first.get(gear.code);
    if (before === undefined) {
      first.set(gear.code, row);
      return true;
    }
    errors.push({
      row,
      column: header,
      code: 'code-twice',
      values: { code: gear.code, row: before },
    });
    return false;
  });
  return { good, errors };
}

/** Filled cells that this kind of gear has no place for. */
function strayCells(
  cells: ReadonlyMap<string, unknown>,
  columns: readonly MatchedColumn[],
  row: number,
): RowError[] {
  const kind = kindOf(cells);
  const fits = (c: Column): boolean =>
    c.paths.some(
      ([, part, key]) => part !== 'item' || key === 'kind' || ITEM_KEYS[kind].includes(key!),
    );
  return columns.flatMap(({ column, header }): RowError[] =>
    column && cells.has(column.id) && !fits(column)
      ? [{ row, column: header, code: 'cell-not-for-kind', values: { kind } }]
      : [],
  );
}

/** Reads rows below a header. Never throws: what cannot be read is an error with its row and column. `firstRow`: the number of the first. */
export function readRows(
  columns: readonly MatchedColumn[],
  rows: readonly (readonly string[])[],
  firstRow: number,
): { readonly good: GoodRow[]; readonly errors: RowError[] } {
  const good: GoodRow[] = [];
  const errors: RowError[] = [];
  rows.forEach((values, i) => {
    if (isBlank(values)) return;
    const result = readRow(columns, values, firstRow + i);
    errors.push(...result.errors);
    if (result.ok) good.push(result.value);
  });
  return { good, errors };
}

const byRow = (a: RowError, b: RowError): number => a.row - b.row;

/** Reads a whole table of gear, header first. */
export function readGearTable(table: readonly (readonly string[])[]): Result<ReadTable> {
  const [headers = [], ...rows] = table;
  const head = readHead(headers, filledColumns(headers, rows));
  if (!head.ok) return head;
  const { columns, code, errors, trusted } = head.value;
  if (!trusted) return ok({ columns, good: [], errors });
  const read = readRows(columns, rows, 2);
  const { good, errors: twins } = withoutTwins(read.good, code, new Map());
  return ok({ columns, good, errors: [...errors, ...read.errors, ...twins].sort(byRow) });
}
