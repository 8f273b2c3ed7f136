import { unguardCell } from '../../exchange/gear-csv/cells';
import { plain } from '../../exchange/gear-csv/columns';
import {
  filledColumns,
  headerErrors,
  isBlank,
  type MatchedColumn,
  matchHeaders,
  type Named,
  type RowError,
} from '../../exchange/gear-csv/head';
import { issuesOf } from '../../exchange/issues';
import { fail, ok, type Result } from '../../result';
import type { DrivePoint } from './course';
import { courseSchema } from './schema';

interface CourseColumn extends Named {
  readonly field: keyof DrivePoint;
}

/** Every column of a table of a drive: seconds, and accelerations of the vehicle in g. */
export const COURSE_COLUMNS: readonly CourseColumn[] = [
  { id: 'atS', field: 'atS', header: 'time s', also: ['time', 't', 'seconds', 's', 'times'] },
  { id: 'forwardG', field: 'forwardG', header: 'forward g', also: ['forward', 'x', 'ax'] },
  { id: 'leftG', field: 'leftG', header: 'left g', also: ['left', 'sideways', 'y', 'ay'] },
  { id: 'upG', field: 'upG', header: 'up g', also: ['up', 'vertical', 'z', 'az'] },
];

export interface ReadCourse {
  readonly columns: readonly MatchedColumn<CourseColumn>[];
  /** None where anything is wrong: a drive is driven as it was written or not at all. */
  readonly course: readonly DrivePoint[];
  readonly errors: readonly RowError[];
}

const NUMBER = /^[-−+]?(\d+([.,]\d*)?|[.,]\d+)(e[-+]?\d{1,3})?$/i;

/** A figure as people write it: a comma is a point where there is no other. */
const numberOf = (text: string): number | null =>
  NUMBER.test(text) ? Number(text.replace('−', '-').replace(',', '.')) : null;

interface Row {
  readonly row: number;
  readonly point: Partial<Record<keyof DrivePoint, number>>;
}

function rowOf(
  columns: readonly MatchedColumn<CourseColumn>[],
  values: readonly string[],
  row: number,
  errors: RowError[],
): Row {
  const point: Row['point'] = {};
  columns.forEach(({ column, header }, i) => {
    const text = unguardCell((values[i] ?? '').trim());
    if (!column || text === '') return;
    const value = numberOf(text);
    if (value === null)
      errors.push({
        row,
        column: header,
        code: 'not-a-number',
        values: { text: text.slice(0, 40) },
      });
    else point[column.field] = value;
  });
  if (values.slice(columns.length).some((v) => v.trim() !== ''))
    errors.push({
      row,
      column: '',
      code: 'row-too-long',
      values: { cells: values.length, headers: columns.length },
    });
  return { row, point };
}

/**
 * Reads a drive from a table, header first: time in seconds, then forward, left and up in g; braking is negative forward, what
 * is left empty is nothing. Never throws: what cannot be read is an error with its row and column. Fails with `table-empty` or
 * `course-without-time`.
 */
export function readCourseTable(table: readonly (readonly string[])[]): Result<ReadCourse> {
  const [headers = [], ...rows] = table;
  if (isBlank(headers)) return fail('table-empty');
  const columns = matchHeaders(headers, COURSE_COLUMNS);
  if (!columns.some((c) => c.column?.field === 'atS'))
    return fail('course-without-time', {
      headers: columns
        .map((c) => c.header)
        .join(', ')
        .slice(0, 200),
    });
  const errors = headerErrors(columns, filledColumns(headers, rows), COURSE_COLUMNS);
  const read = rows.flatMap((values, i): Row[] =>
    isBlank(values) ? [] : [rowOf(columns, values, i + 2, errors)],
  );
  const parsed = courseSchema.safeParse(read.map((r) => r.point));
  if (parsed.success && errors.length === 0)
    return ok({ columns, course: parsed.data, errors: [] });
  const said = new Set(errors.map((e) => `${e.row}/${plain(e.column)}`));
  const more = parsed.success
    ? []
    : issuesOf(parsed.error, courseSchema).flatMap(({ code, values = {}, path }): RowError[] => {
        const row = read[Number(path[0])]?.row ?? 1;
        const header = columns.find((c) => c.column?.field === path[1])?.header ?? '';
        if (said.has(`${row}/${plain(header)}`)) return [];
        const missing = code === 'invalid-type' && path[1] === 'atS';
        return [{ row, column: header, code: missing ? 'cell-missing' : code, values }];
      });
  return ok({
    columns,
    course: [],
    errors: [...errors, ...more].sort((a, b) => a.row - b.row),
  });
}

/** A drive as rows of a table, header first; read back it is the same. */
export const courseRows = (course: readonly DrivePoint[]): string[][] => [
  COURSE_COLUMNS.map((c) => c.header),
  ...course.map((p) => COURSE_COLUMNS.map(({ field }) => String(p[field]))),
];
