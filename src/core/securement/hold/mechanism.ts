import type { Direction } from '../vocabulary';
import type { HoldLimit, Twist } from './limit';
import type { HoldBody, HoldProblem } from './problem';
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
  | { readonly kind: 'rolls'; readonly to: Direction; readonly chocked: boolean }
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

function extents(body: HoldBody): {
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
function swingCentre(body: HoldBody, x: number, y: number): Corner | 'middle' {
  const box = extents(body);
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

const speed = ({ velocity: v, rotation: w }: Twist, size: number): number =>
  Math.hypot(v.x, v.y, v.z) + Math.hypot(w.x, w.y, w.z) * size;
/** A body slower than this part of the fastest is taken to stand. */
const MOVES_PART = 0.05;

/** Which bodies move, and which of them the motion is told of: the fastest of those whose support stands still. */
export function movingBodies(
  { bodies }: HoldProblem,
  { twists }: HoldLimit,
): { readonly moving: readonly number[]; readonly first: number } {
  if (twists === null) return { moving: [], first: 0 };
  const size = (b: HoldBody): number =>
    Math.max(0.1, ...b.feet.map((f) => Math.hypot(f.x - b.centre.x, f.y - b.centre.y)));
  const speeds = bodies.map((b, k) => speed(twists[k]!, size(b)));
  const most = Math.max(...speeds);
  const moving = bodies.flatMap((_, k) => (speeds[k]! > MOVES_PART * most ? [k] : []));
  const footed = moving.filter((k) => {
    const { on } = bodies[k]!;
    return on === null || !moving.includes(on);
  });
  const first = footed.reduce(
    (a, b) => (speeds[b]! > speeds[a]! * (1 + 1e-9) ? b : a),
    footed[0] ?? 0,
  );
  return { moving, first };
}

/**
 * Names the motion in which the load gives way, from the multipliers of the limit: they are the velocities and the
 * rotations of its bodies at the moment it goes (limit analysis, kinematic side; exact up to the naming).
 */
export function mechanismOf(
  problem: HoldProblem,
  limit: HoldLimit | null,
  motion: Motion,
): Mechanism {
  if (limit === null) return { kind: 'dragged' };
  if (limit.twists === null) return { kind: 'stands' };
  if (motion.along.z > 0.5) return { kind: 'lifts' };
  const { first } = movingBodies(problem, limit);
  const body = problem.bodies[first]!;
  // With several bodies velocities are told by how fast this one goes, not by the mean of all.
  const { velocity, rotation } = limit.twists[first]!;
  const pace = problem.bodies.length === 1 ? 1 : paceOf(body, { velocity, rotation }, motion);
  const scaled = (p: typeof velocity): typeof velocity => ({
    x: p.x / pace,
    y: p.y / pace,
    z: p.z / pace,
  });
  const twist = { velocity: scaled(velocity), rotation: scaled(rotation) };
  return body.feet.length < 3
    ? rollingOf(problem, first, limit, motion)
    : motionOf(problem, body, twist, limit);
}

/** How fast a body goes along the motion, or at all where it goes across. */
function paceOf(
  { centre, feet }: HoldBody,
  { velocity: v, rotation: w }: Twist,
  { along }: Motion,
): number {
  const ahead = v.x * along.x + v.y * along.y;
  const size = Math.max(0.1, ...feet.map((f) => Math.hypot(f.x - centre.x, f.y - centre.y)));
  const any = Math.hypot(v.x, v.y, v.z) + size * Math.hypot(w.x, w.y, w.z);
  return ahead > 0.3 * any ? ahead : any || 1;
}

/** What stands on a line rolls across it, or slides along it: whichever way it is pushed the more. */
function rollingOf(
  { bodies, pushes }: HoldProblem,
  first: number,
  limit: HoldLimit,
  { along }: Motion,
): Mechanism {
  const to = towards(along.x, along.y);
  const [a, b] = bodies[first]!.feet;
  const line = a && b ? { x: a.x - b.x, y: a.y - b.y } : { x: 1, y: 0 };
  const lengthwise = Math.abs(along.x * line.x + along.y * line.y) / Math.hypot(line.x, line.y);
  if (lengthwise > Math.SQRT1_2) return { kind: 'slides', to, onlyFriction: bareOf(limit) };
  return {
    kind: 'rolls',
    to,
    chocked: pushes.some((p) => p.body === first && p.from === null),
  };
}

function motionOf(
  problem: HoldProblem,
  body: HoldBody,
  { velocity: v, rotation: w }: Twist,
  limit: HoldLimit,
): Mechanism {
  const { centre, feet } = body;
  const height = Math.max(0.01, centre.z - Math.min(...feet.map((p) => p.z)));
  const bare = bareOf(limit);
  // What turning about a level axis gives the centre of gravity: it stands `height` above the deck.
  const tip = Math.hypot(w.x, w.y) * height;
  const box = extents(body);
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
      round: swingCentre(body, centre.x - v.y / w.z, centre.y + v.x / w.z),
      onlyFriction: bare,
    };
  }
  return { kind: 'slides', to: towards(v.x, v.y), onlyFriction: bare };
}

/** Whether a board with a height of its own stands on the side the load tips to. */
const boardUnder = (problem: HoldProblem, to: Direction): boolean =>
  problem.boards.some(
    (b) =>
      b.direction === to &&
      b.capacityN > 0 &&
      b.faces.some((f) => f.corners.some((c) => c.z > 1e-6)),
  );
