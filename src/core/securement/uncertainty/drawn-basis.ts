import { AT_UPPER, IN_BASIS, REDUCED, type Stand } from '../hold/simplex';
import { type DrawnProgramme, PARAMETERS } from './drawn-programme';

/** Inertia of which a basis has no more than this of its own stands for nothing there. */
const NO_SHARE = 1e-9;
/** Bounds are kept to this. */
const LOOSE = 1e-9;
/** Of a basis that was not factored yet. */
const NO_STEP = -2;

/**
 * A basis that was the best of some draw. At one friction everything it says is a sum of the factors of a draw, and whether
 * anything would improve it is the same for all of them: so both are reckoned once for each step of friction, and a draw of that
 * step costs a few products.
 * Source: parametric linear programming; the column of inertia alone is put right draw by draw (Sherman–Morrison).
 */
export class DrawnBasis {
  /** Columns row by row; beyond the programme's lie those that stand for nothing. */
  private readonly columns: Int32Array;
  private readonly atUpper: readonly number[];
  private readonly inBasis: Uint8Array;
  /** Row of the inertia's column; −1: it is not in it. */
  private readonly goalRow: number;
  /** Factors that count in it, and what each row has for each of them, row by row. */
  private readonly used: Int32Array;
  private readonly terms: Float64Array;
  /** The factors that count, of the draw that is written. */
  private readonly factors: Float64Array;
  private readonly sides: readonly Float64Array[];
  /** What each row loses for each metre that centres of gravity lie higher, times what is held. */
  private readonly perUp: Float64Array;
  /** The first so many of these are rows that may leave their bounds; sifted at so wide a span of draws. */
  private readonly open: Int32Array;
  private opens = 0;
  /** For each of them the lowest that its upper bound was in any draw. */
  private readonly caps: Float64Array;
  private sifted = -1;
  /** Its multipliers. */
  private readonly y: Float64Array;
  /** Most that any column would improve it by: those of no line, and those of each line. */
  private better = 0;
  private readonly betterOf: Float64Array;
  private step = NO_STEP;
  /** Whether it can be solved at the friction of its step. */
  private regular = false;

  constructor(
    private readonly lp: DrawnProgramme,
    { basis, place }: Stand,
  ) {
    const { rows: m, goal, columns: n } = lp.base;
    const { lines } = lp.problem;
    // Columns of one body together: what is factored then has its numbers near its diagonal.
    const first = (j: number): number => (j < n ? lp.spans.first[j]! : j - n);
    const columns = basis.toSorted((a, b) => first(a) - first(b));
    this.columns = Int32Array.from(columns);
    this.inBasis = Uint8Array.from({ length: n }, (_, j) => (place[j] === IN_BASIS ? 1 : 0));
    this.atUpper = place.flatMap((at, j) =>
      at === AT_UPPER && lp.upper[j]! < Infinity ? [j] : [],
    );
    this.goalRow = columns.indexOf(goal);
    this.y = new Float64Array(m);
    const full = new Set(this.atUpper.map((j) => lp.lineOf[j]!).filter((k) => k >= 0));
    this.used = Int32Array.from([
      ...PARAMETERS,
      ...lines.flatMap((l, k) => (l.leastN > 0 ? [lp.sure(k)] : [])),
      ...[...full].map((k) => lp.beyond(k)),
    ]);
    this.sides = Array.from(this.used, (p) => this.sideOf(p));
    this.factors = new Float64Array(this.used.length);
    this.open = new Int32Array(m);
    this.caps = new Float64Array(m);
    this.terms = new Float64Array(m * this.used.length);
    this.perUp = new Float64Array(m);
    this.betterOf = new Float64Array(lines.length);
  }

  /** What goes with a factor: of the right side, less what lies at its upper bound. */
  private sideOf(factor: number): Float64Array {
    const { lp, atUpper } = this;
    const m = lp.base.rows;
    const side = lp.sides[factor]?.slice() ?? new Float64Array(m);
    for (const j of atUpper) {
      const line = lp.lineOf[j]!;
      const by = line < 0 ? (factor === 0 ? lp.upper[j]! : 0) : factor === lp.beyond(line) ? 1 : 0;
      if (by !== 0)
        for (let i = 0; i < m; i++) side[i] = side[i]! - by * lp.base.matrix[j * m + i]!;
    }
    return side;
  }

  /**
   * What it holds in the draw that is written, g, if it is the best there; null: it is not, or the column of inertia is none of its
   * own.
   */
  heldG(): number | null {
    const { lp, goalRow } = this;
    if (goalRow < 0 || !this.isAtStep()) return null;
    const share = 1 + lp.upM * this.perUp[goalRow]!;
    if (share < NO_SHARE || this.improves(share)) return null;
    this.sift();
    const { used, factors } = this;
    for (let q = 0; q < used.length; q++) factors[q] = lp.factors[used[q]!]!;
    const held = this.rowOf(goalRow) / share;
    if (held < -LOOSE || held > this.mostOf(goalRow)) return null;
    return this.keepsWithin(held) ? held : null;
  }

  /** Whether all rows that may leave their bounds are within them. */
  private keepsWithin(held: number): boolean {
    const { open, caps, perUp, terms, factors } = this;
    const n = factors.length;
    const lifted = this.lp.upM * held;
    for (let i = 0; i < this.opens; i++) {
      const r = open[i]!;
      let x = -perUp[r]! * lifted;
      for (let q = 0, at = r * n; q < n; q++, at++) x += terms[at]! * factors[q]!;
      if (x < -LOOSE || (x > caps[i]! && x > this.mostOf(r))) return false;
    }
    return true;
  }

  /** Upper bound of a row in the draw that is written, as loosely as it is kept. */
  private mostOf(r: number): number {
    const { upper, base } = this.lp;
    const j = this.columns[r]!;
    const most = j < base.columns ? upper[j]! : 0;
    return most + LOOSE * (1 + most);
  }

  /** Writes which rows may leave their bounds in any draw between those that were written: the others need no look. */
  private sift(): void {
    const { lp, goalRow, perUp, columns, open, caps } = this;
    if (this.sifted === lp.widened) return;
    this.sifted = lp.widened;
    const most = lp.mostUpM;
    const share = 1 - most * Math.abs(perUp[goalRow]!);
    const cap = lp.base.upper[lp.base.goal]!;
    const held =
      share < NO_SHARE ? cap : Math.min(cap, Math.max(0, this.span(goalRow).high) / share);
    this.opens = 0;
    for (let r = 0; r < columns.length; r++) {
      if (r === goalRow) continue;
      const { low, high } = this.span(r);
      const lifted = Math.abs(perUp[r]!) * most * held;
      const cap = this.leastMost(columns[r]!);
      if (low - lifted >= 0 && high + lifted <= cap) continue;
      caps[this.opens] = cap;
      open[this.opens++] = r;
    }
  }

  /** The lowest that a column's upper bound was in any draw. */
  private leastMost(column: number): number {
    const { base, lineOf, lowest } = this.lp;
    if (column >= base.columns) return 0;
    const line = lineOf[column]!;
    return line < 0 ? base.upper[column]! : lowest[this.lp.beyond(line)]!;
  }

  /** Between what a row lies, before inertia is put right. */
  private span(r: number): { readonly low: number; readonly high: number } {
    const { used, terms, lp } = this;
    let [low, high] = [0, 0];
    for (let q = 0, at = r * used.length; q < used.length; q++, at++) {
      const one = terms[at]! * lp.lowest[used[q]!]!;
      const other = terms[at]! * lp.highest[used[q]!]!;
      low += Math.min(one, other);
      high += Math.max(one, other);
    }
    return { low, high };
  }

  /** What a row has before inertia is put right. */
  private rowOf(r: number): number {
    const { factors, terms } = this;
    const n = factors.length;
    let sum = 0;
    for (let q = 0, at = r * n; q < n; q++, at++) sum += terms[at]! * factors[q]!;
    return sum;
  }

  /** Whether any column would make it better: columns of a line that can give nothing would not. */
  private improves(share: number): boolean {
    const { betterOf, lp } = this;
    const least = REDUCED * share;
    if (this.better > least) return true;
    for (let k = 0; k < betterOf.length; k++)
      if (betterOf[k]! > least && lp.factors[lp.beyond(k)]! > 0) return true;
    return false;
  }

  /** Reckons what goes for every draw of the written one's friction, where it is not yet. @returns false where it cannot be solved */
  private isAtStep(): boolean {
    const { lp } = this;
    if (lp.step >= 0 && this.step === lp.step) return this.regular;
    this.step = lp.step;
    this.regular = this.factor();
    if (!this.regular) return false;
    const { system } = lp;
    this.sides.forEach((side, q) => system.solve(side, this.terms, q, this.used.length));
    system.solve(lp.perUp, this.perUp);
    system.rowOfInverse(this.goalRow, this.y);
    this.price();
    this.sifted = -1;
    return true;
  }

  private factor(): boolean {
    const { lp, columns } = this;
    const { rows: m, columns: n } = lp.base;
    const { matrix } = lp.system;
    matrix.fill(0);
    for (let r = 0; r < m; r++) {
      const j = columns[r]!;
      if (j < n) lp.writeColumn(j, matrix, r, m);
      else matrix[(j - n) * m + r] = 1;
    }
    return lp.system.factor();
  }

  /** Writes what any column would improve it by, for inertia as it is said. */
  private price(): void {
    const { lp, inBasis, betterOf, atUpper, y } = this;
    const { columns: n, goal, upper } = lp.base;
    let better = lp.footColumns.reduce((most, _, f) => Math.max(most, lp.footBetter(f, y)), 0);
    betterOf.fill(0);
    for (let j = lp.feet; j < n; j++) {
      const line = lp.lineOf[j]!;
      if (j === goal || inBasis[j] === 1 || (line < 0 && upper[j] === 0)) continue;
      const z = lp.better(j, y) * (atUpper.includes(j) ? -1 : 1);
      if (line < 0) better = Math.max(better, z);
      else betterOf[line] = Math.max(betterOf[line]!, z);
    }
    this.better = better;
  }
}
