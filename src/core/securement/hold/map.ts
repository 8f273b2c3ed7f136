import type { Plan } from '../plan';
import type { RuleInput, StaticsAsked, StaticsBox } from '../rules/rule-set';
import { type Motion, motionAt, MOTIONS } from './programme';
import { DIRECTIONS } from '../vocabulary';
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

/** The boxes whose strength is the lines' own working limit: what is shown is what may be used. */
export const mapBoxes = ({ boxes }: StaticsAsked): readonly StaticsBox[] => {
  const working = boxes.filter((b) => b.strength === 'working');
  return working.length > 0 ? working : boxes.slice(0, 1);
};

/** What is asked by several boxes together. */
const askedOf = (boxes: readonly StaticsBox[]): StaticsBox['requiredG'] =>
  Object.fromEntries(
    DIRECTIONS.map((d) => [d, Math.max(...boxes.map((b) => b.requiredG[d]))]),
  ) as StaticsBox['requiredG'];

/**
 * The box that a direction of the map is looked at by: one that asks for just this direction, and between the named
 * directions the one with the least weight on the deck, so that the map never says too much.
 */
function boxOf(boxes: readonly StaticsBox[], { along }: Motion): StaticsBox {
  const named = DIRECTIONS.find(
    (d) => MOTIONS[d].along.x * along.x + MOTIONS[d].along.y * along.y > 1 - 1e-9,
  );
  return (
    (named && boxes.find((b) => b.requiredG[named] > 0)) ??
    boxes.reduce((a, b) => ((b.weightPart ?? 1) < (a.weightPart ?? 1) ? b : a))
  );
}

/** The hold map of a plan at the worst of its unknowns; null where mass or place is not known. */
export function holdMap(
  input: RuleInput,
  deck: Plan['deck'],
  asked: StaticsAsked,
  directions = MAP_DIRECTIONS,
): HoldMap | null {
  const boxes = mapBoxes(asked);
  const statics = new Statics(input, deck, asked);
  const points = Array.from({ length: directions }, (_, k): MapPoint | null => {
    const angleRad = (2 * Math.PI * k) / directions;
    const motion = motionAt(angleRad);
    const { problem, limit } = statics.atWorst(boxOf(boxes, motion), motion);
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
        required: askedOf(boxes),
        strength: boxes[0]!.strength,
        oneOfSeveral: boxes.length < asked.boxes.length,
      };
}
