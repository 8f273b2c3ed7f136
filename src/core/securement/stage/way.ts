import type { LineElement } from '../../line/schema';
import { farEnd, type Point } from '../leg';
import { hooksOf } from '../route/run';
import type { LineShape } from '../route/shape';
import type { Line } from '../schema';

const apartM = (a: Point, b: Point): number => Math.hypot(a.x - b.x, a.y - b.y, a.z - b.z);
/** Nearer than this two points of a way are one. */
const SAME_M = 1e-6;

/** The end of a direct line that is made fast to the load comes first. */
function beginsAtLoad({ kind, elements }: Line): boolean {
  const anchors = elements.filter((e) => e.kind === 'anchor');
  const [opening] = anchors;
  return (
    kind === 'direct' && anchors.length > 1 && opening?.kind === 'anchor' && opening.at.on === 'own'
  );
}

/** The way of a line from its first end to its last, corner by corner; none where nobody knows it. Deck coordinates. */
export function wayOf(line: Line, { pulls }: Pick<LineShape, 'pulls'>): Point[] {
  if (pulls.some(({ leg }) => farEnd(leg) === null)) return [];
  const way: Point[] = [];
  const add = (p: Point): void => {
    const last = way.at(-1);
    if (last === undefined || apartM(last, p) > SAME_M) way.push(p);
  };
  const [single] = pulls;
  if (pulls.length === 1) {
    const ends = [farEnd(single!.leg)!, single!.leg.at!];
    return beginsAtLoad(line) ? ends.toReversed() : ends;
  }
  // Stretches before and after each place on the load take turns; the first leads to an anchor, or there is none.
  let before = single !== undefined && single.leg.anchorId !== null;
  for (const { leg } of pulls) {
    const ends = before ? [farEnd(leg)!, leg.at!] : [leg.at!, farEnd(leg)!];
    ends.forEach(add);
    before = !before;
  }
  return way;
}

/** Distances of the corners of a way from its beginning, m. */
export function distancesAlong(way: readonly Point[]): number[] {
  let sum = 0;
  return way.map((p, i) => (sum += i === 0 ? 0 : apartM(way[i - 1]!, p)));
}

/** The point so far along a way, m; its ends where it is shorter. */
export function pointAlong(way: readonly Point[], atM: number): Point {
  const along = distancesAlong(way);
  const next = along.findIndex((d) => d >= atM);
  if (next <= 0) return next === 0 ? way[0]! : way.at(-1)!;
  const [a, b] = [way[next - 1]!, way[next]!];
  const t = (atM - along[next - 1]!) / (along[next]! - along[next - 1]!);
  return { x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t, z: a.z + (b.z - a.z) * t };
}

/** Where along a way the elements of a line lie that have a place of their own: its ends, its edges over cargo, its hooks; m. */
function fixedPlaces(
  elements: readonly LineElement[],
  way: readonly Point[],
  anchors: ReadonlyMap<string, Point>,
): (number | null)[] {
  const along = distancesAlong(way);
  const hookAt = hooksOf(elements).map((h) => anchors.get(h.anchorId));
  const isHook = way.map((p) => hookAt.some((h) => h !== undefined && apartM(h, p) < 0.01));
  const corners = along.filter((_, i) => i > 0 && i < way.length - 1 && !isHook[i]);
  const hooks = along.filter((_, i) => i > 0 && i < way.length - 1 && isHook[i]);
  const last = elements.findLastIndex((e) => e.kind === 'anchor');
  let [edge, hook] = [0, 0];
  return elements.map((e, i) => {
    if (e.kind === 'anchor') return i === 0 ? 0 : i === last ? along.at(-1)! : null;
    if (e.kind === 'edge') return corners[edge++] ?? null;
    return e.kind === 'hook' ? (hooks[hook++] ?? null) : null;
  });
}

/** Where each element of a line lies along its way, m: what has no place of its own, evenly between what has. */
export function placesAlong(
  elements: readonly LineElement[],
  way: readonly Point[],
  anchors: ReadonlyMap<string, Point>,
): number[] {
  const end = distancesAlong(way).at(-1) ?? 0;
  const fixed = fixedPlaces(elements, way, anchors);
  return fixed.map((at, i) => {
    if (at !== null) return at;
    const before = fixed.findLastIndex((d, k) => k < i && d !== null);
    const after = fixed.findIndex((d, k) => k > i && d !== null);
    const [a, b] = [before < 0 ? 0 : fixed[before]!, after < 0 ? end : fixed[after]!];
    const room = (after < 0 ? elements.length : after) - before;
    return a + ((Math.max(a, b) - a) * (i - before)) / room;
  });
}
