import type { Spot } from './load/outline';

/** Where a line goes when it parts: to both sides of where it points, for its own length. Practice, no source. */
export const ZONE = { halfAngleRad: (15 * Math.PI) / 180 } as const;

/** A place on the deck's plan where nobody stands: a piece of a disc. */
export interface DangerZone {
  readonly at: Spot;
  /** Middle of the piece, from forward to the left; null: all round, the line goes up. */
  readonly towardRad: number | null;
  readonly lengthM: number;
}
