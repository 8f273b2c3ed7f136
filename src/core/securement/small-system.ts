/** A pivot below this is none. */
const NOTHING = 1e-11;

/**
 * A small system of equations, factored once and solved for several right sides. Draws and drives ask for some ten thousand
 * answers, six to forty rows each: with a library's matrices, made anew for each of them, they take three to ten times as long.
 * Source: LU decomposition with partial pivoting (Doolittle).
 */
export class SmallSystem {
  /** Row after row; to be written before it is factored, and gone afterwards. */
  readonly matrix: Float64Array;
  /** Which row of what was written each row is. */
  private readonly from: Int32Array;
  /** Of each row the first column that has a number, and the one after the last: bodies that touch only their neighbours leave most empty. */
  private readonly first: Int32Array;
  private readonly end: Int32Array;
  private readonly work: Float64Array;

  constructor(readonly size: number) {
    this.matrix = new Float64Array(size * size);
    this.from = new Int32Array(size);
    this.first = new Int32Array(size);
    this.end = new Int32Array(size);
    this.work = new Float64Array(size);
  }

  /** @returns false where it has no solution for every right side */
  factor(): boolean {
    const { size, matrix, from } = this;
    for (let i = 0; i < size; i++) from[i] = i;
    for (let k = 0; k < size; k++) {
      this.bringUp(this.strongest(k), k);
      const at = k * size;
      const pivot = matrix[at + k]!;
      if (Math.abs(pivot) < NOTHING) return false;
      let end = size;
      while (end > k + 1 && matrix[at + end - 1] === 0) end -= 1;
      this.end[k] = end;
      for (let row = at + size; row < size * size; row += size) {
        const f = matrix[row + k]! / pivot;
        matrix[row + k] = f;
        if (f === 0) continue;
        for (let j = k + 1; j < end; j++) matrix[row + j] = matrix[row + j]! - f * matrix[at + j]!;
      }
    }
    for (let i = 0, at = 0; i < size; i++, at += size) {
      let first = 0;
      while (first < i && matrix[at + first] === 0) first += 1;
      this.first[i] = first;
    }
    return true;
  }

  /** Row from the k-th on whose number in column k is greatest. */
  private strongest(k: number): number {
    const { size, matrix } = this;
    let best = k;
    for (let i = k + 1; i < size; i++)
      if (Math.abs(matrix[i * size + k]!) > Math.abs(matrix[best * size + k]!)) best = i;
    return best;
  }

  private bringUp(row: number, k: number): void {
    if (row === k) return;
    const { size, matrix, from } = this;
    for (let i = row * size, to = k * size; i < (row + 1) * size; i++, to++) {
      const v = matrix[i]!;
      matrix[i] = matrix[to]!;
      matrix[to] = v;
    }
    const was = from[row]!;
    from[row] = from[k]!;
    from[k] = was;
  }

  /** Writes x of `matrix · x = side`, one number every so many. */
  solve(side: Float64Array, into: Float64Array, first = 0, every = 1): void {
    const { size: m, matrix, from, work, first: begins, end } = this;
    for (let i = 0; i < m; i++) {
      let v = side[from[i]!]!;
      for (let j = begins[i]!, at = i * m + j; j < i; j++, at++) v -= matrix[at]! * work[j]!;
      work[i] = v;
    }
    for (let i = m - 1; i >= 0; i--) {
      let v = work[i]!;
      for (let j = i + 1, at = i * m + j; j < end[i]!; j++, at++) v -= matrix[at]! * work[j]!;
      work[i] = v / matrix[i * m + i]!;
      into[first + i * every] = work[i]!;
    }
  }

  /** Writes the row of the inverse: y of `y · matrix = 1 in that column, 0 in all others`. */
  rowOfInverse(row: number, into: Float64Array): void {
    const { size: m, matrix, from, work, first, end } = this;
    work.fill(0);
    work[row] = 1;
    for (let i = 0; i < m; i++) {
      const v = work[i]! / matrix[i * m + i]!;
      work[i] = v;
      if (v !== 0)
        for (let j = i + 1, at = i * m + j; j < end[i]!; j++, at++)
          work[j] = work[j]! - v * matrix[at]!;
    }
    for (let i = m - 1; i > 0; i--) {
      const v = work[i]!;
      if (v !== 0)
        for (let j = first[i]!, at = i * m + j; j < i; j++, at++)
          work[j] = work[j]! - v * matrix[at]!;
    }
    for (let i = 0; i < m; i++) into[from[i]!] = work[i]!;
  }
}
