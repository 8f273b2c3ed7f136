import type { Point } from '../leg';
import type { Direction } from '../vocabulary';

/** A rigid body of the load, as it stands before anything moves. Deck coordinates: x forward, y left, z up; m, kg, N. */
export interface DriveBody {
  readonly id: string;
  readonly name: string;
  readonly massKg: number;
  readonly centre: Point;
  /** Moments of inertia about the centre, kg·m², about the axes of the deck: xx, yy, zz, and xy. */
  readonly inertia: readonly [xx: number, yy: number, zz: number, xy: number];
  /** Corners whose movement is watched. */
  readonly corners: readonly Point[];
}

/** A point where something pushes a body, one way, and where friction holds it. */
export interface DriveContact {
  readonly body: number;
  /** The body that pushes; null: the deck, a board, a chock. */
  readonly from: number | null;
  readonly at: Point;
  /** Unit vector of the push on `body`. */
  readonly normal: Point;
  readonly friction: number;
  readonly stiffnessNPerM: number;
  /** What it shares a capacity with: place in `limits`; null: it pushes whatever it must. */
  readonly limit: number | null;
}

/** A board or a chock: what all its contacts together may push. */
export interface DriveLimit {
  readonly name: Direction | 'chock';
  readonly capacityN: number;
}

/** A point of a body, or of the deck where the body is null. */
export interface DriveEnd {
  readonly body: number | null;
  readonly at: Point;
}

/** A straight piece of a line between two of its ends. `part`: its tension as a part of the stretch's. */
export interface DriveSegment {
  readonly from: DriveEnd;
  readonly to: DriveEnd;
  readonly part: number;
}

/** A stretch of a line in which there is one tension. */
export interface DriveStretch {
  readonly segments: readonly DriveSegment[];
  /** EA divided by its length, N/m; 0: its tension stays what it is, whatever moves. */
  readonly stiffnessNPerM: number;
}

export interface DriveLine {
  readonly id: string;
  readonly name: string;
  readonly stretches: readonly DriveStretch[];
  /** How far the tensions of neighbouring stretches may differ: e^{μθ}, above 1. */
  readonly ratios: readonly number[];
  /** Tension it keeps when the load stands still, N. */
  readonly keptN: number;
  /** What it may carry, N. */
  readonly wllN: number;
  /** At which it parts, N; null: nobody knows. */
  readonly breakingN: number | null;
}

/** A load and what holds it, as the test drive sees it. */
export interface DriveModel {
  readonly bodies: readonly DriveBody[];
  readonly contacts: readonly DriveContact[];
  readonly limits: readonly DriveLimit[];
  readonly lines: readonly DriveLine[];
}
