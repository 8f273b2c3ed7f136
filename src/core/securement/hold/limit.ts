import type { Point } from '../leg';
import type { Direction } from '../vocabulary';
import type { HoldBody, HoldLine, HoldProblem } from './problem';
import {
  BALANCE_ROWS,
  facetsOf,
  facing,
  HoldProgramme,
  isFree,
  type Motion,
  UNLIMITED_G,
  wholeRatio,
} from './programme';
import { Climb } from './climb';
import { balances, type LinearProgramme } from './linear-programme';
import { Optimiser, type Solution } from './simplex';

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
  /** How each body gives way; null where nothing does. */
  readonly twists: readonly Twist[] | null;
}

/** Work of a line with a tension of 1 in all its legs on the velocity that the multipliers are. */
function workOf(
  line: HoldLine,
  bodies: readonly HoldBody[],
  duals: readonly number[],
  scaleM: number,
): number {
  let work = 0;
  for (const { body, at, pull: f } of line.legs) {
    const { x: cx, y: cy, z: cz } = bodies[body]!.centre;
    const k = body * BALANCE_ROWS;
    const [x, y, z] = [(at.x - cx) / scaleM, (at.y - cy) / scaleM, (at.z - cz) / scaleM];
    work +=
      f.x * duals[k]! +
      f.y * duals[k + 1]! +
      f.z * duals[k + 2]! +
      (y * f.z - z * f.y) * duals[k + 3]! +
      (z * f.x - x * f.z) * duals[k + 4]! +
      (x * f.y - y * f.x) * duals[k + 5]!;
  }
  return work;
}

function linePart(
  problem: HoldProblem,
  lp: HoldProgramme,
  i: number,
  x: readonly number[],
  duals: readonly number[],
): LinePart {
  const line = problem.lines[i]!;
  const { weightN } = lp;
  const columns = lp.lineColumns[i]!;
  const low = line.leastN / (isFree(line) ? wholeRatio(line) : 1);
  const gain = -workOf(line, problem.bodies, duals, lp.scaleM) / weightN;
  const tensionN =
    low + (columns.length === 0 ? 0 : Math.max(...columns.map((c) => x[c]!)) * weightN);
  // What is fixed counts as it is; what works counts at its limit, if it would help there.
  const above = columns.reduce((sum, c) => {
    let reduced = lp.cost[c]!;
    for (let r = 0; r < lp.rows; r++) reduced -= duals[r]! * lp.matrix[c * lp.rows + r]!;
    return reduced > 1e-12 ? sum + reduced * lp.upper[c]! : sum;
  }, 0);
  return { id: line.id, tensionN, perNewtonG: gain, partG: gain * low + above };
}

/** What the weights on their feet hold by themselves, and what fixes what rubs nowhere: chocks, and bodies that push each other. */
function weightPartG(
  { bodies, boards, pushes }: HoldProblem,
  lp: HoldProgramme,
  duals: readonly number[],
): number {
  const only = bodies.length === 1 && pushes.length === 0;
  if (only) return duals[2]! * bodies[0]!.weightPart;
  const first = BALANCE_ROWS * bodies.length + boards.length;
  const capped = pushes.filter((p) => p.capacityN < Infinity);
  return (
    bodies.reduce(
      (sum, b, k) => sum + (duals[k * BALANCE_ROWS + 2]! * b.weightN * b.weightPart) / lp.weightN,
      0,
    ) + capped.reduce((sum, _, i) => sum + duals[first + i]! * lp.right[first + i]!, 0)
  );
}

function twistOf(duals: readonly number[], body: number, scaleM: number): Twist {
  const [vx, vy, vz, wx, wy, wz] = duals.slice(body * BALANCE_ROWS) as [
    number,
    number,
    number,
    number,
    number,
    number,
  ];
  return {
    velocity: { x: vx, y: vy, z: vz },
    rotation: { x: wx / scaleM, y: wy / scaleM, z: wz / scaleM },
  };
}

/** A programme and the balance at rest from which every motion begins. */
interface Turned {
  readonly lp: HoldProgramme;
  readonly atRest: Optimiser;
}

/**
 * One load, asked for several motions: largest acceleration in g along a motion for which contacts, boards and lines can balance weight and inertia, force
 * and moment: limit analysis of a rigid body as a linear programme.
 *
 * Feet push only, with friction inside a pyramid whose vertex lies against the motion; boards the load moves toward push
 * without friction up to their capacity; a fixed line pulls with what it keeps, a working line with anything up to its
 * limit; the legs of one rope have one tension unless edges between them hold a difference. It is an upper bound on what
 * statics allow, since the lines share as suits them best.
 * What does not depend on the motion is written and brought into balance once.
 * {@link limit} returns null when nothing balances even at rest: the lines' own tension drags the load.
 * Source: statics, limit analysis (exact for the pyramid).
 */
export class HoldSearch {
  private readonly turned = new Map<number, Turned>();

  constructor(readonly problem: HoldProblem) {}

  /** The programme of a motion, and which vertex of its friction pyramid lies against it. */
  private at({ along }: Motion): Turned & { readonly against: number } {
    const facets = facetsOf(this.problem);
    const step = (2 * Math.PI) / facets;
    const turnRad = Math.atan2(-along.y, -along.x);
    const steps = Math.round(turnRad / step);
    const offsetRad = turnRad - steps * step;
    // Motions a whole number of facets apart have the same pyramid.
    const key = Math.round(offsetRad * 1e9);
    let turned = this.turned.get(key);
    if (turned === undefined) {
      const lp = new HoldProgramme(this.problem, offsetRad);
      turned = {
        lp,
        // Of a single body the inverse is small and full.
        atRest:
          this.problem.bodies.length > 1 ? new Optimiser(lp, new Climb(lp)) : new Optimiser(lp),
      };
      this.turned.set(key, turned);
    }
    return { ...turned, against: (steps + facets) % facets };
  }

  /** Of one body a test has shown it over and over; the longer way of several is made sure of each time. */
  private isEven(lp: LinearProgramme, solution: Solution): boolean {
    return (
      this.problem.bodies.length === 1 || solution.status !== 'optimal' || balances(lp, solution.x)
    );
  }

  /** The programme of one motion, for checks with another solver. Its value is the acceleration in g. */
  programme(motion: Motion): LinearProgramme {
    const { lp } = this.at(motion);
    lp.aim(motion);
    return lp;
  }

  limit(motion: Motion): HoldLimit | null {
    const { problem } = this;
    const { lp, atRest, against } = this.at(motion);
    lp.aim(motion);
    const fromRest = atRest.maximum((against * problem.bodies[0]!.feet.length) % lp.columns);
    // What is dragged at rest may still be held by inertia or by a board; and nothing is said to hold on an uneven balance.
    const stands = fromRest.status !== 'infeasible' && this.isEven(lp, fromRest);
    const solved = stands ? fromRest : new Optimiser(lp).maximum();
    if (solved.status === 'infeasible') return null;
    if (solved.status === 'unbounded')
      throw new Error('Broken invariant: the acceleration is bounded');
    const { x, duals, value } = solved;
    const { scaleM } = lp;
    const given = value >= UNLIMITED_G - 1e-9;
    const boardRows = BALANCE_ROWS * problem.bodies.length;
    return {
      heldG: value,
      weightG: weightPartG(problem, lp, duals),
      lines: problem.lines.map((_, i) => linePart(problem, lp, i, x, duals)),
      boards: problem.boards.flatMap((board, k) =>
        facing(board, motion)
          ? [
              {
                direction: board.direction,
                partG: duals[boardRows + k]! * lp.right[boardRows + k]!,
              },
            ]
          : [],
      ),
      twists: given ? null : problem.bodies.map((_, k) => twistOf(duals, k, scaleM)),
    };
  }
}

/** Limit of one load in one motion. See {@link HoldSearch}. */
export const holdLimit = (problem: HoldProblem, motion: Motion): HoldLimit | null =>
  new HoldSearch(problem).limit(motion);
