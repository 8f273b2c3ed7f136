/** A pivot below this is none. */
const NOTHING = 1e-11;
/** One below this asks for another order: coefficients are of the size of 1. */
const SMALL_PIVOT = 1e-3;

/**
 * Solves a small system and its transpose in place: a plan's doubts ask for some hundred thousand of them, six or eight rows
 * each, and a library's matrices cost more to make than these take to solve.
 * Source: Gaussian elimination with partial pivoting.
 */
export class SmallSystem {
  /** What is to be solved, row after row; written before it is taken apart, and gone after. */
  readonly coefficients: Float64Array;
  private readonly order: Int32Array;
  private readonly work: Float64Array;

  constructor(readonly size: number) {
    this.coefficients = new Float64Array(size * size);
    this.order = new Int32Array(size);
    this.work = new Float64Array(size);
  }

  /** Takes what was written apart. @returns false where it has no one answer */
  factorise(): boolean {
    const { coefficients: lu, order, size: n } = this;
    for (let i = 0; i < n; i++) order[i] = i;
    for (let k = 0; k < n; k++) {
      let best = k;
      for (let i = k + 1; i < n; i++)
        if (Math.abs(lu[i * n + k]!) > Math.abs(lu[best * n + k]!)) best = i;
      if (Math.abs(lu[best * n + k]!) < NOTHING) return false;
      if (best !== k) this.swap(best, k);
      this.eliminate(k);
    }
    return true;
  }

  /**
   * The same where rows are written in an order that served a system like it: quicker, since no row is looked for.
   * @returns false where that order serves no longer; what was written is gone then
   */
  factoriseIn(order: Int32Array): boolean {
    const { coefficients: lu, size: n } = this;
    this.order.set(order);
    for (let k = 0; k < n; k++) {
      const pivot = Math.abs(lu[k * n + k]!);
      if (pivot < SMALL_PIVOT) return false;
      this.eliminate(k);
    }
    return true;
  }

  private eliminate(k: number): void {
    const { coefficients: lu, size: n } = this;
    const from = k * n;
    const pivot = lu[from + k]!;
    for (let row = from + n; row < n * n; row += n) {
      const f = lu[row + k]! / pivot;
      lu[row + k] = f;
      if (f !== 0) for (let j = k + 1; j < n; j++) lu[row + j] = lu[row + j]! - f * lu[from + j]!;
    }
  }

  /** The rows as the last system was taken apart, from the first pivot on. */
  get rowOrder(): Int32Array {
    return this.order.slice();
  }

  private swap(a: number, b: number): void {
    const { coefficients: lu, order, size: n } = this;
    const from = order[a]!;
    order[a] = order[b]!;
    order[b] = from;
    for (let i = a * n, k = b * n; i < (a + 1) * n; i++, k++) {
      const v = lu[i]!;
      lu[i] = lu[k]!;
      lu[k] = v;
    }
  }

  /** Solves A·x = right. */
  solve(right: Float64Array, x: Float64Array): void {
    const { coefficients: lu, order, size: n } = this;
    for (let i = 0; i < n; i++) {
      let v = right[order[i]!]!;
      for (let j = 0; j < i; j++) v -= lu[i * n + j]! * x[j]!;
      x[i] = v;
    }
    for (let i = n - 1; i >= 0; i--) {
      let v = x[i]!;
      for (let j = i + 1; j < n; j++) v -= lu[i * n + j]! * x[j]!;
      x[i] = v / lu[i * n + i]!;
    }
  }

  /** Solves Aᵀ·y = right, where only one entry of the right side is not nothing. */
  solveTransposed(entry: number, value: number, y: Float64Array): void {
    const { coefficients: lu, order, work: z, size: n } = this;
    for (let i = 0; i < n; i++) {
      let v = i === entry ? value : 0;
      for (let j = 0; j < i; j++) v -= lu[j * n + i]! * z[j]!;
      z[i] = v / lu[i * n + i]!;
    }
    for (let i = n - 1; i >= 0; i--) {
      let v = z[i]!;
      for (let j = i + 1; j < n; j++) v -= lu[j * n + i]! * z[j]!;
      z[i] = v;
    }
    for (let i = 0; i < n; i++) y[order[i]!] = z[i]!;
  }
}
