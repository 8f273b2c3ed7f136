import { FRICTION_PAIR_IDS, FRICTION_PAIRS } from '../friction';
import { type LoadUnit, unitSchema } from './schema';
import { fail, ok, type Result } from '../../result';
import { issuesOf } from '../../exchange/issues';
import { plain, type ColumnKind } from '../../exchange/gear-csv/columns';
import { readCell, unguardCell } from '../../exchange/gear-csv/cells';
import {
  filledColumns,
  headerErrors,
  isBlank,
  isTrusted,
  type MatchedColumn,
  matchHeaders,
  type Named,
  type RowError,
} from '../../exchange/gear-csv/head';

/** What no other table has: a mass, which may stand without a unit, and friction as a figure or a pair. */
type Own = { readonly is: 'mass' } | { readonly is: 'friction' };

/** A column of a table of units: how its header may be written, and which field of a unit it is. */
interface UnitColumn extends Named {
  readonly kind: ColumnKind | Own;
  readonly field: keyof LoadUnit;
}

const quantity = { is: 'quantity', unit: 'm' } as const;
const column = (
  field: keyof LoadUnit,
  header: string,
  also: readonly string[],
  kind: UnitColumn['kind'] = quantity,
): UnitColumn => ({ id: field, field, header, also, kind });

/** Every column of a table of units. */
export const UNIT_COLUMNS: readonly UnitColumn[] = [
  column('name', 'Name', ['what', 'unit', 'description', 'item', 'load'], { is: 'text' }),
  column('massKg', 'Mass', ['weight', 'kg', 'massperunit'], { is: 'mass' }),
  column('lengthM', 'Length', ['long', 'l']),
  column('widthM', 'Width', ['wide', 'w', 'breadth']),
  column('heightM', 'Height', ['high', 'h']),
  column('cgHeightM', 'CG height', ['centreofgravity', 'centerofgravity', 'cg']),
  column('fromFrontM', 'From front', ['behindfrontedge', 'place', 'x', 'position']),
  column('fromCentreM', 'Left of middle', ['fromcentre', 'fromcenter', 'y', 'left']),
  column('friction', 'Friction', ['mu', 'standsonwhat', 'surface'], { is: 'friction' }),
  column('on', 'Stands on', ['on', 'stackedon'], { is: 'text' }),
];

/** A row that can be put on the deck. */
export interface UnitRow {
  readonly row: number;
  readonly unit: LoadUnit;
}

export interface ReadUnits {
  readonly columns: readonly MatchedColumn<UnitColumn>[];
  readonly good: readonly UnitRow[];
  readonly errors: readonly RowError[];
}

const PAIRS: Readonly<Record<string, (typeof FRICTION_PAIR_IDS)[number]>> = Object.fromEntries(
  FRICTION_PAIR_IDS.flatMap((id) => [
    [plain(id), id],
    [plain(FRICTION_PAIRS[id].name), id],
  ]),
);

/** Friction as a figure, or as one of the pairs that are known. */
function frictionOf(text: string): Result<unknown> {
  if (/^[\d.]+$/.test(text)) return ok({ known: 'entered', mu: Number(text) });
  const pair = PAIRS[plain(text)];
  return pair === undefined
    ? fail('word-unknown', {
        text: text.slice(0, 40),
        choices: FRICTION_PAIR_IDS.map((id) => FRICTION_PAIRS[id].name).join(', '),
      })
    : ok({ known: 'pair', pair });
}

/** A minus sign is a place to the right of the middle; the reader of quantities knows none. */
function signedLength(text: string, unit: string | null): Result<unknown> {
  const negative = /^[-−]\s*(.+)$/.exec(text);
  if (!negative) return readCell(quantity, text, unit);
  const read = unitSchema.shape.lengthM.safeParse(
    /^[\d.]+$/.test(negative[1]!) ? `${negative[1]} ${unit ?? 'm'}` : negative[1],
  );
  return read.success ? ok(-read.data) : fail('not-a-number', { text: text.slice(0, 40) });
}

function cellOf({ kind, field }: UnitColumn, text: string, unit: string | null): Result<unknown> {
  if (kind.is === 'friction') return frictionOf(text);
  if (field === 'fromCentreM') return signedLength(text, unit);
  // Without a word about units a bare figure is in SI.
  const bare = /^[\d.]+$/.test(text) && unit === null;
  if (kind.is === 'mass')
    return ok(bare ? Number(text) : /[a-z]/i.test(text) || !unit ? text : `${text} ${unit}`);
  return bare && kind.is === 'quantity' ? ok(Number(text)) : readCell(kind, text, unit);
}

/** The fields of one row, and what is wrong with cells that cannot be read. */
function fieldsOf(
  columns: readonly MatchedColumn<UnitColumn>[],
  values: readonly string[],
  row: number,
): { readonly fields: Record<string, unknown>; readonly errors: RowError[] } {
  const fields: Record<string, unknown> = {};
  const errors: RowError[] = [];
  columns.forEach(({ column: known, header, unit }, i) => {
    const text = unguardCell((values[i] ?? '').trim());
    if (!known || text === '') return;
    const read = cellOf(known, text, unit);
    if (read.ok) fields[known.field] = read.value;
    else errors.push({ row, column: header, ...read.issues[0]! });
  });
  if (values.slice(columns.length).some((v) => v.trim() !== ''))
    errors.push({
      row,
      column: '',
      code: 'row-too-long',
      values: { cells: values.length, headers: columns.length },
    });
  return { fields, errors };
}

const headerOf = (columns: readonly MatchedColumn<UnitColumn>[], field: string): string =>
  columns.find((c) => c.column?.field === field)?.header ??
  UNIT_COLUMNS.find((c) => c.field === field)?.header ??
  field;

interface Draft {
  readonly row: number;
  readonly fields: Record<string, unknown>;
  readonly errors: RowError[];
}

/** Rows by name; a name that two rows bear says of neither that something stands on it. */
function idsByName(drafts: readonly Draft[]): ReadonlyMap<string, string> {
  const ids = new Map<string, string>();
  for (const { row, fields } of drafts) {
    if (typeof fields['name'] !== 'string') continue;
    const name = plain(fields['name']);
    ids.set(name, ids.has(name) ? '' : `u${row}`);
  }
  return ids;
}

/** What a row says it stands on, by name, as the id of that row's unit; the deck where nothing is said. */
function standing({ fields }: Draft, ids: ReadonlyMap<string, string>): unknown {
  const said = fields['on'] === undefined ? '' : plain(String(fields['on']));
  if (said === '' || said === 'deck') return { kind: 'deck' };
  return { kind: 'unit', unitId: ids.get(said) ?? '' };
}

function unitOf(
  draft: Draft,
  columns: readonly MatchedColumn<UnitColumn>[],
  ids: ReadonlyMap<string, string>,
): UnitRow | readonly RowError[] {
  const { row, fields, errors } = draft;
  const parsed = unitSchema.safeParse({
    massKg: null,
    name: '',
    ...fields,
    id: `u${row}`,
    on: standing(draft, ids),
  });
  if (parsed.success && errors.length === 0) return { row, unit: parsed.data };
  if (parsed.success) return errors;
  const said = new Set(errors.map((e) => e.column));
  const more = issuesOf(parsed.error, unitSchema).flatMap((issue): RowError[] => {
    const header = headerOf(columns, String(issue.path[0]));
    if (said.has(header)) return [];
    const code =
      issue.path[0] === 'on'
        ? 'stands-on-unknown'
        : issue.code === 'invalid-type'
          ? 'cell-missing'
          : issue.code;
    const text = String(fields[String(issue.path[0])] ?? '').slice(0, 40);
    return [{ row, column: header, code, values: { ...issue.values, text } }];
  });
  return [...errors, ...more];
}

/**
 * Reads a table of units, header first: name, mass, size, place, friction, what it stands on by name. Never throws: what
 * cannot be read is an error with its row and column. Fails with `table-empty` or `table-without-size`.
 */
export function readUnitsTable(table: readonly (readonly string[])[]): Result<ReadUnits> {
  const [headers = [], ...rows] = table;
  if (isBlank(headers)) return fail('table-empty');
  const columns = matchHeaders(headers, UNIT_COLUMNS);
  const has = (field: string): boolean => columns.some((c) => c.column?.field === field);
  if (!['lengthM', 'widthM', 'heightM'].every(has))
    return fail('table-without-size', {
      headers: columns
        .map((c) => c.header)
        .join(', ')
        .slice(0, 200),
    });
  const errors = headerErrors(columns, filledColumns(headers, rows), UNIT_COLUMNS);
  if (!isTrusted(errors)) return ok({ columns, good: [], errors });
  const drafts = rows.flatMap((values, i): Draft[] =>
    isBlank(values) ? [] : [{ row: i + 2, ...fieldsOf(columns, values, i + 2) }],
  );
  const ids = idsByName(drafts);
  const read = drafts.map((d) => unitOf(d, columns, ids));
  const good = read.filter((r): r is UnitRow => 'unit' in r);
  const bad = read.filter((r): r is readonly RowError[] => !('unit' in r)).flat();
  const kept = new Set(good.map((g) => g.unit.id));
  // What stands on a row that cannot be kept cannot be kept either.
  const lost = good.filter(({ unit: { on } }) => on.kind === 'unit' && !kept.has(on.unitId));
  return ok({
    columns,
    good: good.filter((g) => !lost.includes(g)),
    errors: [
      ...errors,
      ...bad,
      ...lost.map((g): RowError => ({
        row: g.row,
        column: headerOf(columns, 'on'),
        code: 'stands-on-unknown',
        values: { text: '' },
      })),
    ].sort((a, b) => a.row - b.row),
  });
}
