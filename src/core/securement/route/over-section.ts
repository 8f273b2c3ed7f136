import type { DeckEnd, Point, RouteProblem } from '../leg';
import { chordOf, contains, type Spot } from '../load/outline';
import { footLine, type Placed } from '../load/placed';
import { TUCK_M } from './over-box';
import type { Touch } from './path';

/** A place in the upright plane of a line: along it from the first end, and up; m. */
interface InPlane {
  readonly s: number;
  readonly z: number;
}

/** What a line can lie on in its plane: a corner (r = 0), or the back of a cylinder. */
interface Round extends InPlane {
  readonly r: number;
  readonly unitId: string | null;
}

/** Nearer than this two corners are one. */
const SAME_M = 1e-9;
/** Angles nearer than this are one: of things in one straight line the farthest is taken. */
const SAME_RAD = 1e-12;
/** A cylinder is crossed straight when it is not further off than this. */
const STRAIGHT = 1e-6;

/** Direction of the tight line from one round thing to the next, along their upper sides. */
const tangent = (a: Round, b: Round): number =>
  Math.atan2(b.z - a.z, b.s - a.s) - Math.asin((a.r - b.r) / Math.hypot(b.s - a.s, b.z - a.z));

const onRound = ({ s, z, r }: Round, rad: number): InPlane => ({
  s: s - r * Math.sin(rad),
  z: z + r * Math.cos(rad),
});

/** Where a line lies on a thing: where it comes on, where it leaves, and how long it lies there. */
interface Lies {
  readonly unitId: string;
  readonly on: InPlane;
  readonly off: InPlane;
  readonly lengthM: number;
}

/** A tight line over round things in a plane: from the first end always to what stands highest as seen from there. */
function tight(first: Round, things: readonly Round[], last: Round): Lies[] {
  const left = new Set([...things, last]);
  const lies: Lies[] = [];
  for (let now = first, came = Math.PI; now !== last;) {
    // What lies in the same place or behind has been passed: the way only ever turns downward.
    const seen = [...left]
      .filter((next) => Math.hypot(next.s - now.s, next.z - now.z) > SAME_M)
      .map((next) => ({ next, rad: tangent(now, next) }))
      .filter((x) => x.rad <= came + SAME_RAD);
    const most = Math.max(...seen.map((x) => x.rad));
    const { next, rad } = seen
      .filter((x) => x.rad > most - SAME_RAD)
      .reduce((x, y) => (y.next.s > x.next.s ? y : x));
    if (now.unitId !== null)
      lies.push({
        unitId: now.unitId,
        on: onRound(now, came),
        off: onRound(now, rad),
        lengthM: now.r * (came - rad),
      });
    left.delete(next);
    now = next;
    came = rad;
  }
  return lies;
}

/** Where the upright plane of a line enters a unit and leaves it; of an upright cylinder its rim, not the corners that stand for it. */
function crossing(placed: Placed, from: Spot, along: Spot): readonly [number, number] | null {
  if (placed.unit.shape.kind !== 'cylinder-upright') return chordOf(placed.outline, from, along);
  const [dx, dy] = [placed.middle.x - from.x, placed.middle.y - from.y];
  const [ahead, beside] = [dx * along.x + dy * along.y, dx * along.y - dy * along.x];
  const r = placed.unit.lengthM / 2;
  const half = Math.sqrt(Math.max(0, r * r - beside * beside));
  return half > SAME_M ? [ahead - half, ahead + half] : null;
}

/** So near the middle of its back a line stays on a cylinder that it runs along. Common practice, no source. */
const ON_RIDGE_M = 0.02;
const offLineM = (p: Spot, from: Spot, along: Spot): number =>
  Math.abs((p.x - from.x) * along.y - (p.y - from.y) * along.x);

/** What a unit offers a line in its plane; a problem where it offers nothing. */
function thingsOf(
  placed: Placed,
  from: Spot,
  along: Spot,
  endM: number,
): readonly Round[] | RouteProblem {
  const chord = crossing(placed, from, along);
  if (chord === null) return 'over-beyond-load';
  if (chord[0] < -TUCK_M || chord[1] > endM + TUCK_M) return 'over-one-side';
  const { id: unitId, shape, heightM } = placed.unit;
  if (shape.kind !== 'cylinder-lying')
    return chord.map((s) => ({ s, z: placed.topM, r: 0, unitId }));
  const [a, b] = footLine(placed);
  const askew =
    Math.abs((a.x - b.x) * along.x + (a.y - b.y) * along.y) / Math.hypot(a.x - b.x, a.y - b.y);
  // Along its back it lies as on a ridge, if it lies on the ridge.
  if (1 - askew < STRAIGHT && offLineM(a, from, along) < ON_RIDGE_M)
    return chord.map((s) => ({ s, z: placed.topM, r: 0, unitId }));
  if (askew > STRAIGHT) return 'round-askew';
  const r = heightM / 2;
  return [{ s: (chord[0] + chord[1]) / 2, z: placed.baseM + r, r, unitId }];
}

/**
 * A line from one end to the other over several units, or over one that is no box along the deck: tight in the upright
 * plane through both ends, as friction keeps it where it was laid. Exact for corners and for cylinders crossed straight.
 */
export function overSection(
  over: readonly Placed[],
  a: DeckEnd,
  b: DeckEnd,
): { readonly problem: RouteProblem } | { readonly problem: null; readonly touches: Touch[] } {
  if (a.id === b.id) return { problem: 'over-same-ring' };
  const endM = Math.hypot(b.at.x - a.at.x, b.at.y - a.at.y);
  if (endM < 1e-6) return { problem: 'over-one-side' };
  const along = { x: (b.at.x - a.at.x) / endM, y: (b.at.y - a.at.y) / endM };
  const found = over.map((placed) => thingsOf(placed, a.at, along, endM));
  const problem = found.find((f): f is RouteProblem => typeof f === 'string');
  if (problem) {
    const under = over.some((p) => [a, b].some((end) => contains(p.outline, end.at)));
    return { problem: problem === 'over-one-side' && under ? 'over-ring-under-load' : problem };
  }
  const end = (s: number, z: number): Round => ({ s, z, r: 0, unitId: null });
  const lies = tight(end(0, a.at.z), (found as Round[][]).flat(), end(endM, b.at.z));
  const point = ({ s, z }: InPlane): Point => ({
    x: a.at.x + along.x * s,
    y: a.at.y + along.y * s,
    z,
  });
  const touches: Touch[] = [];
  for (const { unitId, on, off, lengthM } of lies) {
    const before = touches.at(-1);
    if (before?.unitId !== unitId)
      touches.push({ unitId, on: point(on), off: point(off), lengthM });
    else {
      const [p, q] = [before.off, point(on)];
      touches[touches.length - 1] = {
        unitId,
        on: before.on,
        off: point(off),
        lengthM: before.lengthM + Math.hypot(p.x - q.x, p.y - q.y, p.z - q.z) + lengthM,
      };
    }
  }
  return { problem: null, touches };
}
