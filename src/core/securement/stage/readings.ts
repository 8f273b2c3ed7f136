import type { Leg } from '../leg';
import type { Placed } from '../load/placed';
import type { Plan } from '../plan';
import { type Direction, DIRECTIONS } from '../vocabulary';

/** How far it is from a unit to what is next to it on one side. */
export interface Clearance {
  readonly direction: Direction;
  /** Less than nothing: it reaches over the edge. */
  readonly gapM: number;
  /** What is next; null: the edge of the deck. */
  readonly unitId: string | null;
}

const AHEAD: Record<Direction, (box: Placed['box']) => number> = {
  forward: (b) => b.front,
  rearward: (b) => -b.rear,
  left: (b) => b.left,
  right: (b) => -b.right,
};
const BEHIND: Record<Direction, (box: Placed['box']) => number> = {
  forward: (b) => b.rear,
  rearward: (b) => -b.front,
  left: (b) => b.right,
  right: (b) => -b.left,
};

/** Whether two units stand abreast, so that one would meet the other going that way. */
function abreast(a: Placed, b: Placed, direction: Direction): boolean {
  const [p, q] = [a.box, b.box];
  const beside =
    direction === 'forward' || direction === 'rearward'
      ? Math.min(p.left, q.left) - Math.max(p.right, q.right)
      : Math.min(p.front, q.front) - Math.max(p.rear, q.rear);
  return beside > 1e-6 && Math.min(a.topM, b.topM) - Math.max(a.baseM, b.baseM) > 1e-6;
}

/** What is next to a unit on each side, and how far; by the boxes round them. */
export function clearances(
  placed: Placed,
  load: readonly Placed[],
  { lengthM, widthM }: Plan['deck'],
): Clearance[] {
  const edge: Record<Direction, number> = {
    forward: 0,
    rearward: lengthM,
    left: widthM / 2,
    right: widthM / 2,
  };
  return DIRECTIONS.map((direction): Clearance => {
    const from = AHEAD[direction](placed.box);
    const next = load
      .filter((p) => p !== placed && abreast(placed, p, direction))
      .map((p) => ({ unitId: p.unit.id, gapM: BEHIND[direction](p.box) - from }))
      .filter((c) => c.gapM > -1e-6)
      .reduce<{ unitId: string; gapM: number } | null>(
        (a, b) => (a && a.gapM <= b.gapM ? a : b),
        null,
      );
    const toEdge = edge[direction] - from;
    return next && next.gapM <= Math.max(0, toEdge)
      ? { direction, ...next }
      : { direction, unitId: null, gapM: toEdge };
  });
}

/** A leg as it is read off: its angle against the deck and its length. */
export interface LegReading {
  readonly anchorId: string | null;
  readonly alphaRad: number;
  readonly lengthM: number | null;
}

/** The legs of a line as they are read off while it is led. */
export const legReadings = (legs: readonly Leg[]): LegReading[] =>
  legs.map(({ anchorId, sinAlpha, cosAlpha, lengthM }) => ({
    anchorId,
    alphaRad: Math.atan2(sinAlpha, cosAlpha),
    lengthM,
  }));
