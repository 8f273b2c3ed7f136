import type { Plan } from '../plan';
import type { RuleInput, StaticsAsked, StaticsBox } from '../rules/rule-set';
import { motionAt } from './programme';
import { type Mechanism, mechanismOf } from './mechanism';
import { rowAlone, Statics } from './opinion';

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
  /** Up to which strength the lines work, and whether the set asks at another too. */
  readonly strength: StaticsBox['strength'];
  readonly oneOfSeveral: boolean;
}

/** The box whose strength is the lines' own working limit: what is shown is what may be used. */
export const mapBox = (asked: StaticsAsked): StaticsBox =>
  asked.boxes.find((b) => b.strength === 'working') ?? asked.boxes[0]!;

/** The hold map of a plan at the worst of its unknowns; null where mass or place is not known. */
export function holdMap(
  input: RuleInput,
  deck: Plan['deck'],
  asked: StaticsAsked,
  directions = MAP_DIRECTIONS,
): HoldMap | null {
  const box = mapBox(asked);
  const statics = new Statics(input, deck, asked);
  const points = Array.from({ length: directions }, (_, k): MapPoint | null => {
    const angleRad = (2 * Math.PI * k) / directions;
    const motion = motionAt(angleRad);
    const { problem, limit } = statics.atWorst(box, motion);
    if (problem === null) return null;
    const heldG = limit === null ? null : Math.min(limit.heldG, rowAlone(input, motion));
    const mechanism = mechanismOf(problem, limit, motion);
    return {
      angleRad,
      heldG,
      mechanism:
        heldG !== null && heldG < limit!.heldG
          ? {
              kind: 'tips',
              to: motion.along.y > 0 ? 'left' : 'right',
              overBoard: false,
              onlyWeight: true,
            }
          : mechanism,
    };
  });
  return points.some((p) => p === null)
    ? null
    : {
        points: points as MapPoint[],
        required: box.requiredG,
        strength: box.strength,
        oneOfSeveral: asked.boxes.length > 1,
      };
}
