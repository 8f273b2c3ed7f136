import type { Point } from '../leg';
import type { Direction } from '../schema';
import type { HoldBoard, HoldLine, HoldProblem } from './problem';
import { type LinearProgramme, solveProgramme } from './simplex';

/** Facets of the friction pyramid, a vertex of it against the motion: drawn inside the cone (2 % under it at worst) or round it (1 % over). */
export const CONE_FACETS = { inscribed: 16, circumscribed: 20 } as const;
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
  readonly lineColumns: readonly (readonly number[])[];
  readonly boards: readonly HoldBoard[];
}

function sizeOf({ body, lines, boards }: HoldProblem): number {
  const { centre } = body;
  let size = 0.05;
  const reach = (p: Point): void => { size = Math.max(size, Math.hypot(p.x - centre.x, p.y - centre.y, p.z - centre.z)); };
  body.feet.forEach(reach);
  for (const line of lines) for (const leg of line.legs) reach(leg.at);
  for (const board of boards) board.corners.forEach(reach);
  return size;
}

/** What pushes from a board, away from the motion it stops. */
const PUSH: Record<Direction, Point> = {
  forward: { x: -1, y: 0, z: 0 }, rearward: { x: 1, y: 0, z: 0 }, left: { x: 0, y: -1, z: 0 }, right: { x: 0, y: 1, z: 0 },
};

/** Equality rows of force and moment; further rows follow for boards and for legs that may differ. */
const BALANCE_ROWS = 6;
/** Forces in parts of the weight beyond this count as unlimited: the programme stays of one size. */
const MOST_FORCE = 1e6;

const isFree = (line: HoldLine): boolean => line.legs.length > 1 && line.legRatio > 1;
const facetsOf = ({ body }: HoldProblem): number => (body.friction > 0 ? CONE_FACETS[body.cone] : 1);

/**
 * Writes the programme column by column into one array: this runs at every keystroke for dozens of directions, and
 * lists of small arrays took three times as long as solving.
 */
class Builder implements LinearProgramme {
  readonly rows: number;
  readonly columns: number;
  readonly matrix: Float64Array;
  readonly right: Float64Array;
  readonly upper: Float64Array;
  readonly cost: Float64Array;
  readonly slack: number[];
  readonly height: number[];
  readonly scaleM: number;
  private used = 0;
  private usedRows = BALANCE_ROWS;

  constructor(readonly problem: HoldProblem, boards: readonly HoldBoard[]) {
    const free = problem.lines.filter(isFree).length;
    this.rows = BALANCE_ROWS + boards.length + 2 * free;
    this.columns = problem.body.feet.length * facetsOf(problem) + boards.reduce((n, b) => n + b.corners.length + 1, 0) + problem.lines.reduce((n, l) => n + (isFree(l) ? l.legs.length + 2 : 1), 0) + 1;
    const [m, n] = [this.rows, this.columns];
    // One array for all of them: making one costs as much as writing hundreds of figures into it.
    const all = new Float64Array(m * n + m + 2 * n);
    this.matrix = all.subarray(0, m * n);
    this.right = all.subarray(m * n, m * n + m);
    this.upper = all.subarray(m * n + m, m * n + m + n).fill(Infinity);
    this.cost = all.subarray(m * n + m + n);
    this.slack = new Array<number>(m).fill(-1);
    this.height = new Array<number>(n).fill(BALANCE_ROWS);
    this.right[2] = 1;
    this.scaleM = sizeOf(problem);
  }

  column(upper: number): number {
    this.upper[this.used] = upper;
    return this.used++;
  }

  row(right: number): number {
    this.right[this.usedRows] = right;
    return this.usedRows++;
  }

  set(row: number, column: number, value: number): void {
    this.matrix[column * this.rows + row] = value;
    this.height[column] = Math.max(this.height[column]!, row + 1);
  }

  /** Lets a row stay below its right side. */
  atMost(row: number): void {
    this.slack[row] = this.column(Infinity);
    this.set(row, this.slack[row]!, 1);
  }

  /** Adds a force at a point to a column, as force and moment about the centre of gravity. */
  force(column: number, f: Point, at: Point): void {
    const { matrix, rows, scaleM, problem: { body: { centre } } } = this;
    const [x, y, z] = [(at.x - centre.x) / scaleM, (at.y - centre.y) / scaleM, (at.z - centre.z) / scaleM];
    const top = column * rows;
    matrix[top]! += f.x;
    matrix[top + 1]! += f.y;
    matrix[top + 2]! += f.z;
    matrix[top + 3]! += y * f.z - z * f.y;
    matrix[top + 4]! += z * f.x - x * f.z;
    matrix[top + 5]! += x * f.y - y * f.x;
  }

  /** Takes a column's force, times a tension that is always there, over to the other side. */
  always(column: number, tension: number): void {
    if (tension === 0) return;
    for (let k = 0; k < BALANCE_ROWS; k++) this.right[k]! -= tension * this.matrix[column * this.rows + k]!;
  }

  /** Feet: generators of the friction pyramid at each corner, a vertex against the motion; those nearest to it come first. */
  feet(turnRad: number): void {
    const { matrix, rows, scaleM, problem: { body: { feet, cone, friction: given, centre } } } = this;
    const friction = cone === 'inscribed' ? given : given / Math.cos(Math.PI / CONE_FACETS.circumscribed);
    const facets = facetsOf(this.problem);
    const directions = Array.from({ length: facets }, (_, k) => turnRad + ((k % 2 ? 1 : -1) * 2 * Math.PI * Math.ceil(k / 2)) / facets);
    const [along, across] = [directions.map((phi) => friction * Math.cos(phi)), directions.map((phi) => friction * Math.sin(phi))];
    const places = feet.map((foot) => [(foot.x - centre.x) / scaleM, (foot.y - centre.y) / scaleM, (foot.z - centre.z) / scaleM] as const);
    let top = 0;
    for (let k = 0; k < facets; k++) {
      const [fx, fy] = [along[k]!, across[k]!];
      for (const [x, y, z] of places) {
        // The same as `force` with (along, across, 1); half of the programme is written here.
        matrix[top] = fx;
        matrix[top + 1] = fy;
        matrix[top + 2] = 1;
        matrix[top + 3] = y - z * fy;
        matrix[top + 4] = z * fx - x;
        matrix[top + 5] = x * fy - y * fx;
        top += rows;
      }
    }
    this.used = feet.length * facets;
  }

  board(board: HoldBoard): void {
    const row = this.row(Math.min(board.capacityN / this.problem.body.weightN, MOST_FORCE));
    for (const corner of board.corners) {
      const column = this.column(Infinity);
      this.force(column, PUSH[board.direction], corner);
      this.set(row, column, 1);
    }
    this.atMost(row);
  }

  /** A line: a fixed force, one column for one tension, or a column a leg with the rows that tie them together. */
  line(line: HoldLine): number[] {
    const { weightN } = this.problem.body;
    const [least, most] = [line.leastN / weightN, Math.min(line.mostN / weightN, MOST_FORCE)];
    if (!isFree(line)) {
      const column = this.column(Math.max(0, most - least));
      for (const leg of line.legs) this.force(column, leg.pull, leg.at);
      this.always(column, least);
      return most > least ? [column] : [];
    }
    const low = least / line.legRatio;
    const columns = line.legs.map((leg) => {
      const column = this.column(most - low);
      this.force(column, leg.pull, leg.at);
      this.always(column, low);
      return column;
    });
    for (const [a, b] of [[0, 1], [1, 0]] as const) {
      // T_a ≤ r·T_b, tensions counted from their least.
      const row = this.row((line.legRatio - 1) * low);
      this.set(row, columns[a]!, 1);
      this.set(row, columns[b]!, -line.legRatio);
      this.atMost(row);
    }
    return columns;
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

function build(problem: HoldProblem, motion: Motion): Built {
  const boards = facing(problem, motion);
  const b = new Builder(problem, boards);
  b.feet(Math.atan2(-motion.along.y, -motion.along.x));
  for (const board of boards) b.board(board);
  const lineColumns = problem.lines.map((line) => b.line(line));
  const goal = b.column(UNLIMITED_G);
  b.force(goal, motion.along, problem.body.centre);
  b.cost[goal] = 1;
  return { lp: b, scaleM: b.scaleM, lineColumns, boards };
}

/** The programme of one direction, for checks with another solver. Its value is the acceleration in g. */
export const programmeOf = (problem: HoldProblem, motion: Motion): LinearProgramme => build(problem, motion).lp;

/** Work of a line with a tension of 1 in all its legs on the velocity that the multipliers are. */
function workOf(line: HoldLine, { x: cx, y: cy, z: cz }: Point, duals: readonly number[], scaleM: number): number {
  let work = 0;
  for (const { at, pull: f } of line.legs) {
    const [x, y, z] = [(at.x - cx) / scaleM, (at.y - cy) / scaleM, (at.z - cz) / scaleM];
    work += f.x * duals[0]! + f.y * duals[1]! + f.z * duals[2]! + (y * f.z - z * f.y) * duals[3]! + (z * f.x - x * f.z) * duals[4]! + (x * f.y - y * f.x) * duals[5]!;
  }
  return work;
}

function linePart(problem: HoldProblem, built: Built, i: number, x: readonly number[], duals: readonly number[]): LinePart {
  const line = problem.lines[i]!;
  const { weightN, centre } = problem.body;
  const columns = built.lineColumns[i]!;
  const low = line.leastN / (isFree(line) ? line.legRatio : 1);
  const gain = -workOf(line, centre, duals, built.scaleM) / weightN;
  const tensionN = low + (columns.length === 0 ? 0 : Math.max(...columns.map((c) => x[c]!)) * weightN);
  // What is fixed counts as it is; what works counts at its limit, if it would help there.
  const { lp } = built;
  const above = columns.reduce((sum, c) => {
    let reduced = lp.cost[c]!;
    for (let r = 0; r < lp.rows; r++) reduced -= duals[r]! * lp.matrix[c * lp.rows + r]!;
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
  const [vx, vy, vz, wx, wy, wz] = duals as readonly number[] as [number, number, number, number, number, number];
  return {
    heldG: value, weightG: vz,
    lines: problem.lines.map((_, i) => linePart(problem, built, i, x, duals)),
    boards: built.boards.map((board, k) => ({ direction: board.direction, partG: duals[BALANCE_ROWS + k]! * built.lp.right[BALANCE_ROWS + k]! })),
    twist: given ? null : { velocity: { x: vx, y: vy, z: vz }, rotation: { x: wx / scaleM, y: wy / scaleM, z: wz / scaleM } },
  };
}
