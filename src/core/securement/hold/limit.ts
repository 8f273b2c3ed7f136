import type { Point } from '../leg';
import type { Direction } from '../schema';
import { type HoldBoard, type HoldLine, type HoldProblem, lineWrench, type Wrench, wrenchOf } from './problem';
import { type LinearProgramme, solveProgramme } from './simplex';

/** Facets of the friction pyramid, a vertex of it against the motion. */
export const CONE_FACETS = 16;
/** More than any vehicle reaches: stands for "as much as you like". In g. */
export const UNLIMITED_G = 50;

/** What one line adds to the acceleration that is held. */
export interface LinePart {
  readonly id: string;
  readonly tensionN: number;
  /** g gained for each N more of its tension; negative where it pulls with the motion. */
  readonly perNewtonG: number;
  readonly partG: number;
}

/** What one board adds. */
export interface BoardPart {
  readonly direction: Direction;
  readonly partG: number;
}

/** Velocity of the load as it gives way, per unit of velocity of its centre of gravity along the inertia. */
export interface Twist {
  readonly velocity: Point;
  /** rad per m of travel. */
  readonly rotation: Point;
}

export interface HoldLimit {
  /** Largest acceleration in g that contacts, boards and lines can balance. */
  readonly heldG: number;
  /** What the weight on its feet holds by itself; with lines and boards it adds up to `heldG`. */
  readonly weightG: number;
  readonly lines: readonly LinePart[];
  readonly boards: readonly BoardPart[];
  /** How it gives way; null where it does not. */
  readonly twist: Twist | null;
}

/** A programme with what its columns stand for. */
interface Built {
  readonly lp: LinearProgramme;
  /** A length that brings moments to the size of forces. */
  readonly scaleM: number;
  /** Columns of each line that works (not fixed), by place in the list of lines. */
  readonly lineColumns: ReadonlyMap<number, readonly number[]>;
  readonly boardRows: readonly number[];
}

type Column = { readonly entries: readonly (readonly [row: number, value: number])[]; readonly upper: number };

function sizeOf({ body, lines, boards }: HoldProblem): number {
  const points = [...body.feet, ...lines.flatMap((l) => l.legs.map((g) => g.at)), ...boards.flatMap((b) => b.corners)];
  return Math.max(0.05, ...points.map((p) => Math.hypot(p.x - body.centre.x, p.y - body.centre.y, p.z - body.centre.z)));
}

/** What pushes from a board, away from the motion it stops. */
const PUSH: Record<Direction, Point> = {
  forward: { x: -1, y: 0, z: 0 }, rearward: { x: 1, y: 0, z: 0 }, left: { x: 0, y: -1, z: 0 }, right: { x: 0, y: 1, z: 0 },
};

class Builder {
  readonly columns: Column[] = [];
  readonly right: number[];
  readonly scaleM: number;

  constructor(readonly problem: HoldProblem) {
    this.scaleM = sizeOf(problem);
    this.right = [0, 0, 1, 0, 0, 0];
  }

  entries(w: Wrench, factor: number): [number, number][] {
    return w.map((v, k): [number, number] => [k, (v * factor) / (k < 3 ? 1 : this.scaleM)]).filter(([, v]) => v !== 0);
  }

  add(entries: Column['entries'], upper: number): number {
    this.columns.push({ entries, upper });
    return this.columns.length - 1;
  }

  row(right: number): number {
    this.right.push(right);
    return this.right.length - 1;
  }

  /** Feet: generators of the friction pyramid at each corner, a vertex against the motion. */
  feet(turnRad: number): void {
    const { feet, centre, cone } = this.problem.body;
    const friction = cone === 'inscribed' ? this.problem.body.friction : this.problem.body.friction / Math.cos(Math.PI / CONE_FACETS);
    const facets = friction > 0 ? CONE_FACETS : 1;
    for (const foot of feet) {
      for (let k = 0; k < facets; k++) {
        const phi = turnRad + (2 * Math.PI * k) / facets;
        const force = { x: friction * Math.cos(phi), y: friction * Math.sin(phi), z: 1 };
        this.add(this.entries(wrenchOf(force, foot, centre), 1), Infinity);
      }
    }
  }

  board(board: HoldBoard): number {
    const { weightN, centre } = this.problem.body;
    const row = this.row(Math.min(board.capacityN / weightN, 1e6));
    for (const corner of board.corners) this.add([...this.entries(wrenchOf(PUSH[board.direction], corner, centre), 1), [row, 1]], Infinity);
    this.add([[row, 1]], Infinity);
    return row;
  }

  /** A line: a fixed force, one column for one tension, or a column a leg with the rows that tie them together. */
  line(line: HoldLine): number[] {
    const { weightN, centre } = this.problem.body;
    const [least, most] = [line.leastN / weightN, Math.min(line.mostN / weightN, 1e6)];
    const free = line.legs.length > 1 && line.legRatio > 1;
    if (!free) {
      const w = this.entries(lineWrench(line, centre), 1);
      for (const [k, v] of w) this.right[k]! -= v * least;
      return most > least ? [this.add(w, most - least)] : [];
    }
    const low = least / line.legRatio;
    const columns = line.legs.map((leg) => {
      const w = this.entries(wrenchOf(leg.pull, leg.at, centre), 1);
      for (const [k, v] of w) this.right[k]! -= v * low;
      return { at: this.columns.length, w };
    }).map(({ w }) => this.add(w, most - low));
    for (const [a, b] of [[0, 1], [1, 0]] as const) {
      // T_a ≤ r·T_b, tensions counted from their least.
      const row = this.row((line.legRatio - 1) * low);
      this.couple(columns[a]!, row, 1);
      this.couple(columns[b]!, row, -line.legRatio);
      this.add([[row, 1]], Infinity);
    }
    return columns;
  }

  private couple(column: number, row: number, value: number): void {
    const c = this.columns[column]!;
    this.columns[column] = { ...c, entries: [...c.entries, [row, value]] };
  }

  programme(goal: number): LinearProgramme {
    const [rows, columns] = [this.right.length, this.columns.length];
    const matrix = new Float64Array(rows * columns);
    const cost = new Float64Array(columns);
    cost[goal] = 1;
    this.columns.forEach(({ entries }, j) => { for (const [i, v] of entries) matrix[i * columns + j]! += v; });
    return { rows, columns, matrix, right: Float64Array.from(this.right), upper: Float64Array.from(this.columns, (c) => c.upper), cost };
  }
}

/** Inertia of 1 g along a direction of motion; up or down it acts along z. */
export interface Motion {
  readonly along: Point;
}

/** Motion in the plane of the deck, the angle counted from forward to the left. */
export const motionAt = (angleRad: number): Motion => ({ along: { x: Math.cos(angleRad), y: Math.sin(angleRad), z: 0 } });

export const MOTIONS: Record<Direction, Motion> = {
  forward: { along: { x: 1, y: 0, z: 0 } }, rearward: { along: { x: -1, y: 0, z: 0 } }, left: { along: { x: 0, y: 1, z: 0 } }, right: { along: { x: 0, y: -1, z: 0 } },
};
export const UPWARD: Motion = { along: { x: 0, y: 0, z: 1 } };

/** Boards the load moves toward: from any other it can come away, and that two of them wedge it is credited to nobody. */
const facing = (problem: HoldProblem, { along }: Motion): HoldBoard[] =>
  problem.boards.filter(({ direction }) => PUSH[direction].x * along.x + PUSH[direction].y * along.y < -1e-9);

function build(problem: HoldProblem, motion: Motion): Built & { readonly goal: number; readonly boards: readonly HoldBoard[] } {
  const b = new Builder(problem);
  b.feet(Math.atan2(-motion.along.y, -motion.along.x));
  const boards = facing(problem, motion);
  const boardRows = boards.map((board) => b.board(board));
  const lineColumns = new Map(problem.lines.map((line, i) => [i, b.line(line)] as const));
  const { x, y, z } = motion.along;
  const goal = b.add(b.entries([x, y, z, 0, 0, 0], 1), UNLIMITED_G);
  return { lp: b.programme(goal), scaleM: b.scaleM, lineColumns, boardRows, goal, boards };
}

/** The programme of one direction, for checks with another solver. Its value is the acceleration in g. */
export const programmeOf = (problem: HoldProblem, motion: Motion): LinearProgramme => build(problem, motion).lp;

const dot = (duals: Float64Array, scaleM: number, w: Wrench): number =>
  w.reduce((sum, v, k) => sum + (v * duals[k]!) / (k < 3 ? 1 : scaleM), 0);

function linePart(problem: HoldProblem, built: Built, i: number, x: Float64Array, duals: Float64Array): LinePart {
  const line = problem.lines[i]!;
  const { weightN, centre } = problem.body;
  const columns = built.lineColumns.get(i)!;
  const free = line.legs.length > 1 && line.legRatio > 1;
  const low = line.leastN / (free ? line.legRatio : 1);
  const gain = -dot(duals, built.scaleM, lineWrench(line, centre)) / weightN;
  const tensionN = low + (columns.length === 0 ? 0 : Math.max(...columns.map((c) => x[c]!)) * weightN);
  // What is fixed counts as it is; what works counts at its limit, if it would help there.
  const { lp } = built;
  const above = columns.reduce((sum, c) => {
    let reduced = lp.cost[c]!;
    for (let r = 0; r < lp.rows; r++) reduced -= duals[r]! * lp.matrix[r * lp.columns + c]!;
    return reduced > 1e-12 ? sum + reduced * lp.upper[c]! : sum;
  }, 0);
  return { id: line.id, tensionN, perNewtonG: gain, partG: gain * low + above };
}

/**
 * Largest acceleration in g along a motion for which contacts, boards and lines can balance weight and inertia, force
 * and moment: limit analysis of a rigid body as a linear programme.
 *
 * Feet push only, with friction inside a pyramid whose vertex lies against the motion; boards the load moves toward push
 * without friction up to their capacity; a fixed line pulls with what it keeps, a working line with anything up to its
 * limit; the legs of one rope have one tension unless edges between them hold a difference. It is an upper bound on what
 * statics allow, since the lines share as suits them best.
 * @returns null when nothing balances even at rest: the lines' own tension drags the load.
 * Source: statics, limit analysis (exact for the pyramid).
 */
export function holdLimit(problem: HoldProblem, motion: Motion): HoldLimit | null {
  const built = build(problem, motion);
  const solved = solveProgramme(built.lp);
  if (solved.status === 'infeasible') return null;
  if (solved.status === 'unbounded') throw new Error('Broken invariant: the acceleration is bounded');
  const { x, duals, value } = solved;
  const { scaleM } = built;
  const given = value >= UNLIMITED_G - 1e-9;
  const [vx, vy, vz, wx, wy, wz] = [...duals] as [number, number, number, number, number, number];
  return {
    heldG: value, weightG: vz,
    lines: problem.lines.map((_, i) => linePart(problem, built, i, x, duals)),
    boards: built.boards.map((board, k) => ({ direction: board.direction, partG: duals[built.boardRows[k]!]! * built.lp.right[built.boardRows[k]!]! })),
    twist: given ? null : { velocity: { x: vx, y: vy, z: vz }, rotation: { x: wx / scaleM, y: wy / scaleM, z: wz / scaleM } },
  };
}
