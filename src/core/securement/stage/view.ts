import type { Point } from '../leg';
import type { Spot } from '../load/outline';

/** From where the stage is seen in its elevation; its plan lies above and shares the level axis with it. */
export const STAGE_SIDES = ['rear', 'side'] as const;
export type StageSide = (typeof STAGE_SIDES)[number];

/** A point of a picture: to the right and down, m. */
export interface Flat {
  readonly u: number;
  readonly v: number;
}

/**
 * The deck from above. Beside the view from behind forward is up; beside the view from the left side forward is to the left,
 * so that both pictures share one axis.
 */
export const inPlan = (side: StageSide, { x, y }: Spot): Flat =>
  side === 'rear' ? { u: -y, v: -x } : { u: -x, v: y };

/** Where on the deck a point of the plan lies. */
export const onDeck = (side: StageSide, { u, v }: Flat): Spot =>
  side === 'rear' ? { x: -v, y: -u } : { x: -u, y: v };

/** From behind, or from the left side: heights above the deck go up. */
export const inElevation = (side: StageSide, { x, y, z }: Point): Flat => ({
  u: side === 'rear' ? -y : -x,
  v: -z,
});

/** A step on the picture as a step on the deck; m. */
export const stepOnDeck = onDeck;
