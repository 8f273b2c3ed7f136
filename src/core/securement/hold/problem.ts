import type { Point } from '../leg';
import type { Direction } from '../vocabulary';

/**
 * The load as statics sees it: rigid bodies on one-way contacts, boards that push, lines that pull.
 * Deck coordinates: x forward, y left, z up; m and N. Bodies are named by their place in the list.
 */
export interface HoldBody {
  readonly weightN: number;
  /** Part of the weight that stands on the deck meanwhile. */
  readonly weightPart: number;
  readonly centre: Point;
  /** Corners of what it stands on. */
  readonly feet: readonly Point[];
  /** The body it stands on; null: the deck. */
  readonly on: number | null;
  readonly friction: number;
  /**
   * The friction pyramid lies inside the cone, so that what is held is never overstated; or round it, so that what is
   * called short surely is.
   */
  readonly cone: 'inscribed' | 'circumscribed';
}

/** A board at faces of the load: pushes against them anywhere between their corners, without friction, up to its capacity in all. */
export interface HoldBoard {
  readonly direction: Direction;
  readonly faces: readonly { readonly body: number; readonly corners: readonly Point[] }[];
  readonly capacityN: number;
}

/** What pushes one body off another, or off something fixed to the deck, without friction. */
export interface HoldPush {
  /** The body that is pushed, and the one that pushes; null: something fixed to the deck. */
  readonly body: number;
  readonly from: number | null;
  readonly corners: readonly Point[];
  /** Unit vector of the push on `body`. */
  readonly normal: Point;
  readonly capacityN: number;
}

/** One leg: where it holds a body, the unit vector along it, and which stretch of its line it is. */
export interface HoldLeg {
  readonly body: number;
  readonly at: Point;
  readonly pull: Point;
  readonly stretch: number;
}

/**
 * A line with one rope in it: its stretches have one tension, or differ from one to the next by what the edges between
 * them let them (`ratios`: e^{μθ}; 1: equal). `least` = `most`: a kept tension, which is a force and not a wish.
 */
export interface HoldLine {
  readonly id: string;
  readonly legs: readonly HoldLeg[];
  readonly leastN: number;
  readonly mostN: number;
  readonly ratios: readonly number[];
}

export interface HoldProblem {
  readonly bodies: readonly HoldBody[];
  readonly boards: readonly HoldBoard[];
  readonly pushes: readonly HoldPush[];
  readonly lines: readonly HoldLine[];
}
