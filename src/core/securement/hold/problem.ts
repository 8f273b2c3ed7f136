import type { Point } from '../leg';
import type { Direction } from '../vocabulary';

/**
 * The load as statics sees it: one rigid body on one-way contacts, boards that push, lines that pull.
 * Deck coordinates: x forward, y left, z up; m and N.
 */
export interface HoldBody {
  readonly weightN: number;
  /** Part of the weight that stands on the deck meanwhile. */
  readonly weightPart: number;
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
