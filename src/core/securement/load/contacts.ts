import type { Point } from '../leg';
import { areaOf, nearestOn, type Spot, within } from './outline';
import { footLine, fromMiddle, type Placed } from './placed';

/** Two units that stand side against side: what one can push on the other with, without friction. */
export interface SideContact {
  readonly from: string;
  readonly to: string;
  /** Corners of what touches. */
  readonly corners: readonly Point[];
  /** Unit vector of the push on `to`. */
  readonly normal: Point;
}

/** So near two sides touch, and so deep they may seem to lie in each other: measuring on a deck is no finer. */
const TOUCHING_M = 0.01;
const MEASURING_M = 0.02;
/** Less than this of two sides does not push. */
const LEAST_SIDE_M = 0.01;

const isBox = ({ unit }: Placed): boolean =>
  unit.shape.kind === 'box' || unit.shape.kind === 'bundle';
const isUpright = ({ unit }: Placed): boolean => unit.shape.kind === 'cylinder-upright';

/** Heights at which two units stand beside each other; null: one is above the other. */
function besides(a: Placed, b: Placed): readonly [number, number] | null {
  const [low, high] = [Math.max(a.baseM, b.baseM), Math.min(a.topM, b.topM)];
  return high - low > LEAST_SIDE_M ? [low, high] : null;
}

/** A direction of one unit as one of the deck. */
const direction = (placed: Placed, off: Spot): Spot => {
  const at = fromMiddle(placed, off);
  return { x: at.x - placed.middle.x, y: at.y - placed.middle.y };
};

const dot = (a: Spot, b: Spot): number => a.x * b.x + a.y * b.y;

/** How far a unit reaches along a direction, from and to. */
function spanAlong(placed: Placed, along: Spot): readonly [number, number] {
  const reach = placed.outline.map((p) => dot(p, along));
  return [Math.min(...reach), Math.max(...reach)];
}

/** Two boxes turned alike, with a side of one against a side of the other. */
function boxes(a: Placed, b: Placed, heights: readonly [number, number]): SideContact[] {
  const quarter = Math.abs(Math.sin(2 * (a.unit.turnRad - b.unit.turnRad)));
  if (quarter > 1e-6) return [];
  const axes = [direction(a, { x: 1, y: 0 }), direction(a, { x: 0, y: 1 })];
  return axes.flatMap((axis, i): SideContact[] => {
    const other = axes[1 - i]!;
    const [sa, sb] = [spanAlong(a, axis), spanAlong(b, axis)];
    const [oa, ob] = [spanAlong(a, other), spanAlong(b, other)];
    const [from, to] = [Math.max(oa[0], ob[0]), Math.min(oa[1], ob[1])];
    if (to - from < LEAST_SIDE_M) return [];
    const gaps = [
      { gap: sb[0] - sa[1], at: (sb[0] + sa[1]) / 2, sign: 1 },
      { gap: sa[0] - sb[1], at: (sa[0] + sb[1]) / 2, sign: -1 },
    ];
    return gaps
      .filter(({ gap }) => gap <= TOUCHING_M && gap >= -MEASURING_M)
      .map(({ at, sign }) => ({
        from: a.unit.id,
        to: b.unit.id,
        normal: { x: axis.x * sign, y: axis.y * sign, z: 0 },
        corners: [from, to].flatMap((o) =>
          heights.map((z) => ({
            x: axis.x * at + other.x * o,
            y: axis.y * at + other.y * o,
            z,
          })),
        ),
      }));
  });
}

/** An upright cylinder against another, or against whatever has an outline. */
function rim(a: Placed, b: Placed, heights: readonly [number, number]): SideContact[] {
  const [r, rb] = [a.unit.lengthM / 2, isUpright(b) ? b.unit.lengthM / 2 : 0];
  const toward = isUpright(b) ? b.middle : nearestOn(b.outline, a.middle);
  const far = Math.hypot(toward.x - a.middle.x, toward.y - a.middle.y);
  const gap = far - r - rb;
  if (far < 1e-9 || gap > TOUCHING_M || gap < -MEASURING_M) return [];
  const normal = { x: (toward.x - a.middle.x) / far, y: (toward.y - a.middle.y) / far, z: 0 };
  const at = r + gap / 2;
  return [
    {
      from: a.unit.id,
      to: b.unit.id,
      normal,
      corners: heights.map((z) => ({
        x: a.middle.x + normal.x * at,
        y: a.middle.y + normal.y * at,
        z,
      })),
    },
  ];
}

/** A lying cylinder touches what stands beside it at the height of its axis. */
function lying(a: Placed, b: Placed): SideContact[] {
  const axisM = a.baseM + a.unit.heightM / 2;
  const [front, back] = footLine(a);
  const length = Math.hypot(front.x - back.x, front.y - back.y);
  const axis = { x: (front.x - back.x) / length, y: (front.y - back.y) / length };
  const normal = { x: -axis.y, y: axis.x };
  if (axisM < b.baseM || axisM > b.topM) return [];
  if (b.unit.shape.kind === 'cylinder-lying') {
    const [f, k] = footLine(b);
    if (Math.abs((f.x - k.x) * normal.x + (f.y - k.y) * normal.y) > 1e-6) return [];
    if (Math.abs(b.baseM + b.unit.heightM / 2 - axisM) > TOUCHING_M) return [];
  } else if (!isBox(b) || Math.abs(Math.sin(2 * (a.unit.turnRad - b.unit.turnRad))) > 1e-6)
    return [];
  const [sa, sb] = [spanAlong(a, axis), spanAlong(b, axis)];
  const [from, to] = [Math.max(sa[0], sb[0]), Math.min(sa[1], sb[1])];
  if (to - from < LEAST_SIDE_M) return [];
  const [na, nb] = [spanAlong(a, normal), spanAlong(b, normal)];
  return [
    { gap: nb[0] - na[1], at: (nb[0] + na[1]) / 2, sign: 1 },
    { gap: na[0] - nb[1], at: (na[0] + nb[1]) / 2, sign: -1 },
  ]
    .filter(({ gap }) => gap <= TOUCHING_M && gap >= -MEASURING_M)
    .map(({ at, sign }) => ({
      from: a.unit.id,
      to: b.unit.id,
      normal: { x: normal.x * sign, y: normal.y * sign, z: 0 },
      corners: [from, to].map((o) => ({
        x: normal.x * at + axis.x * o,
        y: normal.y * at + axis.y * o,
        z: axisM,
      })),
    }));
}

function between(a: Placed, b: Placed): SideContact[] {
  const heights = besides(a, b);
  if (heights === null) return [];
  if (isBox(a) && isBox(b)) return boxes(a, b, heights);
  if (isUpright(a)) return b.unit.shape.kind === 'cylinder-lying' ? [] : rim(a, b, heights);
  if (isUpright(b)) return a.unit.shape.kind === 'cylinder-lying' ? [] : rim(b, a, heights);
  return a.unit.shape.kind === 'cylinder-lying' ? lying(a, b) : lying(b, a);
}

const pairs = (load: readonly Placed[]): (readonly [Placed, Placed])[] =>
  load.flatMap((a, i) => load.slice(i + 1).map((b) => [a, b] as const));

/**
 * Every two units that stand side against side. Corners that meet a side askew are left out, and that two sides rub on each
 * other is credited to nobody: what is held is never overstated by it.
 */
export const sideContacts = (load: readonly Placed[]): SideContact[] =>
  pairs(load).flatMap(([a, b]) => between(a, b));

/** Pairs of units that would stand in each other, deeper than a deck is measured. */
export function overlapping(load: readonly Placed[]): (readonly [Placed, Placed])[] {
  return pairs(load).filter(([a, b]) => {
    if (Math.min(a.topM, b.topM) - Math.max(a.baseM, b.baseM) <= MEASURING_M) return false;
    const both = within(a.outline, b.outline);
    if (both.length < 3) return false;
    const longest = Math.max(
      ...both.map((p, i) => {
        const q = both[(i + 1) % both.length]!;
        return Math.hypot(p.x - q.x, p.y - q.y);
      }),
    );
    return areaOf(both) > MEASURING_M * longest;
  });
}
