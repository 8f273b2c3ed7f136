import { fail, type IssueValue, ok, type Result } from '../../result';
import { nearest } from '../known-keys';
import { unguardCell } from './cells';
import { type Column, COLUMNS, plain } from './columns';

/** What a header may be written as, of whatever table. */
export type Named = Pick<Column, 'id' | 'header' | 'also'>;

/** A column of the file as it was understood. `column` null: its header says nothing known. */
export interface MatchedColumn<C extends Named = Column> {
  readonly header: string;
  readonly column: C | null;
  readonly unit: string | null;
}

/** Something wrong in the file. `row` as a spreadsheet counts: the header is row 1. `column`: the header as written. */
export interface RowError {
  readonly row: number;
  readonly column: string;
  readonly code: string;
  readonly values: Readonly<Record<string, IssueValue>>;
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
const means = (column: Named, word: string): boolean =>
  plain(column.header) === word || column.also.includes(word);

/** Which column each header means; null: none, or one that an earlier header means already. */
export function matchHeaders<C extends Named>(
  headers: readonly string[],
  known: readonly C[],
): MatchedColumn<C>[] {
  const taken = new Set<string>();
  return headers.map((raw): MatchedColumn<C> => {
    const header = unguardCell(raw.replace(/^\uFEFF/, '').trim());
    const { name, unit } = splitHeader(header);
    const word = plain(name);
    const column = known.find((c) => !taken.has(c.id) && means(c, word)) ?? null;
    if (column) taken.add(column.id);
    return { header, column, unit };
  });
}

/** A header that begins so leaves its column out: somebody meant it. */
const LEFT_OUT = '#';

/**
 * Headers that mean nothing here, or the same as another, over cells that say something: what stands there would be lost
 * without a word. Where one was probably meant otherwise (`nearest`, `twin`) no row can be trusted.
 */
export function headerErrors<C extends Named>(
  columns: readonly MatchedColumn<C>[],
  filled: readonly boolean[],
  all: readonly C[],
): RowError[] {
  const known = all.map((c) => c.header);
  return columns.flatMap(({ column, header }, i): RowError[] => {
    if (column || !filled[i] || header.startsWith(LEFT_OUT)) return [];
    const { name } = splitHeader(header);
    const same = all.find((c) => means(c, plain(name)));
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

/** Whether a row says nothing. */
export const isBlank = (values: readonly string[]): boolean => values.every((v) => v.trim() === '');

/** Which columns say something in any of these rows. */
export const filledColumns = (
  headers: readonly string[],
  rows: readonly (readonly string[])[],
): boolean[] => headers.map((_, i) => rows.some((values) => (values[i] ?? '').trim() !== ''));

/** What a table says of itself before its rows are read. */
export interface TableHead {
  readonly columns: readonly MatchedColumn[];
  /** The header of the column that holds the tags. */
  readonly code: string;
  readonly errors: readonly RowError[];
  /** False where a column was probably meant otherwise: no row can be trusted then. */
  readonly trusted: boolean;
}

/** False where a column was probably meant otherwise: no row can be trusted then. */
export const isTrusted = (errors: readonly RowError[]): boolean =>
  !errors.some((e) => e.code === 'column-twice' || e.values['nearest'] !== null);

/**
 * Reads the header of a table. `filled`: which columns say something below it.
 * Fails with `table-empty` or `table-without-code`.
 */
export function readHead(
  headers: readonly string[],
  filled: readonly boolean[],
): Result<TableHead> {
  if (isBlank(headers)) return fail('table-empty');
  const columns = matchHeaders(headers, COLUMNS);
  const code = columns.find((c) => c.column?.id === 'code');
  if (!code)
    return fail('table-without-code', {
      headers: columns
        .map((c) => c.header)
        .join(', ')
        .slice(0, 200),
    });
  const errors = headerErrors(columns, filled, COLUMNS);
  const trusted = isTrusted(errors);
  return ok({ columns, code: code.header, errors, trusted });
}
