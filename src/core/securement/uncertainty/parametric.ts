import type { LinearProgramme } from '../hold/linear-programme';
import type { HoldProblem } from '../hold/problem';
import { BALANCE_ROWS, HoldProgramme, type Motion } from '../hold/programme';
import { type FootColumns, footColumnsOf } from './foot-columns';
import { invertSmall } from './small-inverse';
import { AT_UPPER, IN_BASIS, Optimiser, REDUCED } from '../hold/simplex';

/** What of a problem may be other than it says: factors of what is said, and shifts of centres of gravity. Written over and over. */
export interface Draw {
  /** Factor of friction. */
  friction: number;
  /**
   * Draws of one step have one friction: what is reckoned for it serves those that follow each other; −1: it is a friction of its
   * own.
   */
  frictionStep: number;
  /** Factor of all masses. */
  mass: number;
  /** Factors of the least and the most tension of each line, in their order. */
  readonly least: Float64Array;
  readonly most: Float64Array;
  /** Shift of every centre of gravity along the motion and up, m. */
  alongM: number;
  upM: number;
}

/** A draw in which everything is as it is said. */
export const asSaid = (lines: number): Draw => ({
  friction: 1,
  frictionStep: -1,
  mass: 1,
  least: new Float64Array(lines).fill(1),
  most: new Float64Array(lines).fill(1),
  alongM: 0,
  upM: 0,
});

/** A basis that was the best of some draw: its columns, row by row, and where every column stands. */
interface Basis {
  readonly columns: Int32Array;
  readonly atUpper: Int32Array;
  /** For each column 1 where it is in the basis, 2 where it lies at its upper bound. */
  readonly place: Uint8Array;
  /** Row of the inertia's column; −1: it is not in it. */
  readonly goalRow: number;
  /** Its inverse, row by row, and for which step of friction it is; it has none where that is not `regular`. */
  readonly inverse: Float64Array;
  step: number;
  regular: boolean;
}

/** No more bases are tried for a draw before the programme is solved. */
const MOST_TRIED = 12;
/** Of a basis that was not inverted yet. */
const NO_STEP = -2;
/** Inertia of which a basis has no more than this of its own stands for nothing there. */
const NO_SHARE = 1e-9;
/** Bounds and reduced costs are kept to this. */
const LOOSE = 1e-9;

/**
 * The programme of one motion for many draws of what is not sure. Its columns change little from one to the next: those of feet
 * with friction, the rest not at all, because moments are told about where centres of gravity are said to be. A draw is
 * answered by a basis that was the best of an earlier one and still is (feasible, and nothing would improve it), which is exact;
 * where none is, the programme is solved.
 */
export class ParametricHold {
  private readonly base: HoldProgramme;
  /** How much more of a column there is for each part more of friction; only feet have any, and they come first. */
  private readonly perFriction: Float64Array;
  /** Columns of feet. */
  private readonly feet: number;
  /** The columns of each foot: where they begin in `footAxes`, how many facets, and the distance from one facet to the next. */
  private readonly footRows: readonly FootColumns[];
  /** For each foot what presses, and its first and its second direction of friction: three columns one after another. */
  private readonly footAxes: Float64Array;
  /** How the right side changes with each line's least tension, in parts of the weight. */
  private readonly perTension: readonly Float64Array[];
  private readonly lp: {
    -readonly [K in keyof LinearProgramme]: LinearProgramme[K];
  };
  private readonly restRight: Float64Array;
  private readonly ratios: readonly number[];
  /** Each body's part of the whole weight. */
  private readonly parts: readonly number[];
  private readonly bases: Basis[] = [];
  private readonly right: Float64Array;
  private readonly y: Float64Array;
  /** A basis while it is inverted. */
  private readonly matrix: Float64Array;
  /** Friction of the draw that is written, beyond what is said. */
  private more = 0;
  private step = -1;
  /** How many draws were answered by the programme itself. */
  solved = 0;

  constructor(
    readonly problem: HoldProblem,
    readonly motion: Motion,
  ) {
    const made = (of: HoldProblem): HoldProgramme => aimed(of, motion);
    const rough = (by: number): HoldProblem => ({
      ...problem,
      bodies: problem.bodies.map((b) => ({ ...b, friction: b.friction * by })),
    });
    const loose = problem.lines.map((l) => ({ ...l, leastN: 0, mostN: 0 }));
    const once = made(problem);
    const twice = made(rough(2));
    this.base = once;
    this.perFriction = once.matrix.map((v, i) => twice.matrix[i]! - v);
    this.footRows = footColumnsOf(problem);
    this.feet = this.footRows.reduce((n, f) => n + f.facets, 0);
    this.footAxes = this.axesOf();
    const without = made({ ...problem, lines: loose });
    this.perTension = problem.lines.map((_, k) => {
      const tight = { leastN: once.weightN, mostN: once.weightN };
      const lines = loose.map((l, i) => (i === k ? { ...l, ...tight } : l));
      const one = made({ ...problem, lines });
      return one.right.map((v, i) => v - without.right[i]!);
    });
    this.lp = {
      rows: once.rows,
      columns: once.columns,
      matrix: once.matrix.slice(),
      right: without.right.slice(),
      upper: once.upper.slice(),
      cost: once.cost,
      slack: once.slack,
      goal: once.goal,
      joining: once.joining,
    };
    this.restRight = without.right.slice();
    this.parts = problem.bodies.map((b) =>
      problem.bodies.length === 1 ? 1 : b.weightN / once.weightN,
    );
    this.ratios = problem.lines.map((l) => l.ratios.reduce((a, b) => a * b, 1));
    this.matrix = new Float64Array(once.rows * once.rows);
    [this.right, this.y] = [new Float64Array(once.rows), new Float64Array(once.rows)];
  }

  /** What presses at each foot, and two directions of friction across each other. */
  private axesOf(): Float64Array {
    const { base, footRows } = this;
    const m = base.rows;
    const axes = new Float64Array(3 * m * footRows.length);
    footRows.forEach(({ first, facets, step }, f) => {
      const of = (facet: number, i: number): number => base.matrix[(first + facet * step) * m + i]!;
      for (let i = 0; i < m; i++) {
        const at = 3 * m * f + i;
        axes[at] = facets === 1 ? of(0, i) : (of(0, i) + of(facets / 2, i)) / 2;
        if (facets === 1) continue;
        axes[at + m] = of(0, i) - axes[at]!;
        axes[at + 2 * m] = of(facets / 4, i) - axes[at]!;
      }
    });
    return axes;
  }

  /** Writes a draw into the programme, but for the columns of feet: what is asked of them is reckoned where it is asked. */
  private write(draw: Draw): void {
    const { lp, base, perTension, problem, restRight, ratios } = this;
    const { right, upper } = lp;
    this.more = draw.friction - 1;
    this.step = draw.frictionStep;
    const scale = 1 / (base.weightN * draw.mass);
    for (let i = 0; i < right.length; i++) right[i] = restRight[i]!;
    for (let k = 0; k < perTension.length; k++) {
      const line = problem.lines[k]!;
      const T = line.leastN * draw.least[k]! * scale;
      if (T !== 0) {
        const by = perTension[k]!;
        for (let i = 0; i < right.length; i++) right[i] = right[i]! + T * by[i]!;
      }
      const most = Math.max(0, line.mostN * draw.most[k]! * scale - T / ratios[k]!);
      for (const j of base.lineColumns[k]!) upper[j] = most;
    }
    this.shift(draw);
  }

  /** Centres of gravity lie elsewhere: weight and inertia have a moment about where they are said to be. */
  private shift({ alongM, upM }: Draw): void {
    const { lp, base, problem, motion, parts } = this;
    const { right, matrix } = lp;
    const { x, y } = motion.along;
    const [dx, dy, dz] = [
      (alongM * x) / base.scaleM,
      (alongM * y) / base.scaleM,
      upM / base.scaleM,
    ];
    for (let k = 0; k < parts.length; k++) {
      const part = parts[k]!;
      const row = k * BALANCE_ROWS;
      const weight = problem.bodies[k]!.weightPart * part;
      right[row + 3] = right[row + 3]! + dy * weight;
      right[row + 4] = right[row + 4]! - dx * weight;
      const goal = lp.goal * lp.rows + row;
      matrix[goal + 3] = -dz * y * part;
      matrix[goal + 4] = dz * x * part;
      matrix[goal + 5] = (dx * y - dy * x) * part;
    }
  }

  /** Largest acceleration that is held in a draw, g; null: nothing balances. What answered the draw before is tried first. */
  heldG(draw: Draw): number | null {
    this.write(draw);
    const { bases } = this;
    for (let i = 0; i < Math.min(bases.length, MOST_TRIED); i++) {
      const held = this.valueOf(bases[i]!);
      if (held === null) continue;
      if (i > 0) bases.unshift(...bases.splice(i, 1));
      return held;
    }
    return this.solve();
  }

  private solve(): number | null {
    const { lp, base, perFriction, more } = this;
    this.solved += 1;
    for (let i = 0; i < this.feet * lp.rows; i++)
      lp.matrix[i] = base.matrix[i]! + more * perFriction[i]!;
    const optimiser = new Optimiser(lp);
    const solution = optimiser.maximum();
    if (solution.status !== 'optimal') return null;
    const { basis, place } = optimiser.stand();
    const atUpper = place.flatMap((at, j) =>
      at === AT_UPPER && lp.upper[j]! < Infinity ? [j] : [],
    );
    this.bases.unshift({
      columns: Int32Array.from(basis),
      atUpper: Int32Array.from(atUpper),
      place: Uint8Array.from(place, (at) => (at === IN_BASIS ? 1 : at === AT_UPPER ? 2 : 0)),
      goalRow: basis.indexOf(lp.goal),
      inverse: new Float64Array(lp.rows * lp.rows),
      step: NO_STEP,
      regular: false,
    });
    if (this.bases.length > 4 * MOST_TRIED) this.bases.pop();
    return solution.value;
  }

  /** Takes a column of the draw that is written, times a value, off the right side. Those of feet have no upper bound. */
  private take(j: number, value: number): void {
    const { lp, right } = this;
    const m = lp.rows;
    for (let i = 0, at = j * m; i < m; i++, at++) right[i] = right[i]! - value * lp.matrix[at]!;
  }

  /**
   * Writes a column as it is at the friction of the draw that is written, inertia's as it is said to be; beyond the columns lie
   * those that stand for nothing.
   */
  private put(r: number, j: number): void {
    const { lp, base, perFriction, feet, more, matrix } = this;
    const { rows: m, columns: n } = lp;
    for (let i = 0, at = j * m; i < m; i++, at++)
      matrix[i * m + r] =
        j >= n
          ? j - n === i
            ? 1
            : 0
          : j < feet
            ? base.matrix[at]! + more * perFriction[at]!
            : base.matrix[at]!;
  }

  /** Inverts a basis at the friction of the draw that is written, where it is not yet. @returns false where it has no inverse */
  private invert(basis: Basis): boolean {
    if (this.step >= 0 && basis.step === this.step) return basis.regular;
    const { columns, inverse } = basis;
    const m = this.lp.rows;
    for (let r = 0; r < m; r++) this.put(r, columns[r]!);
    basis.regular = invertSmall(m, this.matrix, inverse);
    basis.step = this.step;
    return basis.regular;
  }

  /**
   * What a basis holds in the draw that is written, if it is the best there; null: it is not. Inertia's column alone differs from
   * what the inverse was made for, by what centres of gravity are shifted.
   */
  private valueOf(basis: Basis): number | null {
    const { columns, atUpper, place, goalRow, inverse } = basis;
    if (goalRow < 0) return null;
    if (!this.invert(basis)) return null;
    const { lp, right, y } = this;
    const { rows: m, columns: n, upper } = lp;
    for (let i = 0; i < m; i++) right[i] = lp.right[i]!;
    for (let k = 0; k < atUpper.length; k++) {
      const most = upper[atUpper[k]!]!;
      if (most !== 0) this.take(atUpper[k]!, most);
    }
    const share = 1 + this.shifted(inverse, goalRow);
    if (Math.abs(share) < NO_SHARE) return null;
    const held = this.rowTimes(inverse, goalRow) / share;
    if (held < -LOOSE || held > upper[lp.goal]! + LOOSE * (1 + upper[lp.goal]!)) return null;
    for (let r = 0; r < m; r++) {
      if (r === goalRow) continue;
      const x = this.rowTimes(inverse, r) - this.shifted(inverse, r) * held;
      const j = columns[r]!;
      const most = j < n ? upper[j]! : 0;
      if (x < -LOOSE || x > most + LOOSE * (1 + most)) return null;
    }
    for (let i = 0, at = goalRow * m; i < m; i++, at++) y[i] = inverse[at]! / share;
    return this.improves(place) ? null : held;
  }

  /** A row of an inverse times the right side. */
  private rowTimes(inverse: Float64Array, r: number): number {
    const { right } = this;
    const m = right.length;
    let sum = 0;
    for (let i = 0, at = r * m; i < m; i++, at++) sum += inverse[at]! * right[i]!;
    return sum;
  }

  /** A row of an inverse times what the column of inertia has more than is said: moments of each body. */
  private shifted(inverse: Float64Array, r: number): number {
    const { lp, parts } = this;
    const m = lp.rows;
    const goal = lp.goal * m;
    let sum = 0;
    for (let k = 0; k < parts.length; k++)
      for (let i = k * BALANCE_ROWS + 3; i < k * BALANCE_ROWS + 6; i++)
        sum += inverse[r * m + i]! * lp.matrix[goal + i]!;
    return sum;
  }

  /** Whether any column would make the value of the basis, whose multipliers are written, better. */
  private improves(place: Uint8Array): boolean {
    const { lp, feet, y } = this;
    const { rows: m, columns: n, matrix, upper, goal } = lp;
    for (let f = 0; f < this.footRows.length; f++) if (this.slips(f)) return true;
    for (let j = feet; j < n; j++) {
      if (j === goal || upper[j] === 0 || place[j] === 1) continue;
      let z = 0;
      for (let i = 0, at = j * m; i < m; i++, at++) z -= y[i]! * matrix[at]!;
      if (place[j] === 2 ? z < -REDUCED : z > REDUCED) return true;
    }
    return false;
  }

  /** Whether a facet of a foot's friction would: none does where the foot is lifted more than the round cone asks for. */
  private slips(f: number): boolean {
    const { footAxes, lp, y, more } = this;
    const m = lp.rows;
    const { facets, cosines, sines } = this.footRows[f]!;
    let [pressing, one, two] = [0, 0, 0];
    for (let i = 0, at = 3 * m * f; i < m; i++, at++) {
      pressing += y[i]! * footAxes[at]!;
      one += y[i]! * footAxes[at + m]!;
      two += y[i]! * footAxes[at + 2 * m]!;
    }
    const rough = 1 + more;
    if (pressing >= rough * Math.sqrt(one * one + two * two) - REDUCED) return false;
    // What is in the basis already is at nothing.
    for (let k = 0; k < facets; k++)
      if (rough * (cosines[k]! * one + sines[k]! * two) + pressing < -REDUCED) return true;
    return false;
  }
}

/** The programme of a problem with a vertex of its friction pyramid against the motion. */
function aimed(problem: HoldProblem, motion: Motion): HoldProgramme {
  const lp = new HoldProgramme(problem, Math.atan2(-motion.along.y, -motion.along.x));
  lp.aim(motion);
  return lp;
}
