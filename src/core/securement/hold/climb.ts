import { type ByRow, byRowOf, type LinearProgramme } from './linear-programme';
import { AT_NOTHING, AT_UPPER, IN_BASIS, REDUCED, Search, type Stand } from './simplex';

/**
 * The same search for a programme of several bodies, in which one column alone has a cost and reaches into all rows, as
 * inertia does: how far it can go. With that column among the others the inverse has no zero left in it. Kept beside
 * it, and with columns that join bodies let in last, the bodies stay apart in the inverse as long as they can: of twelve
 * in a row a step then writes a hundredth of what it would.
 *
 * B is the basis with, in one row, the column that stopped the goal (`held`, at its bound) in place of the goal; d is
 * B⁻¹ times the goal's column. With the goal in its place the inverse's row is that row of B⁻¹ over d there, and any
 * other row is B⁻¹'s less its part of d of it.
 * Source: exchange of one column of an inverse (exact); a test compares both searches.
 */
export class Climb extends Search {
  /** Row in which the goal is basic; −1 until it has been stopped once. */
  private held = -1;
  /** B⁻¹ times the goal's column. */
  private readonly rate: Float64Array;
  /** B⁻¹ times the column that enters, before the goal is allowed for. */
  private readonly plain: Float64Array;

  /** 1: joins what is apart without it. */
  private readonly joins: Uint8Array;
  /** Reduced cost of each column. */
  private readonly reduced: Float64Array;
  private readonly byRow: ByRow;

  constructor(lp: LinearProgramme) {
    super(lp);
    this.joins = new Uint8Array(lp.columns);
    for (const j of lp.joining) this.joins[j] = 1;
    this.reduced = new Float64Array(lp.columns);
    this.byRow = byRowOf(this.columns, lp);
    this.rate = new Float64Array(lp.rows);
    this.plain = new Float64Array(lp.rows);
  }

  override seek(from: Stand, cost: Float64Array, firstColumn: number): void {
    this.held = -1;
    super.seek(from, cost, firstColumn);
  }

  protected override price(): void {
    if (this.held < 0) return super.price();
    const { m, inverse, duals, held } = this;
    const by = 1 / this.rate[held]!;
    for (let k = 0, at = held * m; k < m; k++, at++) duals[k] = inverse[at]! * by;
  }

  /** Reduced costs of all columns but the goal's. Few rows have a dual while bodies are apart: row by row, most are left out. */
  private reduce(): Float64Array {
    const {
      m,
      duals,
      reduced,
      byRow: { start, column, entry },
    } = this;
    reduced.fill(0);
    for (let k = 0; k < m; k++) {
      const y = duals[k]!;
      if (y === 0) continue;
      for (let e = start[k]!, end = start[k + 1]!; e < end; e++)
        reduced[column[e]!]! -= y * entry[e]!;
    }
    return reduced;
  }

  /** The column that improves most of those that join nothing, or else of those that do; −1: none. */
  protected override entering(first: boolean): number {
    const {
      n,
      place,
      joins,
      lp: { upper, goal },
    } = this;
    // Until it has been let in, nothing but the goal improves anything.
    if (this.held < 0 && this.cost[goal]! > 0) {
      this.gain = this.cost[goal]!;
      return place[goal] === AT_NOTHING ? goal : -1;
    }
    const reduced = this.reduce();
    let best = -1;
    let most = REDUCED;
    for (let j = 0; j < n; j++) {
      let z = reduced[j]!;
      // Most are nothing.
      if (z <= REDUCED && z >= -REDUCED) continue;
      if (place[j] === AT_UPPER) z = -z;
      if (z <= REDUCED || place[j] === IN_BASIS || upper[j] === 0) continue;
      if (best >= 0 && (joins[j] === joins[best] ? z <= most : joins[j] === 1)) continue;
      best = j;
      most = z;
      if (first) break;
    }
    this.gain = most;
    return best;
  }

  protected override solveFor(j: number): void {
    super.solveFor(j);
    const { m, along, plain, rate, held } = this;
    if (held < 0) return;
    plain.set(along);
    const far = along[held]! / rate[held]!;
    if (far !== 0) for (let i = 0; i < m; i++) along[i]! -= far * rate[i]!;
    along[held] = far;
  }

  protected override exchange(r: number, j: number, way: number, entered: number): void {
    const {
      held,
      basis,
      value,
      lp: { goal },
    } = this;
    if (held < 0 && j !== goal) return super.exchange(r, j, way, entered);
    if (held < 0) this.rate.set(this.along);
    else this.admit(held);
    this.enters(r, j, way, entered);
    this.held = held === r ? -1 : r;
    if (held >= 0 && held !== r) {
      // In B the column has come into the row that the goal stood for; the goal stands for the one that stops it now.
      [basis[held], basis[r]] = [j, goal];
      [value[held], value[r]] = [entered, value[held]!];
    }
    this.price();
  }

  /** Takes the column of `plain` into B, in place of the one that stopped the goal. */
  private admit(held: number): void {
    const { m, plain, rate } = this;
    this.pivot(held, plain);
    const part = rate[held]! / plain[held]!;
    for (let i = 0; i < m; i++) rate[i]! -= part * plain[i]!;
    rate[held] = part;
  }
}
