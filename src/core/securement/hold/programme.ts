import type { Point } from '../leg';
import type { Direction } from '../vocabulary';
import type { HoldBoard, HoldBody, HoldLine, HoldProblem } from './problem';
import type { LinearProgramme } from './linear-programme';

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
export const PUSH: Record<Direction, Point> = {
  forward: { x: -1, y: 0, z: 0 },
  rearward: { x: 1, y: 0, z: 0 },
  left: { x: 0, y: -1, z: 0 },
  right: { x: 0, y: 1, z: 0 },
};

/** Boards the load moves toward: from any other it can come away, and that two of them wedge it is credited to nobody. */
export const facing = ({ direction }: HoldBoard, { along }: Motion): boolean =>
  PUSH[direction].x * along.x + PUSH[direction].y * along.y < -1e-9;

/** How far things lie from the centres they turn about: moments are told in parts of it. */
function sizeOf({ bodies, lines, boards, pushes }: HoldProblem): number {
  let size = 0.05;
  const reach = ({ centre }: HoldBody, p: Point): void => {
    size = Math.max(size, Math.hypot(p.x - centre.x, p.y - centre.y, p.z - centre.z));
  };
  for (const body of bodies)
    for (const foot of body.feet) {
      reach(body, foot);
      if (body.on !== null) reach(bodies[body.on]!, foot);
    }
  for (const line of lines) for (const leg of line.legs) reach(bodies[leg.body]!, leg.at);
  for (const board of boards)
    for (const { body, corners } of board.faces)
      for (const corner of corners) reach(bodies[body]!, corner);
  for (const { body, from, corners } of pushes)
    for (const corner of corners) {
      reach(bodies[body]!, corner);
      if (from !== null) reach(bodies[from]!, corner);
    }
  return size;
}

/** Equality rows of force and moment of each body; further rows follow for boards, chocks and stretches that may differ. */
export const BALANCE_ROWS = 6;
/** Forces in parts of the weight beyond this count as unlimited: the programme stays of one size. */
const MOST_FORCE = 1e6;

export const isFree = (line: HoldLine): boolean => line.ratios.some((r) => r > 1);
/** How far the tensions of any two stretches may differ at most. */
export const wholeRatio = ({ ratios }: HoldLine): number => ratios.reduce((a, b) => a * b, 1);
const facetsOfBody = (body: HoldBody): number => (body.friction > 0 ? CONE_FACETS[body.cone] : 1);
/** Facets of the pyramids of a problem: as many as the body with the most has. */
export const facetsOf = ({ bodies }: HoldProblem): number => Math.max(...bodies.map(facetsOfBody));
export const weightOf = ({ bodies }: HoldProblem): number =>
  bodies.reduce((sum, b) => sum + b.weightN, 0);
const limited = (capacityN: number): boolean => capacityN < Infinity;

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
  /** What one body pushes another with. */
  readonly joining: number[] = [];
  readonly scaleM: number;
  readonly weightN: number;
  private used = 0;
  private usedRows: number;
  private readonly facets: number;

  /** Columns of each line that works (not fixed), by place in the list of lines. */
  readonly lineColumns: readonly (readonly number[])[];
  /** Columns with which each board pushes. */
  private readonly boardColumns: readonly (readonly number[])[];
  /** Column of the inertia along the motion. */
  readonly goal: number;

  /** `offsetRad`: how far the first vertex of the friction pyramid lies from forward. */
  constructor(
    readonly problem: HoldProblem,
    offsetRad: number,
  ) {
    const { bodies, boards, pushes, lines } = problem;
    this.weightN = weightOf(problem);
    this.facets = facetsOf(problem);
    const free = lines.filter(isFree);
    const capped = pushes.filter((p) => limited(p.capacityN)).length;
    this.usedRows = BALANCE_ROWS * bodies.length;
    this.rows =
      this.usedRows + boards.length + capped + free.reduce((n, l) => n + 2 * l.ratios.length, 0);
    this.columns =
      bodies.reduce((n, b) => n + b.feet.length * (b.friction > 0 ? this.facets : 1), 0) +
      boards.reduce((n, b) => n + b.faces.reduce((c, f) => c + f.corners.length, 0) + 1, 0) +
      pushes.reduce((n, p) => n + p.corners.length, 0) +
      capped +
      lines.reduce((n, l) => n + (isFree(l) ? 3 * l.ratios.length + 1 : 1), 0) +
      1;
    const [m, n] = [this.rows, this.columns];
    // One array for all of them: making one costs as much as writing hundreds of figures into it.
    const all = new Float64Array(m * n + m + 2 * n);
    this.matrix = all.subarray(0, m * n);
    this.right = all.subarray(m * n, m * n + m);
    this.upper = all.subarray(m * n + m, m * n + m + n).fill(Infinity);
    this.cost = all.subarray(m * n + m + n);
    this.slack = new Array<number>(m).fill(-1);
    this.scaleM = sizeOf(problem);
    bodies.forEach((body, k) => {
      this.right[k * BALANCE_ROWS + 2] = body.weightPart * this.part(body);
      this.feet(k, offsetRad);
    });
    this.boardColumns = boards.map((board) => this.board(board));
    for (const push of pushes) this.push(push);
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
    this.problem.bodies.forEach((body, k) => {
      const part = this.part(body);
      const { x, y, z } = motion.along;
      this.force(this.goal, k, { x: x * part, y: y * part, z: z * part }, body.centre);
    });
  }

  /** A body's part of the whole weight. */
  private part(body: HoldBody): number {
    return this.problem.bodies.length === 1 ? 1 : body.weightN / this.weightN;
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
  }

  /** Lets a row stay below its right side. */
  private atMost(row: number): void {
    this.slack[row] = this.column(Infinity);
    this.set(row, this.slack[row]!, 1);
  }

  /** Adds a force on a body at a point to a column, as force and moment about its centre of gravity. */
  private force(column: number, body: number, f: Point, at: Point): void {
    const { matrix, rows, scaleM, problem } = this;
    const { centre } = problem.bodies[body]!;
    const [x, y, z] = [
      (at.x - centre.x) / scaleM,
      (at.y - centre.y) / scaleM,
      (at.z - centre.z) / scaleM,
    ];
    const first = body * BALANCE_ROWS;
    const top = column * rows + first;
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
    for (let k = 0; k < BALANCE_ROWS * this.problem.bodies.length; k++)
      this.right[k]! -= tension * this.matrix[column * this.rows + k]!;
  }

  /** Feet: generators of the friction pyramid at each corner, facet after facet; what one body stands on is pressed as much. */
  private feet(k: number, offsetRad: number): void {
    const { problem } = this;
    const body = problem.bodies[k]!;
    const { feet, cone, friction: given, centre, on } = body;
    const friction =
      cone === 'inscribed' ? given : given / Math.cos(Math.PI / CONE_FACETS.circumscribed);
    const facets = given > 0 ? this.facets : 1;
    const directions = Array.from(
      { length: facets },
      (_, i) => offsetRad + (2 * Math.PI * i) / facets,
    );
    const [along, across] = [
      directions.map((phi) => friction * Math.cos(phi)),
      directions.map((phi) => friction * Math.sin(phi)),
    ];
    this.presses(k, feet, centre, along, across, 1);
    if (on !== null) this.presses(on, feet, problem.bodies[on]!.centre, along, across, -1);
    this.used += feet.length * facets;
  }

  /** What a body's feet do to a body, itself (1) or the one it stands on (−1), as `force` with (along, across, 1) would say. */
  private presses(
    body: number,
    feet: readonly Point[],
    middle: Point,
    along: readonly number[],
    across: readonly number[],
    sign: 1 | -1,
  ): void {
    const { matrix, rows, scaleM } = this;
    const places = feet.map(
      (foot) =>
        [
          (foot.x - middle.x) / scaleM,
          (foot.y - middle.y) / scaleM,
          (foot.z - middle.z) / scaleM,
        ] as const,
    );
    const first = body * BALANCE_ROWS;
    let column = this.used;
    for (let i = 0; i < along.length; i++) {
      const [fx, fy] = [sign * along[i]!, sign * across[i]!];
      // Half of the programme is written here.
      for (const [x, y, z] of places) {
        const top = column * rows + first;
        matrix[top] = fx;
        matrix[top + 1] = fy;
        matrix[top + 2] = sign;
        matrix[top + 3] = sign * y - z * fy;
        matrix[top + 4] = z * fx - sign * x;
        matrix[top + 5] = x * fy - y * fx;
        column += 1;
      }
    }
  }

  private board(board: HoldBoard): number[] {
    const row = this.row(Math.min(board.capacityN / this.weightN, MOST_FORCE));
    const columns = board.faces.flatMap(({ body, corners }) =>
      corners.map((corner) => {
        const column = this.column(0);
        this.force(column, body, PUSH[board.direction], corner);
        this.set(row, column, 1);
        return column;
      }),
    );
    this.atMost(row);
    return columns;
  }

  /** A push between two bodies, or from something fixed. */
  private push({ body, from, corners, normal, capacityN }: HoldProblem['pushes'][number]): void {
    const row = limited(capacityN)
      ? this.row(Math.min(capacityN / this.weightN, MOST_FORCE))
      : null;
    const back = { x: -normal.x, y: -normal.y, z: -normal.z };
    for (const corner of corners) {
      const column = this.column(Infinity);
      this.force(column, body, normal, corner);
      if (from !== null) {
        this.force(column, from, back, corner);
        this.joining.push(column);
      }
      if (row !== null) this.set(row, column, 1);
    }
    if (row !== null) this.atMost(row);
  }

  /** A line: a fixed force, one column for one tension, or a column a stretch with the rows that tie them together. */
  private line(line: HoldLine): number[] {
    const { weightN } = this;
    const [least, most] = [line.leastN / weightN, Math.min(line.mostN / weightN, MOST_FORCE)];
    if (!isFree(line)) {
      const column = this.column(Math.max(0, most - least));
      for (const leg of line.legs) this.force(column, leg.body, leg.pull, leg.at);
      this.always(column, least);
      return most > least ? [column] : [];
    }
    const low = least / wholeRatio(line);
    const columns = Array.from({ length: line.ratios.length + 1 }, (_, stretch) => {
      const column = this.column(most - low);
      for (const leg of line.legs)
        if (leg.stretch === stretch) this.force(column, leg.body, leg.pull, leg.at);
      this.always(column, low);
      return column;
    });
    line.ratios.forEach((ratio, i) => {
      for (const [a, b] of [
        [i, i + 1],
        [i + 1, i],
      ] as const) {
        // T_a ≤ r·T_b, tensions counted from their least.
        const row = this.row((ratio - 1) * low);
        this.set(row, columns[a]!, 1);
        this.set(row, columns[b]!, -ratio);
        this.atMost(row);
      }
    });
    return columns;
  }
}
