import type { ElementOf } from '../line/gear';
import type { Cargo, Deck, Direction, Line } from './schema';

/** Deck coordinates: x forward, y left, z up; origin at the middle of the deck's front edge. Metres. */
export interface Point {
  readonly x: number;
  readonly y: number;
  readonly z: number;
}

/** One leg of a line between load and anchor. */
export interface Leg {
  readonly anchorId: string | null;
  readonly lengthM: number | null;
  /** Angle against the deck, as sine and cosine. */
  readonly sinAlpha: number;
  readonly cosAlpha: number;
  /** Horizontal unit vector from load to anchor. */
  readonly forward: number;
  readonly left: number;
  /** Where the leg holds the load; null when only angles are known. */
  readonly at: Point | null;
}

/** A line as geometry sees it. */
export interface LineShape {
  readonly legs: readonly Leg[];
  readonly routeLengthM: number | null;
  /** Runs from one side of the vehicle over the load to the other. */
  readonly crosses: boolean;
}

const UNKNOWN_SHAPE: LineShape = { legs: [], routeLengthM: null, crosses: false };

/** Horizontal unit vector that resists motion in a direction (it points the other way). */
const RESISTS: Record<Direction, readonly [forward: number, left: number]> = {
  forward: [-1, 0], rearward: [1, 0], left: [0, -1], right: [0, 1],
};

function leg(from: Point, to: Point, anchorId: string): Leg {
  const [dx, dy, dz] = [to.x - from.x, to.y - from.y, to.z - from.z];
  const flat = Math.hypot(dx, dy);
  const length = Math.hypot(flat, dz);
  if (length === 0) return { anchorId, lengthM: 0, sinAlpha: 0, cosAlpha: 1, forward: 0, left: 0, at: from };
  return {
    anchorId, lengthM: length, sinAlpha: -dz / length, cosAlpha: flat / length,
    forward: flat > 0 ? dx / flat : 0, left: flat > 0 ? dy / flat : 0, at: from,
  };
}

/** Anchors of a line that stand on the deck, first and last. */
function deckEnds(line: Line, deck: Deck): { id: string; at: Point }[] {
  const ends = line.elements.filter((e): e is ElementOf<'anchor'> => e.kind === 'anchor');
  return ends.flatMap((e) => {
    if (e.at.on !== 'deck') return [];
    const id = e.at.anchorId;
    const found = deck.anchors.find((a) => a.id === id);
    return found ? [{ id, at: { x: -found.fromFrontM, y: found.fromCentreM, z: 0 } }] : [];
  });
}

const within = (value: number, least: number, most: number): number => Math.min(most, Math.max(least, value));

/** Box of the load on the deck. */
export function cargoBox(cargo: Cargo): { front: number; rear: number; left: number; right: number; top: number } {
  return {
    front: -cargo.fromFrontM, rear: -cargo.fromFrontM - cargo.lengthM,
    left: cargo.fromCentreM + cargo.widthM / 2, right: cargo.fromCentreM - cargo.widthM / 2, top: cargo.heightM,
  };
}

/** Over the load: up one side, across the top, down the other; crosswise or lengthwise by where its anchors lie. */
function overShape(cargo: Cargo, a: { id: string; at: Point }, b: { id: string; at: Point }): LineShape {
  const box = cargoBox(cargo);
  const crosswise = (a.at.y - cargo.fromCentreM) * (b.at.y - cargo.fromCentreM) < 0;
  const x = within((a.at.x + b.at.x) / 2, box.rear, box.front);
  const y = within((a.at.y + b.at.y) / 2, box.right, box.left);
  const side = (at: Point): Point =>
    crosswise ? { x, y: at.y > cargo.fromCentreM ? box.left : box.right, z: box.top }
    : { x: at.x > (box.front + box.rear) / 2 ? box.front : box.rear, y, z: box.top };
  const [pa, pb] = [side(a.at), side(b.at)];
  const legs = [leg(pa, a.at, a.id), leg(pb, b.at, b.id)];
  const route = legs.reduce((sum, l) => sum + (l.lengthM ?? 0), Math.hypot(pa.x - pb.x, pa.y - pb.y));
  const lengthwise = Math.max(a.at.x, b.at.x) >= box.front && Math.min(a.at.x, b.at.x) <= box.rear;
  return { legs, routeLengthM: route, crosses: crosswise || lengthwise };
}

function enteredShape(line: Line): LineShape {
  if (line.angle.by !== 'entered') return UNKNOWN_SHAPE;
  const { alphaRad, betaRad, restrains } = line.angle;
  const [f, l] = RESISTS[restrains];
  // β turns the leg in plan away from the direction it restrains, toward the load's left of that direction.
  const one: Leg = {
    anchorId: null, lengthM: null, sinAlpha: Math.sin(alphaRad), cosAlpha: Math.cos(alphaRad),
    forward: f * Math.cos(betaRad) - l * Math.sin(betaRad), left: f * Math.sin(betaRad) + l * Math.cos(betaRad), at: null,
  };
  const other: Leg = line.kind === 'over' ? { ...one, forward: -one.forward, left: -one.left } : one;
  return { legs: line.kind === 'direct' ? [one] : [one, other], routeLengthM: null, crosses: line.kind === 'over' };
}

/**
 * Legs, route length and crossing of a line. Angles come from anchors and load unless they were entered.
 * Too little known (an anchor off the deck, no attachment point): no legs, and the line's effect is unknown.
 */
export function lineShape(line: Line, cargo: Cargo, deck: Deck): LineShape {
  if (line.angle.by === 'entered') return { ...enteredShape(line), routeLengthM: line.routeLengthM };
  const ends = deckEnds(line, deck);
  const withRoute = (shape: LineShape): LineShape => ({ ...shape, routeLengthM: line.routeLengthM ?? shape.routeLengthM });
  if (line.kind === 'over') return ends.length === 2 ? withRoute(overShape(cargo, ends[0]!, ends[1]!)) : withRoute(UNKNOWN_SHAPE);
  if (!line.attach || ends.length === 0) return withRoute(UNKNOWN_SHAPE);
  const held: Point = { x: -line.attach.fromFrontM, y: line.attach.fromCentreM, z: line.attach.heightM };
  const legs = ends.slice(0, line.kind === 'loop' ? 2 : 1).map((end) => leg(held, end.at, end.id));
  return withRoute({ legs, routeLengthM: legs.reduce((sum, l) => sum + (l.lengthM ?? 0), 0), crosses: false });
}

/**
 * How many times one line's tension an anchor bears when several lines pull on it: the largest vector sum of unit
 * tensions over any subset of the lines there (a subset, because a line may be slack). At least 1.
 */
export function anchorSharing(shapes: readonly LineShape[]): Map<string, number> {
  const pulls = new Map<string, [number, number, number][]>();
  for (const l of shapes.flatMap((s) => s.legs)) {
    if (l.anchorId === null) continue;
    const list = pulls.get(l.anchorId) ?? [];
    list.push([l.forward * l.cosAlpha, l.left * l.cosAlpha, -l.sinAlpha]);
    pulls.set(l.anchorId, list);
  }
  return new Map([...pulls].map(([id, vectors]) => [id, largestSubsetSum(vectors)]));
}

/** Beyond this many lines on one anchor the arithmetic sum is taken: never less than the vector sum. */
const SUBSET_LIMIT = 12;

function largestSubsetSum(vectors: readonly [number, number, number][]): number {
  if (vectors.length > SUBSET_LIMIT) return vectors.length;
  let largest = 1;
  for (let mask = 1; mask < 1 << vectors.length; mask++) {
    const sum = [0, 0, 0];
    vectors.forEach((v, i) => { if (mask & (1 << i)) v.forEach((c, k) => { sum[k]! += c; }); });
    largest = Math.max(largest, Math.hypot(...sum));
  }
  return largest;
}
