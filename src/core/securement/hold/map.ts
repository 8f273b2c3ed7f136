import type { StaticsAsked, StaticsBox } from '../rules/rule-set';
import { type Motion, motionAt, MOTIONS } from './programme';
import { DIRECTIONS } from '../vocabulary';
import { type Mechanism, mechanismOf } from './mechanism';
import { PartStatics, rowsAlone } from './part-statics';
import type { StaticsLoad } from './statics-load';

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

/** What one part of a load holds in one direction; null where a mass or a place is not known. */
function pointOf(part: PartStatics, box: StaticsBox, angleRad: number): MapPoint | null {
  const motion = motionAt(angleRad);
  const { problem, limit } = part.atWorst(box, motion);
  if (problem === null || part.tooUnsure) return null;
  const heldG = limit === null ? null : Math.min(limit.heldG, rowsAlone(part.part, motion));
  const mechanism: Mechanism =
    heldG !== null && heldG < limit!.heldG
      ? {
          kind: 'tips',
          to: motion.along.y > 0 ? 'left' : 'right',
          overBoard: false,
          onlyWeight: true,
        }
      : mechanismOf(problem, limit, motion);
  return { angleRad, heldG, mechanism };
}

/** The hold map of a load at the worst of its unknowns, of several parts the worst; null where a mass is not known. */
export function holdMap(
  load: StaticsLoad,
  asked: StaticsAsked,
  directions = MAP_DIRECTIONS,
): HoldMap | null {
  const boxes = mapBoxes(asked);
  const parts = load.parts.map((part) => new PartStatics(part, asked));
  const points = Array.from({ length: directions }, (_, k): MapPoint | null => {
    const angleRad = (2 * Math.PI * k) / directions;
    const box = boxOf(boxes, motionAt(angleRad));
    const of = parts.map((part) => pointOf(part, box, angleRad));
    return of.some((p) => p === null)
      ? null
      : (of as MapPoint[]).reduce((a, b) =>
          (b.heldG ?? -Infinity) < (a.heldG ?? -Infinity) ? b : a,
        );
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
