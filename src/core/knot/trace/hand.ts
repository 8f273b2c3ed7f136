import type { PathPoint } from '../path/notation';
import type { Drawing, DrawnLine } from './drawn';

/** Traced points closer than this are one. */
const APART = 1.2;
/** A loop that holds something is tapped this near to its rope. */
const NEAR = 4;

/** Without the trembling of a hand: points apart from each other, each moved to the middle of its neighbours. */
function calm(points: readonly PathPoint[]): PathPoint[] {
  const apart = points.reduce<PathPoint[]>((kept, p) => {
    const last = kept.at(-1);
    return last && Math.hypot(p.x - last.x, p.y - last.y) < APART ? kept : [...kept, p];
  }, []);
  return apart.map((p, i) => {
    const [a, b] = [apart[i - 1], apart[i + 1]];
    return a && b ? { x: (a.x + 2 * p.x + b.x) / 4, y: (a.y + 2 * p.y + b.y) / 4 } : p;
  });
}

const RING_POINTS = 36;

/** What a drag means for what is no rope: a straight line, or a circle round where it began. */
export function shaped(
  kind: DrawnLine['kind'],
  points: readonly PathPoint[],
): readonly PathPoint[] {
  const [from, to] = [points[0]!, points.at(-1)!];
  if (kind === 'rope') return calm(points);
  if (kind !== 'ring') return [from, to];
  const radius = Math.hypot(to.x - from.x, to.y - from.y);
  return Array.from({ length: RING_POINTS + 1 }, (_, i) => {
    const turn = ((i % RING_POINTS) + 0.37) * ((2 * Math.PI) / RING_POINTS);
    return { x: from.x + radius * Math.cos(turn), y: from.y + radius * Math.sin(turn) };
  });
}

/** A drawing made to fill a sheet of this side, whose y runs down from 0 to minus the side. */
export function fitted(drawing: Drawing, side: number): Drawing {
  const all = drawing.lines.flatMap((l) => l.points);
  const [left, right] = [Math.min(...all.map((p) => p.x)), Math.max(...all.map((p) => p.x))];
  const [low, high] = [Math.min(...all.map((p) => p.y)), Math.max(...all.map((p) => p.y))];
  const scale = (0.88 * side) / Math.max(right - left, high - low);
  const move = (p: PathPoint): PathPoint => ({
    x: side / 2 + scale * (p.x - (left + right) / 2),
    y: -side / 2 + scale * (p.y - (low + high) / 2),
  });
  return { ...drawing, lines: drawing.lines.map((l) => ({ ...l, points: l.points.map(move) })) };
}

/** The point of a rope nearest to a place, or null where none is near. */
function nearest(lines: readonly DrawnLine[], at: PathPoint): Drawing['held'][number] | null {
  const all = lines.flatMap((l, line) =>
    l.kind === 'rope'
      ? l.points.map((p, point) => ({ line, point, far: Math.hypot(p.x - at.x, p.y - at.y) }))
      : [],
  );
  const best = all.reduce<(typeof all)[number] | null>(
    (a, b) => (a && a.far <= b.far ? a : b),
    null,
  );
  return best && best.far <= NEAR ? { line: best.line, point: best.point } : null;
}

/** The drawing with a loop that holds something marked at a place, or the mark there taken away; unchanged where no rope is near. */
export function withHeld(d: Drawing, at: PathPoint): Drawing {
  const there = d.held.find(({ line, point }) => {
    const p = d.lines[line]!.points[point]!;
    return Math.hypot(p.x - at.x, p.y - at.y) <= NEAR;
  });
  if (there) return { ...d, held: d.held.filter((h) => h !== there) };
  const place = nearest(d.lines, at);
  return place ? { ...d, held: [...d.held, place] } : d;
}

/** The drawing without its last line, and without what was said of it. */
export function withoutLast(d: Drawing): Drawing {
  const gone = d.lines.length - 1;
  return {
    lines: d.lines.slice(0, -1),
    turned: d.turned.filter((k) => !k.split('|').some((p) => p.startsWith(`${gone}.`))),
    held: d.held.filter((h) => h.line !== gone),
  };
}
