import type { Point } from '../leg';
import type { Direction } from '../schema';

/**
 * The load as statics sees it: one rigid body on one-way contacts, boards that push, lines that pull.
 * Deck coordinates: x forward, y left, z up; m and N.
 */
export interface HoldBody {
  readonly weightN: number;
  readonly centre: Point;
  /** Corners of what it stands on. */
  readonly feet: readonly Point[];
  readonly friction: number;
  /**
   * The friction pyramid lies inside the cone, so that what is held is never overstated; or round it, so that what is
   * called short surely is.
   */
  readonly cone: 'inscribed' | 'circumscribed';
}

/** A board at one face of the load: pushes against it anywhere between its corners, without friction. */
export interface HoldBoard {
  readonly direction: Direction;
  readonly corners: readonly Point[];
  readonly capacityN: number;
}

/** One leg: where it holds the load, and the unit vector toward its anchor. */
export interface HoldLeg {
  readonly at: Point;
  readonly pull: Point;
}

/**
 * A line with one rope in it: its legs have one tension, or differ by what the edges between them let them
 * (`legRatio` = e^{μθ}; 1: equal). `least` = `most`: a kept tension, which is a force and not a wish.
 */
export interface HoldLine {
  readonly id: string;
  readonly legs: readonly HoldLeg[];
  readonly leastN: number;
  readonly mostN: number;
  readonly legRatio: number;
}

export interface HoldProblem {
  readonly body: HoldBody;
  readonly boards: readonly HoldBoard[];
  readonly lines: readonly HoldLine[];
}

/** Force and moment about the centre of gravity. */
export type Wrench = readonly [fx: number, fy: number, fz: number, mx: number, my: number, mz: number];

/** The wrench of a force at a point, about a centre. */
export function wrenchOf(force: Point, at: Point, centre: Point): Wrench {
  const [x, y, z] = [at.x - centre.x, at.y - centre.y, at.z - centre.z];
  return [force.x, force.y, force.z, y * force.z - z * force.y, z * force.x - x * force.z, x * force.y - y * force.x];
}

/** The wrench of a line with a tension of 1 in all its legs. */
export function lineWrench(line: HoldLine, centre: Point): Wrench {
  const sum = [0, 0, 0, 0, 0, 0];
  for (const leg of line.legs) wrenchOf(leg.pull, leg.at, centre).forEach((v, k) => { sum[k]! += v; });
  return sum as unknown as Wrench;
}
