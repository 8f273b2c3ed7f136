import { cargoBox, type DeckEnd, type Leg, legTo, type Point, type RouteProblem } from './leg';
import type { Cargo } from './schema';

export type OverRoute =
  | { readonly problem: null; readonly legs: readonly Leg[]; readonly routeLengthM: number }
  | { readonly problem: RouteProblem };

/** A ring this far under the side of the load still lets the line hang down that side. Common practice, no source. */
const TUCK_M = 0.1;
/** A line right at the end of the load still lies on it. */
const END_M = 0.001;

/** One way across the load: `u` across (from b's side to a's), `v` along its edges. */
interface Across {
  readonly uA: number;
  readonly uB: number;
  readonly vA: number;
  readonly vB: number;
  readonly edgeA: number;
  readonly edgeB: number;
  readonly least: number;
  readonly most: number;
  readonly point: (u: number, v: number) => Point;
}

/** Where the tight line crosses the two upper edges, by unfolding side, top and side into one plane; null: beside the load. */
function crossings(a: Across, top: number): readonly [number, number] | null {
  const rise = (u: number, edge: number): number => Math.hypot(u - edge, top);
  const [first, over, last] = [
    rise(a.uA, a.edgeA),
    Math.abs(a.edgeA - a.edgeB),
    rise(a.uB, a.edgeB),
  ];
  const whole = first + over + last;
  const at = (along: number): number => a.vA + ((a.vB - a.vA) * along) / whole;
  const both = [at(first), at(first + over)] as const;
  return both.every((v) => v >= a.least - END_M && v <= a.most + END_M) ? both : null;
}

function routeAcross(a: Across, ends: readonly [DeckEnd, DeckEnd], top: number): OverRoute {
  const found = crossings(a, top);
  if (!found) return { problem: 'over-beyond-load' };
  const [pa, pb] = [a.point(a.edgeA, found[0]), a.point(a.edgeB, found[1])];
  const legs = [legTo(pa, ends[0]), legTo(pb, ends[1])];
  return {
    problem: null,
    legs,
    routeLengthM: legs[0]!.lengthM! + legs[1]!.lengthM! + Math.hypot(pa.x - pb.x, pa.y - pb.y),
  };
}

/** The line across from side to side (`y`), or along from end to end (`x`); null: its ends are not on two sides that way. */
function acrossOf(way: 'x' | 'y', cargo: Cargo, a: Point, b: Point): Across | 'tucked' | null {
  const box = cargoBox(cargo);
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
    way === 'y' ? { x: v, y: u, z: box.top } : { x: u, y: v, z: box.top };
  return { uA, uB, vA: a[along], vB: b[along], edgeA, edgeB, least, most, point };
}

function isUnder(at: Point, cargo: Cargo): boolean {
  const box = cargoBox(cargo);
  return at.x <= box.front && at.x >= box.rear && at.y <= box.left && at.y >= box.right;
}

/**
 * The route of a line over a box: up one side, across the top, down the other, as a tight line lies without friction
 * (straight when the faces are unfolded; exact). Crosswise before lengthwise.
 */
export function overRoute(cargo: Cargo, a: DeckEnd, b: DeckEnd): OverRoute {
  if (a.id === b.id) return { problem: 'over-same-ring' };
  const ways = [acrossOf('y', cargo, a.at, b.at), acrossOf('x', cargo, a.at, b.at)];
  const open = ways.filter((w): w is Across => w !== null && w !== 'tucked');
  const tried = open.map((w) => routeAcross(w, [a, b], cargo.heightM));
  const under = ways.includes('tucked') && [a, b].some(({ at }) => isUnder(at, cargo));
  return (
    tried.find((r) => r.problem === null) ??
    tried[0] ?? { problem: under ? 'over-ring-under-load' : 'over-one-side' }
  );
}
