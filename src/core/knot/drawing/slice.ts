import type { Trace } from './outline';

/** Samples from..to of a trace as a trace of its own, the last one moved to exactly where it is cut. */
function part(t: Trace, from: number, to: number): Trace {
  const of = (a: Float64Array): Float64Array => a.slice(from, to + 1);
  return {
    ...t,
    x: of(t.x),
    y: of(t.y),
    z: of(t.z),
    u: of(t.u),
    s: of(t.s).map((v, _, all) => v - all[0]!),
  };
}

const lastBefore = (t: Trace, u: number): number => {
  let i = t.u.length - 1;
  while (i > 0 && t.u[i]! > u) i--;
  return i;
};

/** A trace from its start to a control parameter; null when nothing of it is left. */
export function cutTo(t: Trace, u: number): Trace | null {
  const to = lastBefore(t, u);
  return to < 2 ? null : part(t, 0, to);
}

/** How far the bridge bulges, as part of the gap it bridges. */
const BULGE = 1.4;
const LEAST_BULGE_D = 4;

/**
 * A rope tied in the bight before its bight has gone on: the stretch between two control parameters is left out and
 * what remains is bridged by a smooth nose, so that a learner sees one rope throughout.
 */
export function withoutBight(t: Trace, [from, to]: readonly [number, number]): Trace {
  const [a, b] = [lastBefore(t, from), Math.min(t.u.length - 2, lastBefore(t, to) + 1)];
  const nose = bridge(t, a, b);
  const join = (k: 'x' | 'y' | 'z' | 'u'): Float64Array =>
    Float64Array.from([...t[k].subarray(0, a + 1), ...nose[k], ...t[k].subarray(b)]);
  const [x, y, z] = [join('x'), join('y'), join('z')];
  const s = new Float64Array(x.length);
  for (let i = 1; i < s.length; i++)
    s[i] = s[i - 1]! + Math.hypot(x[i]! - x[i - 1]!, y[i]! - y[i - 1]!, z[i]! - z[i - 1]!);
  return { ...t, x, y, z, u: join('u'), s };
}

/** Points strictly between samples a and b on a cubic Hermite curve with the rope's own directions at both. */
function bridge(t: Trace, a: number, b: number): Record<'x' | 'y' | 'z' | 'u', number[]> {
  const gap = Math.hypot(t.x[b]! - t.x[a]!, t.y[b]! - t.y[a]!);
  const size = Math.max(LEAST_BULGE_D * t.width, gap * BULGE);
  const step = t.s[1]! - t.s[0]!;
  const count = Math.max(6, Math.ceil((gap + size) / step));
  const way = (k: 'x' | 'y', i: number, back: number): number =>
    (t[k][i]! - t[k][i - back]!) / (back * step);
  const out: Record<'x' | 'y' | 'z' | 'u', number[]> = { x: [], y: [], z: [], u: [] };
  const [dax, day, dbx, dby] = [
    way('x', a, Math.min(3, a)),
    way('y', a, Math.min(3, a)),
    -way('x', b, -3),
    -way('y', b, -3),
  ].map((v) => (Number.isFinite(v) ? v * size : 0));
  for (let i = 1; i < count; i++) {
    const p = i / count;
    const [h00, h10, h01, h11] = [
      2 * p ** 3 - 3 * p ** 2 + 1,
      p ** 3 - 2 * p ** 2 + p,
      -2 * p ** 3 + 3 * p ** 2,
      p ** 3 - p ** 2,
    ];
    out.x.push(h00 * t.x[a]! + h10 * dax! + h01 * t.x[b]! - h11 * dbx!);
    out.y.push(h00 * t.y[a]! + h10 * day! + h01 * t.y[b]! - h11 * dby!);
    out.z.push(t.z[a]! * (1 - p) + t.z[b]! * p);
    out.u.push(t.u[a]! * (1 - p) + t.u[b]! * p);
  }
  return out;
}
