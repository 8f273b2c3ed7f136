import type { Point } from '../leg';
import type { Deck } from '../schema';
import type { Outline, Spot } from './outline';
import { within } from './outline';
import type { LoadUnit } from './schema';

/** How far something reaches in the directions of the deck. */
export interface Extent {
  readonly front: number;
  readonly rear: number;
  readonly left: number;
  readonly right: number;
}

/** A unit where it stands: deck coordinates, m. */
export interface Placed {
  readonly unit: LoadUnit;
  /** Height of its foot above the deck, and of its top. */
  readonly baseM: number;
  readonly topM: number;
  readonly middle: Spot;
  /** What it covers as seen from above. */
  readonly outline: Outline;
  readonly box: Extent;
}

/** Corners that stand for the rim of an upright cylinder, one of them in each direction of the deck. */
const RIM_CORNERS = 8;

const turned = ({ x, y }: Spot, rad: number): Spot =>
  rad === 0
    ? { x, y }
    : { x: x * Math.cos(rad) - y * Math.sin(rad), y: x * Math.sin(rad) + y * Math.cos(rad) };

/** Where a point of a unit, seen from its middle before it was turned, lies on the deck. */
export const fromMiddle = (placed: Pick<Placed, 'middle' | 'unit'>, off: Spot): Spot => {
  const { x, y } = turned(off, placed.unit.turnRad);
  return { x: placed.middle.x + x, y: placed.middle.y + y };
};

/** What a unit measures in the directions of the deck, unturned. */
export function extentOf(
  unit: Pick<LoadUnit, 'fromFrontM' | 'lengthM' | 'fromCentreM' | 'widthM'>,
): Extent {
  return {
    front: -unit.fromFrontM,
    rear: -unit.fromFrontM - unit.lengthM,
    left: unit.fromCentreM + unit.widthM / 2,
    right: unit.fromCentreM - unit.widthM / 2,
  };
}

const cornersOf = ({ front, rear, left, right }: Extent): Spot[] => [
  { x: front, y: left },
  { x: rear, y: left },
  { x: rear, y: right },
  { x: front, y: right },
];

function outlineOf(unit: LoadUnit, middle: Spot): Outline {
  if (unit.shape.kind === 'cylinder-upright') {
    const r = unit.lengthM / 2;
    return Array.from({ length: RIM_CORNERS }, (_, k) => {
      const phi = (2 * Math.PI * k) / RIM_CORNERS;
      return { x: middle.x + r * Math.cos(phi), y: middle.y + r * Math.sin(phi) };
    });
  }
  if (unit.turnRad === 0) return cornersOf(extentOf(unit));
  const [l, w] = [unit.lengthM / 2, unit.widthM / 2];
  return [
    { x: l, y: w },
    { x: -l, y: w },
    { x: -l, y: -w },
    { x: l, y: -w },
  ].map((off) => fromMiddle({ middle, unit }, off));
}

const reach = (outline: Outline): Extent => {
  const [xs, ys] = [outline.map((p) => p.x), outline.map((p) => p.y)];
  return {
    front: Math.max(...xs),
    rear: Math.min(...xs),
    left: Math.max(...ys),
    right: Math.min(...ys),
  };
};

function place(unit: LoadUnit, baseM: number): Placed {
  const unturned = extentOf(unit);
  const middle = {
    x: (unturned.front + unturned.rear) / 2,
    y: (unturned.left + unturned.right) / 2,
  };
  const outline = outlineOf(unit, middle);
  return {
    unit,
    baseM,
    topM: baseM + unit.heightM,
    middle,
    outline,
    box: unit.turnRad === 0 ? unturned : reach(outline),
  };
}

/** Units where they stand, in their order. What stands on a unit that is not there stands on the deck. */
export function placeUnits(units: readonly LoadUnit[]): Placed[] {
  const known = new Map<string, Placed>();
  const byId = new Map(units.map((u) => [u.id, u]));
  const at = (unit: LoadUnit, depth: number): Placed => {
    const found = known.get(unit.id);
    if (found) return found;
    const under =
      unit.on.kind === 'unit' && depth < units.length ? byId.get(unit.on.unitId) : undefined;
    const placed = place(unit, under ? at(under, depth + 1).topM : 0);
    known.set(unit.id, placed);
    return placed;
  };
  return units.map((u) => at(u, 0));
}

/** The unit that a unit stands on; null: the deck. */
export const underOf = (placed: Placed, load: readonly Placed[]): Placed | null => {
  const { on } = placed.unit;
  return on.kind === 'unit' ? (load.find((p) => p.unit.id === on.unitId) ?? null) : null;
};

const isRectangle = ({ unit }: Placed): boolean =>
  unit.turnRad === 0 && (unit.shape.kind === 'box' || unit.shape.kind === 'bundle');

const clamp = (v: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, v));

/** Corners of what two rectangles along the deck share. */
function shared(a: Extent, b: Extent): Spot[] {
  const [front, rear] = [clamp(a.front, b.rear, b.front), clamp(a.rear, b.rear, b.front)];
  const [left, right] = [clamp(a.left, b.right, b.left), clamp(a.right, b.right, b.left)];
  if (front - rear < 1e-9 || left - right < 1e-9) return [];
  return [front, rear].flatMap((x) => [left, right].map((y) => ({ x, y })));
}

/** The line along which a lying cylinder stands. */
export function footLine(placed: Placed): readonly [Spot, Spot] {
  const { shape, lengthM, widthM } = placed.unit;
  const along = shape.kind === 'cylinder-lying' && shape.axis === 'width';
  const end = along ? { x: 0, y: widthM / 2 } : { x: lengthM / 2, y: 0 };
  return [fromMiddle(placed, end), fromMiddle(placed, { x: -end.x, y: -end.y })];
}

/** What a top carries: a lying cylinder nothing but the line on its back. */
const carries = (under: Placed): Outline =>
  under.unit.shape.kind === 'cylinder-lying' ? [] : under.outline;

/**
 * Corners of what a unit stands with: the part of its foot that has something under it. None where nothing is under it.
 * @param under what it stands on; null: the deck
 */
export function feetOf(
  placed: Placed,
  under: Placed | null,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
): Point[] {
  const floor: Extent = {
    front: 0,
    rear: -deck.lengthM,
    left: deck.widthM / 2,
    right: -deck.widthM / 2,
  };
  const at = (spots: readonly Spot[]): Point[] =>
    spots.map(({ x, y }) => ({ x, y, z: placed.baseM }));
  if (isRectangle(placed) && (under === null || isRectangle(under)))
    return at(shared(placed.box, under === null ? floor : under.box));
  const window = under === null ? cornersOf(floor) : carries(under);
  if (window.length === 0) return [];
  const lying = placed.unit.shape.kind === 'cylinder-lying';
  const foot = within(lying ? footLine(placed) : placed.outline, window);
  return at(foot.length < (lying ? 2 : 3) ? [] : foot);
}
