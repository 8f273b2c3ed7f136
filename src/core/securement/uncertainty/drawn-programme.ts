import type { LinearProgramme } from '../hold/linear-programme';
import type { HoldProblem } from '../hold/problem';
import { BALANCE_ROWS, HoldProgramme, type Motion } from '../hold/programme';
import { type FootColumns, footColumnsOf } from './foot-columns';
import { SmallSystem } from '../small-system';

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

const ONE = 0;
const ALONG = 1;
/** Factors that are no line's: what is always there, and how far centres of gravity are shifted along the motion. */
export const PARAMETERS = [ONE, ALONG] as const;
/** After them come what each line is sure to give, and then what each may give beyond. */
const FIRST_LINE = PARAMETERS.length;

/**
 * The programme of one motion and how a draw changes it. The right side is a sum of what is always there, of the shift of centres
 * of gravity and of the tensions, each times a number of the draw (`factors`); columns of feet change with friction, the column of
 * inertia with how high centres of gravity lie, because moments are told about where those are said to be. Nothing else changes.
 */
export class DrawnProgramme {
  readonly base: HoldProgramme;
  /** How much more of a column there is for each part more of friction; only feet have any, and they come first. */
  readonly perFriction: Float64Array;
  /** Columns of feet. */
  readonly feet: number;
  readonly footColumns: readonly FootColumns[];
  /** What of the right side goes with each factor. */
  readonly sides: readonly Float64Array[];
  /** What the column of inertia has more for each metre that centres of gravity lie higher. */
  readonly perUp: Float64Array;
  /** The line of each column; −1: it is no line's. */
  readonly lineOf: Int32Array;
  /** For each column the first row that it has a number in, and the one after the last. */
  readonly spans: { readonly first: Int32Array; readonly end: Int32Array };
  /** Numbers of the draw that is written, as the right side takes them. */
  readonly factors: Float64Array;
  /** Between what each factor was in all draws that were written, and how high centres of gravity lay; it widens as draws come. */
  readonly lowest: Float64Array;
  readonly highest: Float64Array;
  mostUpM = 0;
  /** How often that widened. */
  widened = 0;
  /** Upper bounds of columns in the draw that is written. */
  readonly upper: Float64Array;
  /** Of the draw that is written: friction beyond what is said, its step, how much higher centres of gravity lie. */
  more = 0;
  step = -1;
  upM = 0;
  /** Where bases are written and solved, one after another. */
  readonly system: SmallSystem;
  /** For each foot what presses, and its first and its second direction of friction: three columns one after another. */
  private readonly footAxes: Float64Array;
  private readonly footSpans: DrawnProgramme['spans'];
  /** What lines carry of what goes into them. */
  private readonly ratios: readonly number[];

  constructor(
    readonly problem: HoldProblem,
    motion: Motion,
  ) {
    const { lines, bodies } = problem;
    const rough = bodies.map((b) => ({ ...b, friction: b.friction * 2 }));
    const base = aimed(problem, motion);
    const twice = aimed({ ...problem, bodies: rough }, motion);
    this.base = base;
    this.perFriction = base.matrix.map((v, i) => twice.matrix[i]! - v);
    this.footColumns = footColumnsOf(problem);
    this.feet = this.footColumns.reduce((n, f) => n + f.facets, 0);
    this.ratios = lines.map((l) => l.ratios.reduce((a, b) => a * b, 1));
    this.lineOf = new Int32Array(base.columns).fill(-1);
    lines.forEach((_, k) => {
      for (const j of base.lineColumns[k]!) this.lineOf[j] = k;
    });
    const [without, ...tensions] = tensionSides(problem, motion, base.weightN);
    const { perAlong, perUp } = shiftsOf(base, problem, motion);
    this.sides = [without!, perAlong, ...tensions];
    this.perUp = perUp;
    this.factors = new Float64Array(FIRST_LINE + 2 * lines.length);
    this.factors[ONE] = 1;
    this.lowest = new Float64Array(this.factors.length).fill(Infinity);
    this.highest = new Float64Array(this.factors.length).fill(-Infinity);
    this.upper = base.upper.slice();
    this.system = new SmallSystem(base.rows);
    this.spans = spansOf(base, this.perFriction);
    this.footSpans = footSpansOf(this.footColumns, this.spans);
    this.footAxes = axesOf(base, this.footColumns);
  }

  /** Which factor tells what a line is sure to give. */
  sure(line: number): number {
    return FIRST_LINE + line;
  }

  /** Which factor tells what a line may give beyond what it is sure to give. */
  beyond(line: number): number {
    return FIRST_LINE + this.problem.lines.length + line;
  }

  /** Writes a draw. */
  write({ friction, frictionStep, mass, least, most, alongM, upM }: Draw): void {
    const { problem, base, ratios, factors, upper } = this;
    const { lines } = problem;
    [this.more, this.step, this.upM] = [friction - 1, frictionStep, upM];
    factors[ALONG] = alongM;
    const scale = 1 / (base.weightN * mass);
    for (let k = 0; k < lines.length; k++) {
      const { leastN, mostN } = lines[k]!;
      const sure = leastN * least[k]! * scale;
      const beyond = Math.max(0, mostN * most[k]! * scale - sure / ratios[k]!);
      factors[this.sure(k)] = sure;
      factors[this.beyond(k)] = beyond;
      for (const j of base.lineColumns[k]!) upper[j] = beyond;
    }
    this.widen();
  }

  private widen(): void {
    const { factors, lowest, highest, upM } = this;
    let wider = Math.abs(upM) > this.mostUpM;
    if (wider) this.mostUpM = Math.abs(upM);
    for (let p = 0; p < factors.length; p++) {
      const factor = factors[p]!;
      if (factor >= lowest[p]! && factor <= highest[p]!) continue;
      wider = true;
      lowest[p] = Math.min(factor, lowest[p]!);
      highest[p] = Math.max(factor, highest[p]!);
    }
    if (wider) this.widened += 1;
  }

  /** Most that a facet of a foot's friction would improve something by whose multipliers these are, at the friction of the draw. */
  footBetter(foot: number, y: Float64Array): number {
    const { footAxes, footSpans, base, more } = this;
    const m = base.rows;
    const { facets, cosines, sines } = this.footColumns[foot]!;
    let [pressing, one, two] = [0, 0, 0];
    const begin = footSpans.first[foot]!;
    for (let i = begin, at = 3 * m * foot + i; i < footSpans.end[foot]!; i++, at++) {
      pressing += y[i]! * footAxes[at]!;
      one += y[i]! * footAxes[at + m]!;
      two += y[i]! * footAxes[at + 2 * m]!;
    }
    let least = facets === 1 ? pressing : Infinity;
    for (let k = 0; k < facets && facets > 1; k++)
      least = Math.min(least, pressing + (1 + more) * (cosines[k]! * one + sines[k]! * two));
    return -least;
  }

  /** Writes a column at the friction of the draw that is written, one number every so many; inertia's as it is said to be. */
  writeColumn(column: number, into: Float64Array, first: number, every: number): void {
    const { base, spans, more, perFriction } = this;
    const rough = column < this.feet ? more : 0;
    const from = column * base.rows;
    for (let i = spans.first[column]!; i < spans.end[column]!; i++)
      into[first + i * every] = base.matrix[from + i]! + rough * perFriction[from + i]!;
  }

  /** What a column of no foot would improve something by whose multipliers these are. */
  better(column: number, y: Float64Array): number {
    const { base, spans } = this;
    let z = 0;
    for (
      let i = spans.first[column]!, at = column * base.rows + i;
      i < spans.end[column]!;
      i++, at++
    )
      z -= y[i]! * base.matrix[at]!;
    return z;
  }

  /** The programme of the draw that is written. */
  programme(): LinearProgramme {
    const { base, feet, more, perFriction, perUp, upM, sides, factors } = this;
    const m = base.rows;
    const matrix = base.matrix.slice();
    for (let i = 0; i < feet * m; i++) matrix[i] = matrix[i]! + more * perFriction[i]!;
    for (let i = 0, at = base.goal * m; i < m; i++, at++)
      matrix[at] = matrix[at]! + upM * perUp[i]!;
    const right = new Float64Array(m);
    sides.forEach((side, k) => {
      for (let i = 0; i < m; i++) right[i] = right[i]! + factors[k]! * side[i]!;
    });
    const { rows, columns, cost, slack, goal, joining } = base;
    return { rows, columns, matrix, right, upper: this.upper, cost, slack, goal, joining };
  }
}

/** Rows between which each column has its numbers, whatever the friction. */
function spansOf(
  { rows: m, columns: n, matrix }: HoldProgramme,
  perFriction: Float64Array,
): DrawnProgramme['spans'] {
  const [first, end] = [new Int32Array(n), new Int32Array(n)];
  for (let j = 0; j < n; j++) {
    const counts = (_: number, i: number): boolean =>
      matrix[j * m + i] !== 0 || perFriction[j * m + i] !== 0;
    const column = matrix.subarray(j * m, j * m + m);
    first[j] = Math.max(0, column.findIndex(counts));
    end[j] = 1 + column.findLastIndex(counts);
  }
  return { first, end };
}

/** The same for all facets of each foot together. */
function footSpansOf(
  feet: readonly FootColumns[],
  { first, end }: DrawnProgramme['spans'],
): DrawnProgramme['spans'] {
  const over = (f: FootColumns, of: Int32Array): number[] =>
    Array.from({ length: f.facets }, (_, k) => of[f.first + k * f.step]!);
  return {
    first: Int32Array.from(feet, (f) => Math.min(...over(f, first))),
    end: Int32Array.from(feet, (f) => Math.max(...over(f, end))),
  };
}

/** What presses at each foot, and two directions of friction across each other. */
function axesOf({ rows: m, matrix }: HoldProgramme, feet: readonly FootColumns[]): Float64Array {
  const axes = new Float64Array(3 * m * feet.length);
  feet.forEach(({ first, facets, step }, f) => {
    const of = (facet: number, i: number): number => matrix[(first + facet * step) * m + i]!;
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

/** The right side without tensions, then what every line adds for each part of the weight that it is sure to give. */
function tensionSides(problem: HoldProblem, motion: Motion, weightN: number): Float64Array[] {
  const loose = problem.lines.map((l) => ({ ...l, leastN: 0, mostN: 0 }));
  const without = aimed({ ...problem, lines: loose }, motion).right;
  const tight = { leastN: weightN, mostN: weightN };
  const tensions = problem.lines.map((_, k) => {
    const lines = loose.map((l, i) => (i === k ? { ...l, ...tight } : l));
    return aimed({ ...problem, lines }, motion).right.map((v, i) => v - without[i]!);
  });
  return [without.slice(), ...tensions];
}

/** Centres of gravity lie elsewhere: weight and inertia have a moment about where they are said to be, for each metre. */
function shiftsOf(
  { rows, weightN, scaleM }: HoldProgramme,
  { bodies }: HoldProblem,
  { along: { x, y } }: Motion,
): { readonly perAlong: Float64Array; readonly perUp: Float64Array } {
  const [perAlong, perUp] = [new Float64Array(rows), new Float64Array(rows)];
  bodies.forEach((body, k) => {
    const part = bodies.length === 1 ? 1 : body.weightN / weightN;
    const row = k * BALANCE_ROWS;
    perAlong[row + 3] = (y * body.weightPart * part) / scaleM;
    perAlong[row + 4] = (-x * body.weightPart * part) / scaleM;
    perUp[row + 3] = (-y * part) / scaleM;
    perUp[row + 4] = (x * part) / scaleM;
  });
  return { perAlong, perUp };
}

/** The programme of a problem with a vertex of its friction pyramid against the motion. */
function aimed(problem: HoldProblem, motion: Motion): HoldProgramme {
  const lp = new HoldProgramme(problem, Math.atan2(-motion.along.y, -motion.along.x));
  lp.aim(motion);
  return lp;
}
