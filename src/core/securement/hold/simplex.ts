import { type Columns, columnsOf, type LinearProgramme, readColumn } from './linear-programme';

export type Solution =
  /** `duals[i]`: how much the value grows for each unit added to `right[i]`. */
  | {
      readonly status: 'optimal';
      readonly value: number;
      readonly x: readonly number[];
      readonly duals: readonly number[];
    }
  | { readonly status: 'infeasible' }
  | { readonly status: 'unbounded' };

/** A pivot, a reduced cost or a rest of infeasibility below this counts as nothing; the programmes are scaled to about 1. */
const PIVOT = 1e-9;
export const REDUCED = 1e-10;
const INFEASIBLE = 1e-9;
/** Columns that are looked at before the best of them enters: all of them each time costs more than the steps it saves. */
const BLOCK = 12;
/** After this many steps without progress the slow rule that cannot cycle takes over. */
const STALLED = 40;
const MOST_STEPS = 20_000;

type Place = 0 | 1 | 2;
export const [AT_NOTHING, AT_UPPER, IN_BASIS]: readonly [Place, Place, Place] = [0, 1, 2];

/** Costs of the first phase: original columns cost nothing. */
let noCost = new Float64Array(128);

/** A basis with what belongs to it. */
export interface Stand {
  readonly inverse: Float64Array;
  readonly value: Float64Array;
  readonly basis: readonly number[];
  readonly place: readonly Place[];
}

/**
 * Revised primal simplex with bounded variables and a dense inverse, from one feasible basis to the next.
 *
 * The programmes of one body have about ten rows and a hundred columns and are solved dozens of times for each key
 * pressed; a general solver spends more on reading one of them than this takes to solve it.
 * Source: Dantzig's upper-bounding technique, partial pricing, Bland's rule against cycling (exact).
 */
export class Search {
  protected readonly m: number;
  protected readonly n: number;
  /** B⁻¹, row after row. */
  protected readonly inverse: Float64Array;
  /** Values of the basic variables. */
  protected readonly value: Float64Array;
  /** Column of each row; n + i: the artificial column of row i. */
  protected readonly basis: number[];
  protected readonly place: Place[];
  /** B⁻¹ times the column that enters. */
  protected readonly along: Float64Array;
  protected readonly duals: Float64Array;
  protected cost: Float64Array;
  /** Cost and upper bound of every artificial column. */
  private artificialCost = -1;
  private artificialUpper = Infinity;
  /** What is not nothing in the columns. */
  protected readonly columns: Columns;
  /** Places of a row of the inverse that are not nothing. */
  private readonly filled: Int32Array;
  private cursor = 0;
  /** Reduced cost of the column that was found to enter. */
  protected gain = 0;

  /** Begins at the slack columns and, where a row has none, at an artificial one that costs. */
  constructor(protected readonly lp: LinearProgramme) {
    const { rows: m, columns: n, right, slack } = lp;
    this.m = m;
    this.n = n;
    this.columns = columnsOf(lp);
    this.filled = new Int32Array(m);
    // One array for all of them: making one costs as much as a step.
    const all = new Float64Array(m * m + 3 * m);
    this.inverse = all.subarray(0, m * m);
    this.value = all.subarray(m * m, m * m + m);
    this.along = all.subarray(m * m + m, m * m + 2 * m);
    this.duals = all.subarray(m * m + 2 * m);
    this.basis = new Array<number>(m).fill(0);
    this.place = new Array<Place>(n).fill(AT_NOTHING);
    if (noCost.length < n) noCost = new Float64Array(2 * n);
    this.cost = noCost;
    for (let i = 0; i < m; i++) {
      const sign = right[i]! < 0 ? -1 : 1;
      this.inverse[i * m + i] = sign;
      this.value[i] = sign * right[i]!;
      const own = sign > 0 ? slack[i]! : -1;
      this.basis[i] = own < 0 ? n + i : own;
      if (own >= 0) this.place[own] = IN_BASIS;
    }
  }

  /** Where it stands, to come back to. */
  stand(): Stand {
    return {
      inverse: this.inverse.slice(),
      value: this.value.slice(),
      basis: [...this.basis],
      place: [...this.place],
    };
  }

  /** Goes back to a feasible place and looks for the best from there, at these costs; artificial columns stay at nothing. */
  seek(from: Stand, cost: Float64Array, firstColumn: number): void {
    this.inverse.set(from.inverse);
    this.value.set(from.value);
    for (let i = 0; i < this.m; i++) this.basis[i] = from.basis[i]!;
    for (let j = 0; j < this.n; j++) this.place[j] = from.place[j]!;
    this.cost = cost;
    this.artificialCost = 0;
    this.artificialUpper = 0;
    this.cursor = firstColumn;
    readColumn(this.columns, this.lp, this.lp.goal);
  }

  protected price(): void {
    const { m, n, inverse, duals, basis, cost } = this;
    duals.fill(0);
    for (let i = 0; i < m; i++) {
      const c = basis[i]! < n ? cost[basis[i]!]! : this.artificialCost;
      if (c !== 0) for (let k = 0; k < m; k++) duals[k]! += c * inverse[i * m + k]!;
    }
  }

  /** Column that improves most in the first block that has one, or the first of all that improves; −1: none. */
  protected entering(first: boolean): number {
    const {
      n,
      place,
      cost,
      duals,
      columns: { start, row, entry },
      lp: { upper },
    } = this;
    let best = -1;
    let most = REDUCED;
    let j = first ? 0 : this.cursor;
    for (let left = n, block = first ? 1 : BLOCK; left > 0; left--, j = j + 1 === n ? 0 : j + 1) {
      const at = place[j]!;
      if (at !== IN_BASIS && upper[j]! > 0) {
        let z = cost[j]!;
        for (let e = start[j]!, end = start[j + 1]!; e < end; e++) z -= duals[row[e]!]! * entry[e]!;
        if (at === AT_UPPER) z = -z;
        if (z > most) {
          best = j;
          most = z;
        }
      }
      if (--block <= 0 && best >= 0) break;
    }
    this.cursor = j;
    this.gain = most;
    return best;
  }

  /** B⁻¹ times a column. */
  protected solveFor(j: number): void {
    const {
      m,
      inverse,
      along,
      columns: { start, row, entry },
    } = this;
    const [first, end] = [start[j]!, start[j + 1]!];
    for (let i = 0, top = 0; i < m; i++, top += m) {
      let d = 0;
      for (let e = first; e < end; e++) d += inverse[top + row[e]!]! * entry[e]!;
      along[i] = d;
    }
  }

  /** Lets a column move off its bound until something stops it. @returns how far it went; Infinity when nothing stops it. */
  private step(j: number, first: boolean): number {
    const {
      m,
      n,
      along,
      value,
      basis,
      lp: { upper },
    } = this;
    this.solveFor(j);
    const way = this.place[j] === AT_UPPER ? -1 : 1;
    let theta = upper[j]!;
    let out = -1;
    for (let i = 0; i < m; i++) {
      const falls = along[i]! * way;
      if (Math.abs(falls) <= PIVOT) continue;
      const b = basis[i]!;
      const limit = Math.max(
        0,
        falls > 0
          ? value[i]! / falls
          : ((b < n ? upper[b]! : this.artificialUpper) - value[i]!) / -falls,
      );
      const tie = Math.abs(limit - theta) <= 1e-12 * (1 + theta);
      // Of several that stop it at once the largest pivot is the soundest; under Bland's rule the smallest index.
      const better =
        tie && out >= 0
          ? first
            ? b < basis[out]!
            : Math.abs(falls) > Math.abs(along[out]!)
          : limit < theta;
      if (!better) continue;
      theta = Math.min(theta, limit);
      out = i;
    }
    if (theta === Infinity) return Infinity;
    for (let i = 0; i < m; i++) value[i]! -= theta * way * along[i]!;
    if (out < 0) this.place[j] = way > 0 ? AT_UPPER : AT_NOTHING;
    else this.exchange(out, j, way, way > 0 ? theta : upper[j]! - theta);
    return theta;
  }

  /** Column `j` takes the place of what was basic in row `r`. */
  protected exchange(r: number, j: number, way: number, entered: number): void {
    this.pivot(r, this.along);
    const { m, inverse, duals } = this;
    const z = this.gain * way;
    for (let k = 0, at = r * m; k < m; k++, at++) duals[k]! += z * inverse[at]!;
    this.enters(r, j, way, entered);
  }

  /** B⁻¹ after the column that it takes to `along` has come into row `r`. What is nothing stays nothing: bodies that do not touch stay apart. */
  protected pivot(r: number, along: Float64Array): void {
    const { m, inverse, filled } = this;
    const row = r * m;
    const by = 1 / along[r]!;
    let count = 0;
    for (let k = 0; k < m; k++) {
      if (inverse[row + k] === 0) continue;
      inverse[row + k]! *= by;
      filled[count++] = k;
    }
    // Reckoning with nothing is quicker than asking for it, unless there is much of it.
    const full = 2 * count > m;
    for (let i = 0, top = 0; i < m; i++, top += m) {
      const f = along[i]!;
      if (i === r || f === 0) continue;
      if (full) for (let k = 0; k < m; k++) inverse[top + k]! -= f * inverse[row + k]!;
      else
        for (let q = 0; q < count; q++) {
          const k = filled[q]!;
          inverse[top + k]! -= f * inverse[row + k]!;
        }
    }
  }

  /** Notes who is basic in a row now, and at which bound the one before was left. */
  protected enters(r: number, j: number, way: number, entered: number): void {
    const left = this.basis[r]!;
    if (left < this.n) this.place[left] = this.along[r]! * way > 0 ? AT_NOTHING : AT_UPPER;
    this.place[j] = IN_BASIS;
    this.basis[r] = j;
    this.value[r] = entered;
  }

  /** Runs until nothing improves. @returns false when the value grows without end. */
  run(): boolean {
    this.price();
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

  solution(): Extract<Solution, { status: 'optimal' }> {
    const {
      m,
      n,
      basis,
      place,
      cost,
      lp: { upper },
    } = this;
    const x = new Array<number>(n).fill(0);
    for (let j = 0; j < n; j++) if (place[j] === AT_UPPER) x[j] = upper[j]!;
    for (let i = 0; i < m; i++) if (basis[i]! < n) x[basis[i]!] = this.value[i]!;
    let value = 0;
    for (let j = 0; j < n; j++) value += cost[j]! * x[j]!;
    this.price();
    return { status: 'optimal', value, x, duals: [...this.duals] };
  }
}

/**
 * Finds one feasible place of a programme, and from there the best as often as it is asked. In between, cost and those
 * columns may be changed that had an upper bound of 0 when it began.
 */
export class Optimiser {
  private readonly start: Stand | null;

  /** `search`: how it looks for the best; see {@link Climb} for programmes that are one column's alone. */
  constructor(
    private readonly lp: LinearProgramme,
    private readonly search = new Search(lp),
  ) {
    this.search.run();
    this.start =
      this.search.infeasibility() > INFEASIBLE * (1 + lp.rows) ? null : this.search.stand();
  }

  /** Where the last search ended. */
  stand(): Stand {
    return this.search.stand();
  }

  /** `firstColumn`: where the search begins to look for columns that help. Deterministic; throws only if it fails to come to an end. */
  maximum(firstColumn = 0): Solution {
    if (this.start === null) return { status: 'infeasible' };
    this.search.seek(this.start, this.lp.cost, firstColumn);
    return this.search.run() ? this.search.solution() : { status: 'unbounded' };
  }
}
