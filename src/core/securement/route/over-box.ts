import type { DeckEnd, Point, RouteProblem } from '../leg';
import type { Placed } from '../load/placed';

export type OverRoute =
  /** Where it comes up onto the top and goes down from it, from the first end on. */
  | { readonly problem: null; readonly up: Point; readonly down: Point }
  | { readonly problem: RouteProblem };

/** A ring this far under the side of the load still lets the line hang down that side. Common practice, no source. */
export const TUCK_M = 0.1;
/** A line right at the end of the load still lies on it. */
const END_M = 0.001;

/** One way across the load: `u` across (from b's side to a's), `v` along its edges. */
interface Across {
  readonly uA: number;
  readonly uB: number;
  /** From each anchor up to the top. */
  readonly riseA: number;
  readonly riseB: number;
  readonly vA: number;
  readonly vB: number;
  readonly edgeA: number;
  readonly edgeB: number;
  readonly least: number;
  readonly most: number;
  readonly point: (u: number, v: number) => Point;
}

/** Where the tight line crosses the two upper edges, by unfolding side, top and side into one plane; null: beside the load. */
function crossings(a: Across): readonly [number, number] | null {
  const [first, over, last] = [
    Math.hypot(a.uA - a.edgeA, a.riseA),
    Math.abs(a.edgeA - a.edgeB),
    Math.hypot(a.uB - a.edgeB, a.riseB),
  ];
  const whole = first + over + last;
  const at = (along: number): number => a.vA + ((a.vB - a.vA) * along) / whole;
  const both = [at(first), at(first + over)] as const;
  return both.every((v) => v >= a.least - END_M && v <= a.most + END_M) ? both : null;
}

function routeAcross(a: Across): OverRoute {
  const found = crossings(a);
  return found
    ? { problem: null, up: a.point(a.edgeA, found[0]), down: a.point(a.edgeB, found[1]) }
    : { problem: 'over-beyond-load' };
}

/** The line across from side to side (`y`), or along from end to end (`x`); null: its ends are not on two sides that way. */
function acrossOf(
  way: 'x' | 'y',
  { box, topM }: Placed,
  a: Point,
  b: Point,
): Across | 'tucked' | null {
  const [high, low] = way === 'y' ? [box.left, box.right] : [box.front, box.rear];
  const [least, most] = way === 'y' ? [box.rear, box.front] : [box.right, box.left];
  const middle = (high + low) / 2;
  const [uA, uB] = [a[way], b[way]];
  if ((uA - middle) * (uB - middle) >= 0) return null;
  const [edgeA, edgeB] = uA > uB ? [high, low] : [low, high];
  const outside = (u: number, edge: number): boolean =>
    edge === high ? u >= high - TUCK_M : u <= low + TUCK_M;
  if (!outside(uA, edgeA) || !outside(uB, edgeB)) return 'tucked';
  const along = way === 'y' ? 'x' : 'y';
  const point = (u: number, v: number): Point =>
    way === 'y' ? { x: v, y: u, z: topM } : { x: u, y: v, z: topM };
  const [riseA, riseB] = [topM - a.z, topM - b.z];
  return { uA, uB, riseA, riseB, vA: a[along], vB: b[along], edgeA, edgeB, least, most, point };
}

function isUnder(at: Point, { box }: Placed): boolean {
  return at.x <= box.front && at.x >= box.rear && at.y <= box.left && at.y >= box.right;
}

/**
 * The route of a line over a box: up one side, across the top, down the other, as a tight line lies without friction
 * (straight when the faces are unfolded; exact). Crosswise before lengthwise.
 */
export function overBox(placed: Placed, a: DeckEnd, b: DeckEnd): OverRoute {
  if (a.id === b.id) return { problem: 'over-same-ring' };
  const ways = [acrossOf('y', placed, a.at, b.at), acrossOf('x', placed, a.at, b.at)];
  const open = ways.filter((w): w is Across => w !== null && w !== 'tucked');
  const tried = open.map(routeAcross);
  const under = ways.includes('tucked') && [a, b].some(({ at }) => isUnder(at, placed));
  return (
    tried.find((r) => r.problem === null) ??
    tried[0] ?? { problem: under ? 'over-ring-under-load' : 'over-one-side' }
  );
}
