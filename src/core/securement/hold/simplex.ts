/**
 * Primal simplex with bounded variables on a dense tableau: max c·x, A·x = b, 0 ≤ x ≤ upper.
 *
 * The programmes here have about ten rows and a hundred columns; a dense tableau solves one in well under a
 * millisecond, where a general solver spends more than that on reading the programme.
 * Source: Dantzig's upper-bounding technique, Bland's rule against cycling (exact).
 */
export interface LinearProgramme {
  readonly rows: number;
  readonly columns: number;
  /** Row after row, `rows × columns`. */
  readonly matrix: Float64Array;
  readonly right: Float64Array;
  readonly upper: Float64Array;
  readonly cost: Float64Array;
}

export type Solution =
  /** `duals[i]`: how much the value grows for each unit added to `right[i]`. */
  | { readonly status: 'optimal'; readonly value: number; readonly x: Float64Array; readonly duals: Float64Array }
  | { readonly status: 'infeasible' }
  | { readonly status: 'unbounded' };

/** A pivot, a reduced cost or a rest of infeasibility below this counts as nothing; the programmes are scaled to about 1. */
const PIVOT = 1e-9;
const REDUCED = 1e-10;
const INFEASIBLE = 1e-9;
/** After this many steps without progress the slow rule that cannot cycle takes over. */
const STALLED = 40;
const MOST_STEPS = 20_000;

class Tableau {
  readonly m: number;
  readonly n: number;
  readonly width: number;
  /** B⁻¹·A with the artificial columns behind. */
  readonly t: Float64Array;
  readonly value: Float64Array;
  readonly upper: Float64Array;
  readonly basis: Int32Array;
  readonly inBasis: Uint8Array;
  readonly flipped: Uint8Array;
  readonly sign: Float64Array;
  /** Reduced costs of the phase that runs. */
  z: Float64Array;

  constructor(lp: LinearProgramme) {
    const { rows: m, columns: n } = lp;
    this.m = m;
    this.n = n;
    this.width = n + m;
    this.t = new Float64Array(m * this.width);
    this.value = new Float64Array(m);
    this.upper = new Float64Array(this.width).fill(Infinity);
    this.upper.set(lp.upper);
    this.basis = new Int32Array(m);
    this.inBasis = new Uint8Array(this.width);
    this.flipped = new Uint8Array(this.width);
    this.sign = new Float64Array(m);
    for (let i = 0; i < m; i++) {
      const s = lp.right[i]! < 0 ? -1 : 1;
      this.sign[i] = s;
      for (let j = 0; j < n; j++) this.t[i * this.width + j] = s * lp.matrix[i * n + j]!;
      this.t[i * this.width + n + i] = 1;
      this.value[i] = s * lp.right[i]!;
      this.basis[i] = n + i;
      this.inBasis[n + i] = 1;
    }
    this.z = new Float64Array(this.width);
  }

  /** Reduced costs for these costs of the original columns, and one cost for every artificial column. */
  price(cost: Float64Array, artificial: number): void {
    const { m, n, width, t, z } = this;
    const of = (j: number): number => (j < n ? cost[j]! * (this.flipped[j] ? -1 : 1) : artificial);
    for (let j = 0; j < width; j++) z[j] = of(j);
    for (let i = 0; i < m; i++) {
      const c = of(this.basis[i]!);
      if (c === 0) continue;
      const row = i * width;
      for (let j = 0; j < width; j++) z[j]! -= c * t[row + j]!;
    }
  }

  /** Column that improves most, or the first that improves; −1: none. Artificial columns never come back. */
  entering(first: boolean): number {
    let best = -1;
    let most = REDUCED;
    for (let j = 0; j < this.n; j++) {
      if (this.inBasis[j] || this.upper[j] === 0 || !(this.z[j]! > most)) continue;
      best = j;
      if (first) return j;
      most = this.z[j]!;
    }
    return best;
  }

  /** Puts x = upper − x′ in the place of a column that is not in the basis. */
  private flipColumn(j: number): void {
    const { m, width, t } = this;
    for (let i = 0; i < m; i++) t[i * width + j]! *= -1;
    this.z[j]! *= -1;
    this.flipped[j] = this.flipped[j] ? 0 : 1;
  }

  /** The same for the variable of a row. */
  private flipRow(i: number): void {
    const { width, t } = this;
    const j = this.basis[i]!;
    this.value[i] = this.upper[j]! - this.value[i]!;
    for (let k = 0; k < width; k++) if (k !== j) t[i * width + k]! *= -1;
    this.flipped[j] = this.flipped[j] ? 0 : 1;
  }

  /** Lets a column grow until something stops it. @returns how far it went; Infinity when nothing stops it. */
  step(j: number, first: boolean): number {
    const { m, width, t, value, upper, basis } = this;
    let theta = upper[j]!;
    let out = -1;
    let pivot = 0;
    for (let i = 0; i < m; i++) {
      const d = t[i * width + j]!;
      if (Math.abs(d) <= PIVOT) continue;
      const room = d > 0 ? Math.max(0, value[i]!) / d : (upper[basis[i]!]! - value[i]!) / -d;
      const limit = Math.max(0, room);
      const tie = Math.abs(limit - theta) <= 1e-12 * (1 + theta);
      // Of several that stop it at once the largest pivot is the soundest; under Bland's rule the smallest index.
      const better = tie && out >= 0 ? (first ? basis[i]! < basis[out]! : Math.abs(d) > Math.abs(pivot)) : limit < theta;
      if (!better) continue;
      theta = Math.min(theta, limit);
      out = i;
      pivot = d;
    }
    if (theta === Infinity) return Infinity;
    for (let i = 0; i < m; i++) value[i]! -= theta * t[i * width + j]!;
    if (out < 0) { this.flipColumn(j); return theta; }
    if (pivot < 0) this.flipRow(out);
    this.pivot(out, j, theta);
    return theta;
  }

  private pivot(r: number, j: number, entered: number): void {
    const { m, width, t, z } = this;
    const row = r * width;
    const by = 1 / t[row + j]!;
    for (let k = 0; k < width; k++) t[row + k]! *= by;
    for (let i = 0; i < m; i++) {
      const f = t[i * width + j]!;
      if (i === r || f === 0) continue;
      for (let k = 0; k < width; k++) t[i * width + k]! -= f * t[row + k]!;
    }
    const f = z[j]!;
    for (let k = 0; k < width; k++) z[k]! -= f * t[row + k]!;
    this.inBasis[this.basis[r]!] = 0;
    this.inBasis[j] = 1;
    this.basis[r] = j;
    this.value[r] = entered;
  }

  /** Runs until nothing improves. @returns false when the value grows without end. */
  run(): boolean {
    let stalled = 0;
    for (let steps = 0; steps < MOST_STEPS; steps++) {
      const first = stalled > STALLED;
      const j = this.entering(first);
      if (j < 0) return true;
      const went = this.step(j, first);
      if (went === Infinity) return false;
      stalled = went > 1e-13 ? 0 : stalled + 1;
    }
    throw new Error('Broken invariant: the simplex does not come to an end');
  }

  /** What the artificial columns still carry. */
  infeasibility(): number {
    let sum = 0;
    for (let i = 0; i < this.m; i++) if (this.basis[i]! >= this.n) sum += Math.abs(this.value[i]!);
    return sum;
  }

  solution(cost: Float64Array): Extract<Solution, { status: 'optimal' }> {
    const { m, n } = this;
    const x = new Float64Array(n);
    for (let i = 0; i < m; i++) if (this.basis[i]! < n) x[this.basis[i]!] = this.value[i]!;
    let value = 0;
    for (let j = 0; j < n; j++) {
      if (this.flipped[j]) x[j] = this.upper[j]! - x[j]!;
      value += cost[j]! * x[j]!;
    }
    const duals = new Float64Array(m);
    // An artificial column may have been turned round on its way out.
    for (let i = 0; i < m; i++) duals[i] = -this.z[n + i]! * this.sign[i]! * (this.flipped[n + i] ? -1 : 1);
    return { status: 'optimal', value, x, duals };
  }
}

/** Solves a linear programme. Deterministic; throws only if it fails to come to an end. */
export function solveProgramme(lp: LinearProgramme): Solution {
  const tableau = new Tableau(lp);
  tableau.price(new Float64Array(lp.columns), -1);
  tableau.run();
  if (tableau.infeasibility() > INFEASIBLE * (1 + lp.rows)) return { status: 'infeasible' };
  // What is still artificial stays at nothing from now on.
  tableau.upper.fill(0, lp.columns);
  tableau.price(lp.cost, 0);
  return tableau.run() ? tableau.solution(lp.cost) : { status: 'unbounded' };
}
