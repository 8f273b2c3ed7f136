import type { Body } from './body';

/** Pairs of rope segments that are near each other: the first node of each, two by two. */
export interface Contacts {
  pairs: Int32Array;
  count: number;
}

/** Along one rope, segments nearer than this many diameters cannot touch by themselves (least bend). */
const SKIP_ALONG = 1.75;
/** Pairs are remembered a little before they touch, in diameters. */
const MARGIN = 0.5;

export function noContacts(): Contacts {
  return { pairs: new Int32Array(4096), count: 0 };
}

/** Radius of the rope each node belongs to. */
export function radiiOf(body: Body): Float64Array {
  const radii = new Float64Array(body.at.length / 3);
  for (const s of body.strands) radii.fill(s.diameter / 2, s.first, s.first + s.count);
  return radii;
}

/**
 * Finds all near pairs again. Neighbouring segments lie a step apart, so after a far pair as many segments can be
 * skipped as steps are missing: in practice a few looks for each segment instead of all others.
 */
export function findContacts(body: Body, into: Contacts): void {
  into.count = 0;
  const { at, strands } = body;
  for (const [k, s] of strands.entries()) {
    const step = longestStep(at, s.first, s.count);
    for (let m = 0; m <= k; m++) {
      const other = strands[m]!;
      const otherStep = m === k ? step : longestStep(at, other.first, other.count);
      const touch = 0.5 * (s.diameter + other.diameter);
      const reach = touch * (1 + MARGIN) + 0.5 * (step + otherStep);
      const skip = m === k ? Math.ceil((SKIP_ALONG * s.diameter) / step) : 0;
      for (let i = s.first; i < s.first + s.count - 1; i++) {
        const last = m === k ? i - skip : other.first + other.count - 2;
        for (let j = other.first; j <= last;) {
          const far = betweenMiddles(at, i, j);
          if (far <= reach) {
            remember(into, i, j);
            j++;
          } else j += Math.max(1, Math.floor((far - reach) / otherStep));
        }
      }
    }
  }
}

function longestStep(at: Float64Array, first: number, count: number): number {
  let most = 0;
  for (let i = 3 * first; i < 3 * (first + count - 1); i += 3) {
    const [dx, dy, dz] = [at[i + 3]! - at[i]!, at[i + 4]! - at[i + 1]!, at[i + 5]! - at[i + 2]!];
    most = Math.max(most, dx * dx + dy * dy + dz * dz);
  }
  return Math.sqrt(most) || 1e-9;
}

function betweenMiddles(at: Float64Array, i: number, j: number): number {
  const [a, b] = [3 * i, 3 * j];
  const dx = at[a]! + at[a + 3]! - at[b]! - at[b + 3]!;
  const dy = at[a + 1]! + at[a + 4]! - at[b + 1]! - at[b + 4]!;
  const dz = at[a + 2]! + at[a + 5]! - at[b + 2]! - at[b + 5]!;
  return 0.5 * Math.sqrt(dx * dx + dy * dy + dz * dz);
}

function remember(into: Contacts, i: number, j: number): void {
  if (2 * into.count + 2 > into.pairs.length) {
    const bigger = new Int32Array(into.pairs.length * 2);
    bigger.set(into.pairs);
    into.pairs = bigger;
  }
  into.pairs[2 * into.count] = i;
  into.pairs[2 * into.count + 1] = j;
  into.count++;
}

/**
 * Whether two segments are surely more than `touch` apart: their middles are further apart than that and both halves
 * together. Most remembered pairs are, and this costs a fraction of finding their closest points.
 */
export function farApart(at: Float64Array, i: number, j: number, touch: number): boolean {
  const a = 3 * i,
    b = 3 * j;
  const ax = at[a]!,
    ay = at[a + 1]!,
    az = at[a + 2]!,
    bx = at[a + 3]!,
    by = at[a + 4]!,
    bz = at[a + 5]!;
  const cx = at[b]!,
    cy = at[b + 1]!,
    cz = at[b + 2]!,
    dx = at[b + 3]!,
    dy = at[b + 4]!,
    dz = at[b + 5]!;
  const mx = ax + bx - cx - dx,
    my = ay + by - cy - dy,
    mz = az + bz - cz - dz;
  const first = (bx - ax) ** 2 + (by - ay) ** 2 + (bz - az) ** 2;
  const second = (dx - cx) ** 2 + (dy - cy) ** 2 + (dz - cz) ** 2;
  // Half the sum of two lengths is at most the root of half the sum of their squares.
  const reach = touch + Math.sqrt(0.5 * (first + second));
  return mx * mx + my * my + mz * mz > 4 * reach * reach;
}

/** Closest points of two segments: parts of the way along each (Ericson, Real-Time Collision Detection, 5.1.9). */
export function closest(
  at: Float64Array,
  i: number,
  j: number,
  out: { s: number; t: number; far: number },
): void {
  const a = 3 * i,
    b = 3 * j;
  const d1x = at[a + 3]! - at[a]!,
    d1y = at[a + 4]! - at[a + 1]!,
    d1z = at[a + 5]! - at[a + 2]!;
  const d2x = at[b + 3]! - at[b]!,
    d2y = at[b + 4]! - at[b + 1]!,
    d2z = at[b + 5]! - at[b + 2]!;
  const rx = at[a]! - at[b]!,
    ry = at[a + 1]! - at[b + 1]!,
    rz = at[a + 2]! - at[b + 2]!;
  const aa = d1x * d1x + d1y * d1y + d1z * d1z;
  const ee = d2x * d2x + d2y * d2y + d2z * d2z;
  const f = d2x * rx + d2y * ry + d2z * rz;
  const c = d1x * rx + d1y * ry + d1z * rz;
  const bb = d1x * d2x + d1y * d2y + d1z * d2z;
  const denominator = aa * ee - bb * bb;
  let s = denominator > 1e-12 ? Math.min(1, Math.max(0, (bb * f - c * ee) / denominator)) : 0;
  let t = (bb * s + f) / ee;
  if (t < 0) {
    t = 0;
    s = Math.min(1, Math.max(0, -c / aa));
  } else if (t > 1) {
    t = 1;
    s = Math.min(1, Math.max(0, (bb - c) / aa));
  }
  out.s = s;
  out.t = t;
  const x = rx + d1x * s - d2x * t,
    y = ry + d1y * s - d2y * t,
    z = rz + d1z * s - d2z * t;
  // Math.hypot costs several times a plain root, and this is the innermost loop.
  out.far = Math.sqrt(x * x + y * y + z * z);
}
