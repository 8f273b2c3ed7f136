/** A point of the deck's plan: x forward, y left; m. */
export interface Spot {
  readonly x: number;
  readonly y: number;
}

/** A convex outline, against the clock as seen from above. */
export type Outline = readonly Spot[];

const cross = (o: Spot, a: Spot, b: Spot): number =>
  (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);

/** Nearer than this two corners are one. */
const SAME_M = 1e-9;
const distinct = (outline: Outline): Spot[] =>
  outline.filter((p, i) => {
    const q = outline[(i + outline.length - 1) % outline.length]!;
    return outline.length === 1 || Math.hypot(p.x - q.x, p.y - q.y) > SAME_M;
  });

/**
 * The part of a convex outline, or of a stretch between two points, that lies within another. Empty where they do not meet.
 * Source: clipping edge by edge after Sutherland and Hodgman (exact for convex outlines).
 */
export function within(outline: Outline, window: Outline): Spot[] {
  let kept: Spot[] = [...outline];
  window.forEach((a, i) => {
    const b = window[(i + 1) % window.length]!;
    const side = kept.map((p) => cross(a, b, p));
    kept = kept.flatMap((p, k) => {
      const next = (k + 1) % kept.length;
      const [s, t] = [side[k]!, side[next]!];
      const q = kept[next]!;
      const meets = (s > 0 && t < 0) || (s < 0 && t > 0);
      const at = meets
        ? [{ x: p.x + ((q.x - p.x) * s) / (s - t), y: p.y + ((q.y - p.y) * s) / (s - t) }]
        : [];
      return [...(s >= 0 ? [p] : []), ...at];
    });
  });
  return distinct(kept);
}

/** Whether a point lies within an outline, or at most so far outside it. */
export const contains = (outline: Outline, p: Spot, outsideM = 0): boolean =>
  outline.every((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    return cross(a, b, p) >= -outsideM * Math.hypot(b.x - a.x, b.y - a.y);
  });

/** Area within an outline, m². */
export const areaOf = (outline: Outline): number =>
  outline.reduce((sum, a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    return sum + (a.x * b.y - a.y * b.x) / 2;
  }, 0);

/** The stretch of a straight line that lies within an outline, as distances along it; null: it passes by. */
export function chordOf(
  outline: Outline,
  from: Spot,
  along: Spot,
): readonly [fromM: number, toM: number] | null {
  let [least, most] = [-Infinity, Infinity];
  for (let i = 0; i < outline.length; i++) {
    const [a, b] = [outline[i]!, outline[(i + 1) % outline.length]!];
    // Inside is to the left of every edge: distance to it changes evenly along the line.
    const now = cross(a, b, from);
    const rate = (b.x - a.x) * along.y - (b.y - a.y) * along.x;
    if (Math.abs(rate) < 1e-12) {
      if (now < 0) return null;
      continue;
    }
    if (rate > 0) least = Math.max(least, -now / rate);
    else most = Math.min(most, -now / rate);
  }
  return most - least > SAME_M ? [least, most] : null;
}

/** The point of an outline that is nearest to a point outside it. */
export function nearestOn(outline: Outline, p: Spot): Spot {
  let [best, least] = [outline[0]!, Infinity];
  outline.forEach((a, i) => {
    const b = outline[(i + 1) % outline.length]!;
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const t = Math.max(0, Math.min(1, ((p.x - a.x) * dx + (p.y - a.y) * dy) / (dx * dx + dy * dy)));
    const at = { x: a.x + t * dx, y: a.y + t * dy };
    const far = Math.hypot(p.x - at.x, p.y - at.y);
    if (far < least) [best, least] = [at, far];
  });
  return best;
}
