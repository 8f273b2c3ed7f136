/** Deck coordinates: x forward, y left, z up; origin at the middle of the deck's front edge. Metres. */
export interface Point {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** One leg of a line between load and anchor, or between two units of the load. */
export interface Leg {
  readonly anchorId: string | null;
  readonly lengthM: number | null;
  /** Angle against the deck, as sine and cosine. */
  readonly sinAlpha: number;
  readonly cosAlpha: number;
  /** Horizontal unit vector along it, away from what it holds. */
  readonly forward: number;
  readonly left: number;
  /** Where the leg holds the load; null when only angles are known. */
  readonly at: Point | null;
  /** Its tension as a part of the line's; left out: the whole. Less behind hooks that the rope was hauled over. */
  readonly part?: number;
}

/** What a leg presses down and pulls along, for a tension of 1 in the line. */
export const downPart = (leg: Leg): number => (leg.part ?? 1) * leg.sinAlpha;
export const flatPart = (leg: Leg): number => (leg.part ?? 1) * leg.cosAlpha;

/** An anchor of the deck that a line ends at. */
export interface DeckEnd {
  readonly id: string;
  readonly at: Point;
}

/** Why a line's route says nothing, or says that it does not hold the load. */
export type RouteProblem =
  | 'line-not-placed'
  | 'lean-unknown'
  | 'over-same-ring'
  | 'over-beyond-load'
  | 'over-one-side'
  | 'over-ring-under-load'
  | 'attached-outside-load'
  | 'direct-not-at-load'
  | 'round-askew'
  | 'route-leaves-load'
  | 'line-holds-nothing'
  | 'angle-of-several'
  | 'hooks-not-over';

/** The leg from a point of the load to an anchor, or to another place. */
export function legTo(from: Point, end: { readonly id: string | null; readonly at: Point }): Leg {
  const [dx, dy, dz] = [end.at.x - from.x, end.at.y - from.y, end.at.z - from.z];
  const flat = Math.hypot(dx, dy);
  const length = Math.hypot(flat, dz);
  const anchorId = end.id;
  if (length === 0)
    return { anchorId, lengthM: 0, sinAlpha: 0, cosAlpha: 1, forward: 0, left: 0, at: from };
  return {
    anchorId,
    lengthM: length,
    sinAlpha: -dz / length,
    cosAlpha: flat / length,
    forward: flat > 0 ? dx / flat : 0,
    left: flat > 0 ? dy / flat : 0,
    at: from,
  };
}

/** Where a leg ends that is not the load's; null where only its angles are known. */
export function farEnd({ at, lengthM, forward, left, cosAlpha, sinAlpha }: Leg): Point | null {
  if (at === null || lengthM === null) return null;
  return {
    x: at.x + forward * cosAlpha * lengthM,
    y: at.y + left * cosAlpha * lengthM,
    z: at.z - sinAlpha * lengthM,
  };
}

/** A leg's pull on the load for a tension of 1 in the line. */
export const pullOf = (leg: Leg): Point => ({
  x: leg.forward * flatPart(leg),
  y: leg.left * flatPart(leg),
  z: -downPart(leg),
});
