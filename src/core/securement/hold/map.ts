import type { Plan } from '../../exchange/plan';
import type { RuleInput, StaticsAsked, StaticsBox } from '../rules/rule-set';
import { holdLimit, motionAt } from './limit';
import { holdProblem } from './load-model';
import { type Mechanism, mechanismOf } from './mechanism';

/** Directions of the map, counted from forward to the left. */
export const MAP_DIRECTIONS = 16;

/** What is held in one direction. */
export interface MapPoint {
  readonly angleRad: number;
  /** Null: the load is dragged by its own lines before it is pushed. */
  readonly heldG: number | null;
  readonly mechanism: Mechanism;
}

/** What is held round the compass, against what is asked. */
export interface HoldMap {
  readonly points: readonly MapPoint[];
  /** Corners of what is asked; what lies between them is held when they are, because what is held is convex. */
  readonly required: StaticsBox['requiredG'];
  readonly boxId: string;
}

/** The box whose strength is the lines' own working limit: what is shown is what may be used. */
export const mapBox = (asked: StaticsAsked): StaticsBox => asked.boxes.find((b) => b.strength === 'working') ?? asked.boxes[0]!;

/** The hold map of a plan at the worst of its unknowns; null where mass or place is not known. */
export function holdMap(input: RuleInput, deck: Plan['deck'], asked: StaticsAsked, directions = MAP_DIRECTIONS): HoldMap | null {
  const box = mapBox(asked);
  const problem = holdProblem(input, deck, box, { end: 'worst', present: true, cone: 'inscribed' });
  if (problem === null) return null;
  const points = Array.from({ length: directions }, (_, k): MapPoint => {
    const angleRad = (2 * Math.PI * k) / directions;
    const motion = motionAt(angleRad);
    const limit = holdLimit(problem, motion);
    return { angleRad, heldG: limit?.heldG ?? null, mechanism: mechanismOf(problem, limit, motion) };
  });
  return { points, required: box.requiredG, boxId: box.id };
}
