import type { PathPoint } from './notation';

/** A straight piece of a drawn rope; `control` is the control interval it lies in. */
export interface Piece {
  readonly from: PathPoint;
  readonly to: PathPoint;
  readonly control: number;
}

/** Pieces a control interval is drawn with: fine enough that authored crossings never fall together. */
const PIECES = 14;

const between = (a: PathPoint, b: PathPoint, t: number): PathPoint => ({
  x: a.x + (b.x - a.x) * t,
  y: a.y + (b.y - a.y) * t,
});
/** Centripetal knot spacing: square root of the chord. */
const spacing = (a: PathPoint, b: PathPoint): number =>
  Math.sqrt(Math.hypot(b.x - a.x, b.y - a.y)) || 1e-9;
/** The point beyond the end that continues it straight on. */
const beyond = (end: PathPoint, inner: PathPoint): PathPoint => ({
  x: 2 * end.x - inner.x,
  y: 2 * end.y - inner.y,
});

/** Point on the centripetal Catmull-Rom curve between p1 and p2 (Barry and Goldman's pyramid). */
function curvePoint(
  p: readonly [PathPoint, PathPoint, PathPoint, PathPoint],
  s: number,
): PathPoint {
  const [p0, p1, p2, p3] = p;
  const t0 = 0;
  const t1 = t0 + spacing(p0, p1);
  const t2 = t1 + spacing(p1, p2);
  const t3 = t2 + spacing(p2, p3);
  const t = t1 + (t2 - t1) * s;
  const a1 = between(p0, p1, (t - t0) / (t1 - t0));
  const a2 = between(p1, p2, (t - t1) / (t2 - t1));
  const a3 = between(p2, p3, (t - t2) / (t3 - t2));
  const b1 = between(a1, a2, (t - t0) / (t2 - t0));
  const b2 = between(a2, a3, (t - t1) / (t3 - t1));
  return between(b1, b2, (t - t1) / (t2 - t1));
}

/**
 * Authored and shipped coordinates are round numbers, so that a point of one strand may lie exactly on another strand,
 * where a crossing could be counted twice or not at all. A shift far below what is kept takes it off, the same way
 * every time.
 */
export function aside(p: PathPoint, index: number): PathPoint {
  return {
    x: p.x + 1e-4 * Math.sin(12.9898 * (index + 1)),
    y: p.y + 1e-4 * Math.sin(78.233 * (index + 1)),
  };
}

/** A rope's smooth curve through its control points, as straight pieces. Centripetal, so it makes no loops of its own. `rope`: its number in the form, so that ropes shift apart. */
export function drawn(authored: readonly PathPoint[], rope = 0): Piece[] {
  const points = authored.map((p, i) => aside(p, i + 1000 * rope));
  const pieces: Piece[] = [];
  for (let i = 0; i + 1 < points.length; i++) {
    const [p1, p2] = [points[i]!, points[i + 1]!];
    const stencil = [
      points[i - 1] ?? beyond(p1, p2),
      p1,
      p2,
      points[i + 2] ?? beyond(p2, p1),
    ] as const;
    let from = p1;
    for (let k = 1; k <= PIECES; k++) {
      const to = k === PIECES ? p2 : curvePoint(stencil, k / PIECES);
      pieces.push({ from, to, control: i });
      from = to;
    }
  }
  return pieces;
}

/** Where two pieces cross: the parts of the way along each, or null. Touching end to end is no crossing. */
export function crossing(
  a: Pick<Piece, 'from' | 'to'>,
  b: Pick<Piece, 'from' | 'to'>,
): { readonly onA: number; readonly onB: number } | null {
  const [ax, ay, bx, by] = [
    a.to.x - a.from.x,
    a.to.y - a.from.y,
    b.to.x - b.from.x,
    b.to.y - b.from.y,
  ];
  const turn = ax * by - ay * bx;
  // Parallel up to rounding: where such pieces meet is noise.
  if (Math.abs(turn) <= 1e-9 * (Math.abs(ax) + Math.abs(ay)) * (Math.abs(bx) + Math.abs(by)))
    return null;
  const [dx, dy] = [b.from.x - a.from.x, b.from.y - a.from.y];
  const onA = (dx * by - dy * bx) / turn;
  const onB = (dx * ay - dy * ax) / turn;
  // Half-open, so that a crossing exactly at a joint of two pieces is found once.
  return onA >= 0 && onA < 1 && onB >= 0 && onB < 1 ? { onA, onB } : null;
}

/** Straight pieces through points; the control number of a piece is its own number. */
export const straight = (points: readonly PathPoint[]): Piece[] =>
  points.slice(1).map((to, i) => ({ from: points[i]!, to, control: i }));
