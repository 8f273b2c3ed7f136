import { fail, ok, type Result } from '../../result';

/** A point of a drawn rope, in rope diameters, y up. */
export interface PathPoint {
  readonly x: number;
  readonly y: number;
}

/** How a strand passes another: over, under, or as the other strand says; `o`, `u`: in front of or behind a fixture. */
export type Mark = 'O' | 'U' | 'o' | 'u' | '.';

/** One rope as it is authored: control points, and between two of them the marks of the crossings met there, in order. */
export interface RopePath {
  readonly points: readonly PathPoint[];
  /** `marks[i]` stands between points i and i + 1. */
  readonly marks: readonly (readonly Mark[])[];
}

const POINT = /^(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)$/;
const MARKS = /^[OUou.]+$/;

/**
 * Reads the notation of a rope: `x,y` points and, between them, marks such as `OU` or, before a pole, `o`.
 * @returns the path, or one issue naming the token (counted from 1): `path-token`, `path-marks-at-end`,
 *   `path-marks-twice`, `path-too-short`, `path-point-twice`.
 */
export function parseRope(text: string): Result<RopePath> {
  const points: PathPoint[] = [];
  const marks: Mark[][] = [];
  const tokens = text
    .trim()
    .split(/\s+/)
    .filter((t) => t !== '');
  let pending: Mark[] | null = null;
  for (const [i, token] of tokens.entries()) {
    const at = { token: token.slice(0, 20), place: i + 1 };
    const point = POINT.exec(token);
    if (point) {
      const next = { x: Number(point[1]), y: Number(point[2]) };
      const last = points.at(-1);
      if (last && last.x === next.x && last.y === next.y) return fail('path-point-twice', at);
      if (last) marks.push(pending ?? []);
      points.push(next);
      pending = null;
    } else if (MARKS.test(token)) {
      if (points.length === 0) return fail('path-marks-at-end', at);
      if (pending) return fail('path-marks-twice', at);
      pending = [...token] as Mark[];
    } else return fail('path-token', at);
  }
  if (pending) return fail('path-marks-at-end', { token: pending.join(''), place: tokens.length });
  return points.length >= 2
    ? ok({ points, marks })
    : fail('path-too-short', { points: points.length });
}

/** How far the tails of a cut loop stand apart and out, in rope diameters: they must leave the form without crossing. */
const TAIL_APART = 0.6;
const TAIL_OUT = 2;

/**
 * The rope cut at the tip of a loop: two ropes, each with its marks, the cut ends led side by side away from the form.
 * For judging what is tied in the bight, which is invisible when the ends are merely joined.
 * @param tip control point at the tip; it must not be an end.
 */
export function cutAt(path: RopePath, tip: number): [RopePath, RopePath] {
  const { points, marks } = path;
  const [before, at, after] = [points[tip - 1]!, points[tip]!, points[tip + 1]!];
  const length = Math.hypot(after.x - before.x, after.y - before.y);
  const along = { x: (after.x - before.x) / length, y: (after.y - before.y) / length };
  const middle = {
    x: points.reduce((s, p) => s + p.x, 0) / points.length,
    y: points.reduce((s, p) => s + p.y, 0) / points.length,
  };
  const side = along.x * (at.y - middle.y) - along.y * (at.x - middle.x) > 0 ? 1 : -1;
  const out = { x: -along.y * side, y: along.x * side };
  const tail = (apart: number, away: number): PathPoint => ({
    x: at.x + along.x * apart + out.x * away,
    y: at.y + along.y * apart + out.y * away,
  });
  const half = (sign: 1 | -1): PathPoint[] => [
    tail(sign * TAIL_APART, TAIL_OUT),
    tail(sign * 2 * TAIL_APART, 3 * TAIL_OUT),
  ];
  return [
    { points: [...points.slice(0, tip), ...half(-1)], marks: [...marks.slice(0, tip), []] },
    { points: [...half(1).reverse(), ...points.slice(tip + 1)], marks: [[], ...marks.slice(tip)] },
  ];
}
