import type { Direction } from '../vocabulary';
import type { HoldLimit } from './limit';
import type { HoldProblem } from './problem';
import type { Motion } from './programme';

/** Where on the load something lies, seen in plan. */
export type Side = 'front' | 'rear' | 'left' | 'right';
export type Corner = 'front-left' | 'front-right' | 'rear-left' | 'rear-right';

/** How the load gives way. `onlyFriction`: no line and no board does anything against it. */
export type Mechanism =
  | { readonly kind: 'slides'; readonly to: Direction; readonly onlyFriction: boolean }
  | {
      readonly kind: 'tips';
      readonly to: Direction;
      readonly overBoard: boolean;
      readonly onlyWeight: boolean;
    }
  | { readonly kind: 'swings'; readonly round: Corner | 'middle'; readonly onlyFriction: boolean }
  | { readonly kind: 'lifts' }
  /** Its own lines drag it before anything moves. */
  | { readonly kind: 'dragged' }
  | { readonly kind: 'stands' };

/** Parts of the motion of the centre of gravity that count as the mechanism. */
const MAIN_PART = 0.5;

function towards(x: number, y: number): Direction {
  return Math.abs(x) >= Math.abs(y) ? (x >= 0 ? 'forward' : 'rearward') : y >= 0 ? 'left' : 'right';
}

function extents({ body }: HoldProblem): {
  front: number;
  rear: number;
  left: number;
  right: number;
} {
  const [xs, ys] = [body.feet.map((p) => p.x), body.feet.map((p) => p.y)];
  return {
    front: Math.max(...xs),
    rear: Math.min(...xs),
    left: Math.max(...ys),
    right: Math.min(...ys),
  };
}

/** The corner nearest to where the load swings round, or its middle. */
function swingCentre(problem: HoldProblem, x: number, y: number): Corner | 'middle' {
  const box = extents(problem);
  const [cx, cy] = [(box.front + box.rear) / 2, (box.left + box.right) / 2];
  const [dx, dy] = [
    (x - cx) / Math.max(1e-9, box.front - box.rear),
    (y - cy) / Math.max(1e-9, box.left - box.right),
  ];
  if (Math.abs(dx) < 0.2 && Math.abs(dy) < 0.2) return 'middle';
  return `${dx >= 0 ? 'front' : 'rear'}-${dy >= 0 ? 'left' : 'right'}`;
}

const NOTHING_G = 1e-6;
/** Whether lines and boards together add nothing worth a word. */
const bareOf = (limit: HoldLimit): boolean =>
  [...limit.lines, ...limit.boards].reduce((sum, part) => sum + Math.max(0, part.partG), 0) <
  NOTHING_G;

/**
 * Names the motion in which the load gives way, from the multipliers of the limit: they are its velocity and its
 * rotation at the moment it goes (limit analysis, kinematic side; exact up to the naming).
 */
export function mechanismOf(
  problem: HoldProblem,
  limit: HoldLimit | null,
  motion: Motion,
): Mechanism {
  if (limit === null) return { kind: 'dragged' };
  if (limit.twist === null) return { kind: 'stands' };
  if (motion.along.z > 0.5) return { kind: 'lifts' };
  const { velocity: v, rotation: w } = limit.twist;
  const { centre, feet } = problem.body;
  const height = Math.max(0.01, centre.z - Math.min(...feet.map((p) => p.z)));
  const bare = bareOf(limit);
  // What turning about a level axis gives the centre of gravity: it stands `height` above the deck.
  const tip = Math.hypot(w.x, w.y) * height;
  const box = extents(problem);
  const yaw = (Math.abs(w.z) * Math.hypot(box.front - box.rear, box.left - box.right)) / 2;
  const slide = Math.hypot(v.x - w.y * height, v.y + w.x * height);
  if (tip > MAIN_PART && tip >= yaw) {
    const to = towards(w.y, -w.x);
    const overBoard = boardUnder(problem, to);
    return { kind: 'tips', to, overBoard, onlyWeight: bare && !overBoard };
  }
  if (yaw > MAIN_PART * Math.max(slide, MAIN_PART)) {
    return {
      kind: 'swings',
      round: swingCentre(problem, centre.x - v.y / w.z, centre.y + v.x / w.z),
      onlyFriction: bare,
    };
  }
  return { kind: 'slides', to: towards(v.x, v.y), onlyFriction: bare };
}

/** Whether a board with a height of its own stands on the side the load tips to. */
const boardUnder = (problem: HoldProblem, to: Direction): boolean =>
  problem.boards.some(
    (b) => b.direction === to && b.capacityN > 0 && b.corners.some((c) => c.z > 1e-6),
  );
