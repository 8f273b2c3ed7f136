/** max c·x, A·x = b, 0 ≤ x ≤ upper. */
export interface LinearProgramme {
  readonly rows: number;
  readonly columns: number;
  /** Column after column, `columns × rows`. */
  readonly matrix: Float64Array;
  readonly right: Float64Array;
  readonly upper: Float64Array;
  readonly cost: Float64Array;
  /** For each row a column that is 1 in it, 0 in all others, unbounded and of no cost; −1: none. The search starts there. */
  readonly slack: readonly number[];
  /** The one column that may be written anew between two searches. */
  readonly goal: number;
  /** Columns that join bodies which without them are apart. */
  readonly joining: readonly number[];
}

/** The columns one after another, what is nothing left out; of the goal's every row. */
export interface Columns {
  /** Where each column begins, and where the last one ends. */
  readonly start: Int32Array;
  readonly row: Int32Array;
  readonly entry: Float64Array;
}

/** What is not nothing in a programme, column by column. */
export function columnsOf(lp: LinearProgramme): Columns {
  const { rows, columns: n, matrix, goal } = lp;
  const start = new Int32Array(n + 1);
  let count = 0;
  for (let j = 0, at = 0; j < n; j++) {
    for (let i = 0; i < rows; i++, at++) if (matrix[at] !== 0 || j === goal) count += 1;
    start[j + 1] = count;
  }
  const columns = { start, row: new Int32Array(count), entry: new Float64Array(count) };
  for (let j = 0; j < n; j++) readColumn(columns, lp, j);
  return columns;
}

/** Reads a column of a programme into the place it has. */
export function readColumn(
  { start, row, entry }: Columns,
  { rows, matrix, goal }: LinearProgramme,
  j: number,
): void {
  for (let i = 0, e = start[j]!, at = j * rows; i < rows; i++, at++) {
    if (matrix[at] === 0 && j !== goal) continue;
    row[e] = i;
    entry[e++] = matrix[at]!;
  }
}

/** The same row by row, without the goal. */
export interface ByRow {
  readonly start: Int32Array;
  readonly column: Int32Array;
  readonly entry: Float64Array;
}

/** Columns turned into rows. */
export function byRowOf(
  { start, row, entry }: Columns,
  { rows, columns, goal }: LinearProgramme,
): ByRow {
  const first = new Int32Array(rows + 1);
  const each = (visit: (i: number, j: number, a: number) => void): void => {
    for (let j = 0; j < columns; j++)
      if (j !== goal) for (let e = start[j]!; e < start[j + 1]!; e++) visit(row[e]!, j, entry[e]!);
  };
  each((i) => (first[i + 1]! += 1));
  for (let i = 0; i < rows; i++) first[i + 1]! += first[i]!;
  const next = first.slice();
  const byRow = {
    start: first,
    column: new Int32Array(first[rows]!),
    entry: new Float64Array(first[rows]!),
  };
  each((i, j, a) => {
    byRow.column[next[i]!] = j;
    byRow.entry[next[i]!++] = a;
  });
  return byRow;
}

/** What a balance may fail by, as a part of the greatest force in it; weights come to 1. */
const BALANCED_PART = 1e-8;

/**
 * Whether a solution lies within its bounds and all its rows come out even: then that much can be had for certain,
 * however it was found.
 */
export function balances(lp: LinearProgramme, x: readonly number[]): boolean {
  const { rows, columns, matrix, right, upper } = lp;
  const over = Float64Array.from(right, (b) => -b);
  let greatest = 1;
  for (let j = 0; j < columns; j++) {
    const force = x[j]!;
    if (force === 0) continue;
    greatest = Math.max(greatest, Math.abs(force));
    for (let i = 0, at = j * rows; i < rows; i++, at++) over[i]! += force * matrix[at]!;
  }
  const most = BALANCED_PART * greatest;
  return (
    over.every((b) => Math.abs(b) <= most) &&
    x.every((force, j) => force >= -most && force <= upper[j]! + most)
  );
}
