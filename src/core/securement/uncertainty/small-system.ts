/**
 * Solves a small system and its transpose in place: a plan's doubts ask for some hundred thousand of them, six or eight rows
 * each, and a library's matrices cost more to make than these take to solve.
 * Source: Gaussian elimination with partial pivoting.
 */
export class SmallSystem {
  private readonly lu: Float64Array;
  private readonly order: Int32Array;
  private readonly work: Float64Array;

  constructor(readonly size: number) {
    this.lu = new Float64Array(size * size);
    this.order = new Int32Array(size);
    this.work = new Float64Array(size);
  }

  /** Where a coefficient is written before the system is taken apart. */
  set(row: number, column: number, value: number): void {
    this.lu[row * this.size + column] = value;
  }

  /** Takes what was written apart. @returns false where it has no one answer */
  factorise(): boolean {
    const { lu, order, size: n } = this;
    for (let i = 0; i < n; i++) order[i] = i;
    for (let k = 0; k < n; k++) {
      let best = k;
      for (let i = k + 1; i < n; i++)
        if (Math.abs(lu[i * n + k]!) > Math.abs(lu[best * n + k]!)) best = i;
      const pivot = lu[best * n + k]!;
      if (Math.abs(pivot) < 1e-11) return false;
      if (best !== k) this.swap(best, k);
      for (let i = k + 1; i < n; i++) {
        const f = lu[i * n + k]! / pivot;
        lu[i * n + k] = f;
        if (f !== 0)
          for (let j = k + 1; j < n; j++) lu[i * n + j] = lu[i * n + j]! - f * lu[k * n + j]!;
      }
    }
    return true;
  }

  private swap(a: number, b: number): void {
    const { lu, order, size: n } = this;
    [order[a], order[b]] = [order[b]!, order[a]!];
    for (let j = 0; j < n; j++) {
      const v = lu[a * n + j]!;
      lu[a * n + j] = lu[b * n + j]!;
      lu[b * n + j] = v;
    }
  }

  /** Solves A·x = right. */
  solve(right: Float64Array, x: Float64Array): void {
    const { lu, order, size: n } = this;
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
    const { lu, order, work: z, size: n } = this;
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
