import type { Point } from '../leg';
import type { Direction } from '../vocabulary';
import type { HoldBoard, HoldLine, HoldProblem } from './problem';
import type { LinearProgramme } from './simplex';

/** Facets of the friction pyramid, a vertex of it against the motion: drawn inside the cone (2 % under it at worst) or round it (1 % over). */
export const CONE_FACETS = { inscribed: 16, circumscribed: 20 } as const;
/** More than any vehicle reaches: stands for "as much as you like". In g. */
export const UNLIMITED_G = 50;

/** Inertia of 1 g along a direction of motion; up or down it acts along z. */
export interface Motion {
  readonly along: Point;
}

/** Motion in the plane of the deck, the angle counted from forward to the left. */
export const motionAt = (angleRad: number): Motion => ({
  along: { x: Math.cos(angleRad), y: Math.sin(angleRad), z: 0 },
});

export const MOTIONS: Record<Direction, Motion> = {
  forward: { along: { x: 1, y: 0, z: 0 } },
  rearward: { along: { x: -1, y: 0, z: 0 } },
  left: { along: { x: 0, y: 1, z: 0 } },
  right: { along: { x: 0, y: -1, z: 0 } },
};
export const UPWARD: Motion = { along: { x: 0, y: 0, z: 1 } };

/** What pushes from a board, away from the motion it stops. */
const PUSH: Record<Direction, Point> = {
  forward: { x: -1, y: 0, z: 0 },
  rearward: { x: 1, y: 0, z: 0 },
  left: { x: 0, y: -1, z: 0 },
  right: { x: 0, y: 1, z: 0 },
};

/** Boards the load moves toward: from any other it can come away, and that two of them wedge it is credited to nobody. */
export const facing = ({ direction }: HoldBoard, { along }: Motion): boolean =>
  PUSH[direction].x * along.x + PUSH[direction].y * along.y < -1e-9;

function sizeOf({ body, lines, boards }: HoldProblem): number {
  const { centre } = body;
  let size = 0.05;
  const reach = (p: Point): void => {
    size = Math.max(size, Math.hypot(p.x - centre.x, p.y - centre.y, p.z - centre.z));
  };
  body.feet.forEach(reach);
  for (const line of lines) for (const leg of line.legs) reach(leg.at);
  for (const board of boards) board.corners.forEach(reach);
  return size;
}

/** Equality rows of force and moment; further rows follow for boards and for legs that may differ. */
export const BALANCE_ROWS = 6;
/** Forces in parts of the weight beyond this count as unlimited: the programme stays of one size. */
const MOST_FORCE = 1e6;

export const isFree = (line: HoldLine): boolean => line.legs.length > 1 && line.legRatio > 1;
export const facetsOf = ({ body }: HoldProblem): number =>
  body.friction > 0 ? CONE_FACETS[body.cone] : 1;

/**
 * The programme of a load for all motions whose friction pyramid is turned alike: at rest until it is aimed at one.
 * Written column by column into one array: this runs at every keystroke, and lists of small arrays took three times as
 * long as solving.
 */
export class HoldProgramme implements LinearProgramme {
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

  /** Columns of each line that works (not fixed), by place in the list of lines. */
  readonly lineColumns: readonly (readonly number[])[];
  /** Columns with which each board pushes. */
  private readonly boardColumns: readonly (readonly number[])[];
  private readonly goal: number;

  /** `offsetRad`: how far the first vertex of the friction pyramid lies from forward. */
  constructor(
    readonly problem: HoldProblem,
    offsetRad: number,
  ) {
    const { boards } = problem;
    const free = problem.lines.filter(isFree).length;
    this.rows = BALANCE_ROWS + boards.length + 2 * free;
    this.columns =
      problem.body.feet.length * facetsOf(problem) +
      boards.reduce((n, b) => n + b.corners.length + 1, 0) +
      problem.lines.reduce((n, l) => n + (isFree(l) ? l.legs.length + 2 : 1), 0) +
      1;
    const [m, n] = [this.rows, this.columns];
    // One array for all of them: making one costs as much as writing hundreds of figures into it.
    const all = new Float64Array(m * n + m + 2 * n);
    this.matrix = all.subarray(0, m * n);
    this.right = all.subarray(m * n, m * n + m);
    this.upper = all.subarray(m * n + m, m * n + m + n).fill(Infinity);
    this.cost = all.subarray(m * n + m + n);
    this.slack = new Array<number>(m).fill(-1);
    this.height = new Array<number>(n).fill(BALANCE_ROWS);
    this.right[2] = problem.body.weightPart;
    this.scaleM = sizeOf(problem);
    this.feet(offsetRad);
    this.boardColumns = boards.map((board) => this.board(board));
    this.lineColumns = problem.lines.map((line) => this.line(line));
    this.goal = this.column(0);
    this.cost[this.goal] = 1;
  }

  /** Lets the boards the load moves toward push, and inertia grow along the motion. Until then both stay at nothing. */
  aim(motion: Motion): void {
    this.problem.boards.forEach((board, b) => {
      for (const column of this.boardColumns[b]!)
        this.upper[column] = facing(board, motion) ? Infinity : 0;
    });
    this.upper[this.goal] = UNLIMITED_G;
    this.matrix.fill(0, this.goal * this.rows, (this.goal + 1) * this.rows);
    this.force(this.goal, motion.along, this.problem.body.centre);
  }

  private column(upper: number): number {
    this.upper[this.used] = upper;
    return this.used++;
  }

  private row(right: number): number {
    this.right[this.usedRows] = right;
    return this.usedRows++;
  }

  private set(row: number, column: number, value: number): void {
    this.matrix[column * this.rows + row] = value;
    this.height[column] = Math.max(this.height[column]!, row + 1);
  }

  /** Lets a row stay below its right side. */
  private atMost(row: number): void {
    this.slack[row] = this.column(Infinity);
    this.set(row, this.slack[row]!, 1);
  }

  /** Adds a force at a point to a column, as force and moment about the centre of gravity. */
  private force(column: number, f: Point, at: Point): void {
    const {
      matrix,
      rows,
      scaleM,
      problem: {
        body: { centre },
      },
    } = this;
    const [x, y, z] = [
      (at.x - centre.x) / scaleM,
      (at.y - centre.y) / scaleM,
      (at.z - centre.z) / scaleM,
    ];
    const top = column * rows;
    matrix[top]! += f.x;
    matrix[top + 1]! += f.y;
    matrix[top + 2]! += f.z;
    matrix[top + 3]! += y * f.z - z * f.y;
    matrix[top + 4]! += z * f.x - x * f.z;
    matrix[top + 5]! += x * f.y - y * f.x;
  }

  /** Takes a column's force, times a tension that is always there, over to the other side. */
  private always(column: number, tension: number): void {
    if (tension === 0) return;
    for (let k = 0; k < BALANCE_ROWS; k++)
      this.right[k]! -= tension * this.matrix[column * this.rows + k]!;
  }

  /** Feet: generators of the friction pyramid at each corner, facet after facet. */
  private feet(offsetRad: number): void {
    const {
      matrix,
      rows,
      scaleM,
      problem: {
        body: { feet, cone, friction: given, centre },
      },
    } = this;
    const friction =
      cone === 'inscribed' ? given : given / Math.cos(Math.PI / CONE_FACETS.circumscribed);
    const facets = facetsOf(this.problem);
    const directions = Array.from(
      { length: facets },
      (_, k) => offsetRad + (2 * Math.PI * k) / facets,
    );
    const [along, across] = [
      directions.map((phi) => friction * Math.cos(phi)),
      directions.map((phi) => friction * Math.sin(phi)),
    ];
    const places = feet.map(
      (foot) =>
        [
          (foot.x - centre.x) / scaleM,
          (foot.y - centre.y) / scaleM,
          (foot.z - centre.z) / scaleM,
        ] as const,
    );
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

  private board(board: HoldBoard): number[] {
    const row = this.row(Math.min(board.capacityN / this.problem.body.weightN, MOST_FORCE));
    const columns = board.corners.map((corner) => {
      const column = this.column(0);
      this.force(column, PUSH[board.direction], corner);
      this.set(row, column, 1);
      return column;
    });
    this.atMost(row);
    return columns;
  }

  /** A line: a fixed force, one column for one tension, or a column a leg with the rows that tie them together. */
  private line(line: HoldLine): number[] {
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
    for (const [a, b] of [
      [0, 1],
      [1, 0],
    ] as const) {
      // T_a ≤ r·T_b, tensions counted from their least.
      const row = this.row((line.legRatio - 1) * low);
      this.set(row, columns[a]!, 1);
      this.set(row, columns[b]!, -line.legRatio);
      this.atMost(row);
    }
    return columns;
  }
}
