import type { Point } from '../leg';
import type { Direction } from '../vocabulary';
import type { HoldLine, HoldProblem } from './problem';
import {
  BALANCE_ROWS,
  facetsOf,
  facing,
  HoldProgramme,
  isFree,
  type Motion,
  UNLIMITED_G,
} from './programme';
import { type LinearProgramme, Optimiser } from './simplex';

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

/** Work of a line with a tension of 1 in all its legs on the velocity that the multipliers are. */
function workOf(
  line: HoldLine,
  { x: cx, y: cy, z: cz }: Point,
  duals: readonly number[],
  scaleM: number,
): number {
  let work = 0;
  for (const { at, pull: f } of line.legs) {
    const [x, y, z] = [(at.x - cx) / scaleM, (at.y - cy) / scaleM, (at.z - cz) / scaleM];
    work +=
      f.x * duals[0]! +
      f.y * duals[1]! +
      f.z * duals[2]! +
      (y * f.z - z * f.y) * duals[3]! +
      (z * f.x - x * f.z) * duals[4]! +
      (x * f.y - y * f.x) * duals[5]!;
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
  const { weightN, centre } = problem.body;
  const columns = lp.lineColumns[i]!;
  const low = line.leastN / (isFree(line) ? line.legRatio : 1);
  const gain = -workOf(line, centre, duals, lp.scaleM) / weightN;
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
      turned = { lp, atRest: new Optimiser(lp) };
      this.turned.set(key, turned);
    }
    return { ...turned, against: (steps + facets) % facets };
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
    const fromRest = atRest.maximum(against * problem.body.feet.length);
    // What is dragged at rest may still be held by inertia or by a board.
    const solved = fromRest.status === 'infeasible' ? new Optimiser(lp).maximum() : fromRest;
    if (solved.status === 'infeasible') return null;
    if (solved.status === 'unbounded')
      throw new Error('Broken invariant: the acceleration is bounded');
    const { x, duals, value } = solved;
    const { scaleM } = lp;
    const given = value >= UNLIMITED_G - 1e-9;
    const [vx, vy, vz, wx, wy, wz] = duals as readonly number[] as [
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    return {
      heldG: value,
      weightG: vz,
      lines: problem.lines.map((_, i) => linePart(problem, lp, i, x, duals)),
      boards: problem.boards.flatMap((board, k) =>
        facing(board, motion)
          ? [
              {
                direction: board.direction,
                partG: duals[BALANCE_ROWS + k]! * lp.right[BALANCE_ROWS + k]!,
              },
            ]
          : [],
      ),
      twist: given
        ? null
        : {
            velocity: { x: vx, y: vy, z: vz },
            rotation: { x: wx / scaleM, y: wy / scaleM, z: wz / scaleM },
          },
    };
  }
}

/** Limit of one load in one motion. See {@link HoldSearch}. */
export const holdLimit = (problem: HoldProblem, motion: Motion): HoldLimit | null =>
  new HoldSearch(problem).limit(motion);
