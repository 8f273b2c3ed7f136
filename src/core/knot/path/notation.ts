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
