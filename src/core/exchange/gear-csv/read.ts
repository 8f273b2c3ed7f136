import {
  type Gear,
  gearSchema,
  type GearKind,
  type GearStart,
  startSchema,
} from '../../gear/schema';
import { GEAR_FORMAT, GEAR_VERSION } from '../../gear/vocabulary';
import { fail, type IssueValue, ok, type Result } from '../../result';
import { issuesOf } from '../issues';
import { nearest } from '../known-keys';
import { readCell, unguardCell } from './cells';
import { type Column, COLUMNS, ITEM_KEYS, plain } from './columns';

/** Most rows of one import. */
const MOST_ROWS = 20_000;

/** A column of the file as it was understood. `column` null: its header says nothing known. */
export interface MatchedColumn {
  readonly header: string;
  readonly column: Column | null;
  readonly unit: string | null;
}

/** Something wrong in the file. `row` as a spreadsheet counts: the header is row 1. `column`: the header as written. */
export interface RowError {
  readonly row: number;
  readonly column: string;
  readonly code: string;
  readonly values: Readonly<Record<string, IssueValue>>;
}

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

/** "Size (mm)", "Size [mm]", "size_mm": the unit of a header, and the header without it. */
function splitHeader(header: string): { readonly name: string; readonly unit: string | null } {
  const match =
    /^(.*?)(?:\s*[([]\s*([^)\]]{1,6})\s*[)\]]|_(mm|cm|m|in|ft|n|kn|dan|kgf|lbf))\s*$/i.exec(header);
  return match
    ? { name: match[1]!, unit: match[2] ?? match[3] ?? null }
    : { name: header, unit: null };
}

/** Whether a header, in plain letters, means a column. */
const means = (column: Column, word: string): boolean =>
  plain(column.header) === word || column.also.includes(word);

/** Which column each header means; null: none, or one that an earlier header means already. */
export function matchHeaders(headers: readonly string[]): MatchedColumn[] {
  const taken = new Set<string>();
  return headers.map((raw): MatchedColumn => {
    const header = unguardCell(raw.replace(/^\uFEFF/, '').trim());
    const { name, unit } = splitHeader(header);
    const word = plain(name);
    const column = COLUMNS.find((c) => !taken.has(c.id) && means(c, word)) ?? null;
    if (column) taken.add(column.id);
    return { header, column, unit };
  });
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

/** Codes that stand twice in the file: every one after the first is an error that names the first. */
export function withoutTwins(
  rows: readonly GoodRow[],
  header: string,
): { readonly good: GoodRow[]; readonly errors: RowError[] } {
  const first = new Map<string, number>();
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

/** A header that begins so leaves its column out: somebody meant it. */
const LEFT_OUT = '#';

/**
 * Headers that mean nothing here, or the same as another, over cells that say something: what stands there would be lost
 * without a word. Where one was probably meant otherwise (`nearest`, `twin`) no row can be trusted.
 */
function headerErrors(
  columns: readonly MatchedColumn[],
  rows: readonly (readonly string[])[],
): RowError[] {
  const known = COLUMNS.map((c) => c.header);
  return columns.flatMap(({ column, header }, i): RowError[] => {
    const filled = rows.some((values) => (values[i] ?? '').trim() !== '');
    if (column || !filled || header.startsWith(LEFT_OUT)) return [];
    const { name } = splitHeader(header);
    const same = COLUMNS.find((c) => means(c, plain(name)));
    const twin = same && columns.find((c) => c.column === same)?.header;
    return [
      twin === undefined
        ? {
            row: 1,
            column: header,
            code: 'column-unknown',
            values: { header, nearest: nearest(name, known) },
          }
        : { row: 1, column: header, code: 'column-twice', values: { header, twin } },
    ];
  });
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

/** Reads a table of gear, header first. Never throws: what cannot be read is an error with its row and column. */
export function readGearTable(table: readonly (readonly string[])[]): Result<ReadTable> {
  const [headers, ...rows] = table;
  if (!headers || headers.every((h) => h.trim() === '')) return fail('table-empty');
  if (rows.length > MOST_ROWS)
    return fail('table-too-long', { most: MOST_ROWS, rows: rows.length });
  const columns = matchHeaders(headers);
  const code = columns.find((c) => c.column?.id === 'code');
  if (!code)
    return fail('table-without-code', {
      headers: columns
        .map((c) => c.header)
        .join(', ')
        .slice(0, 200),
    });
  const errors = headerErrors(columns, rows);
  if (errors.some((e) => e.code === 'column-twice' || e.values['nearest'] !== null))
    return ok({ columns, good: [], errors });
  const read: GoodRow[] = [];
  rows.forEach((values, i) => {
    if (values.every((v) => v.trim() === '')) return;
    const result = readRow(columns, values, i + 2);
    errors.push(...result.errors);
    if (result.ok) read.push(result.value);
  });
  const { good, errors: twins } = withoutTwins(read, code.header);
  return ok({ columns, good, errors: [...errors, ...twins].sort((a, b) => a.row - b.row) });
}
