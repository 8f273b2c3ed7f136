import type { Mechanism } from '../hold/mechanism';
import type { StaticsRow } from '../hold/opinion';
import type { Point } from '../leg';
import type { Placed } from '../load/placed';
import { tightest } from '../tightest';
import type { Direction } from '../vocabulary';

/** How something gives way, as it is drawn on it: an arrow it goes along, an edge it tips over, a corner it swings round. */
export interface MotionMark {
  readonly kind: Mechanism['kind'];
  readonly unitId: string;
  /** From where to where it goes; none where it only turns. */
  readonly arrow: readonly [Point, Point] | null;
  /** The edge it tips over. */
  readonly edge: readonly [Point, Point] | null;
  /** What it swings round, and how wide. */
  readonly round: { readonly at: Point; readonly radiusM: number } | null;
}

const TOWARD: Record<Direction, Pick<Point, 'x' | 'y'>> = {
  forward: { x: 1, y: 0 },
  rearward: { x: -1, y: 0 },
  left: { x: 0, y: 1 },
  right: { x: 0, y: -1 },
};

/** Of a unit the side that looks farthest a way, at a height: the two corners of that face of the box round it. */
function faceOf({ box }: Placed, to: Direction, z: number): readonly [Point, Point] {
  const { front, rear, left, right } = box;
  switch (to) {
    case 'forward':
    case 'rearward': {
      const x = to === 'forward' ? front : rear;
      return [
        { x, y: left, z },
        { x, y: right, z },
      ];
    }
    default: {
      const y = to === 'left' ? left : right;
      return [
        { x: front, y, z },
        { x: rear, y, z },
      ];
    }
  }
}

const between = (a: Point, b: Point): Point => ({
  x: (a.x + b.x) / 2,
  y: (a.y + b.y) / 2,
  z: (a.z + b.z) / 2,
});

/** An arrow is so long for its unit, and no shorter, m. */
const ARROW_PART = 0.35;
const LEAST_ARROW_M = 0.25;

function arrowOut(placed: Placed, to: Direction, z: number): readonly [Point, Point] {
  const from = between(...faceOf(placed, to, z));
  const lengthM = Math.max(
    LEAST_ARROW_M,
    ARROW_PART * Math.min(placed.unit.lengthM, placed.unit.widthM),
  );
  const { x, y } = TOWARD[to];
  return [from, { x: from.x + x * lengthM, y: from.y + y * lengthM, z }];
}

/** Where a unit swings round: a corner as it is named, or its middle. */
function pivotOf(placed: Placed, round: Extract<Mechanism, { kind: 'swings' }>['round']): Point {
  const z = placed.baseM;
  if (round === 'middle') return { ...placed.middle, z };
  const [lengthwise, sideways] = round.split('-') as ['front' | 'rear', 'left' | 'right'];
  const { front, rear, left, right } = placed.box;
  const corner = {
    x: lengthwise === 'front' ? front : rear,
    y: sideways === 'left' ? left : right,
  };
  // A turned unit has no corner at the corner of the box round it: the nearest of its own.
  const own = placed.outline.reduce((a, b) =>
    Math.hypot(b.x - corner.x, b.y - corner.y) < Math.hypot(a.x - corner.x, a.y - corner.y) ? b : a,
  );
  return { ...own, z };
}

function markOf(mechanism: Mechanism, placed: Placed): MotionMark | null {
  const none = { unitId: placed.unit.id, arrow: null, edge: null, round: null };
  const [low, middle] = [placed.baseM, (placed.baseM + placed.topM) / 2];
  switch (mechanism.kind) {
    case 'slides':
    case 'rolls':
      return { ...none, kind: mechanism.kind, arrow: arrowOut(placed, mechanism.to, low) };
    case 'tips':
      return {
        ...none,
        kind: 'tips',
        arrow: arrowOut(placed, mechanism.to, placed.topM),
        edge: faceOf(placed, mechanism.to, low),
      };
    case 'swings': {
      const at = pivotOf(placed, mechanism.round);
      const reach = Math.hypot(placed.unit.lengthM, placed.unit.widthM);
      return {
        ...none,
        kind: 'swings',
        round: { at, radiusM: mechanism.round === 'middle' ? reach / 2 : reach * 0.8 },
      };
    }
    case 'lifts': {
      const from = { ...placed.middle, z: placed.topM };
      return { ...none, kind: 'lifts', arrow: [from, { ...from, z: from.z + middle - low }] };
    }
    case 'dragged':
    case 'stands':
      return null;
  }
}

/** How the load of one row gives way, drawn on it; null where nothing moves. */
export function motionOfRow(
  { mechanism, movingIds }: StaticsRow,
  load: readonly Placed[],
): MotionMark | null {
  const placed = load.find((p) => p.unit.id === movingIds[0]);
  return placed && mechanism ? markOf(mechanism, placed) : null;
}

/** What gives way first, where statics do not surely hold; null where they do, where nothing is known, or nothing moves. */
export function motionMark(
  statics: readonly StaticsRow[],
  load: readonly Placed[],
): MotionMark | null {
  const row = tightest(statics);
  if (row === null || row.verdict === 'holds' || row.ruleStands) return null;
  return motionOfRow(row, load);
}
