/**
 * The oracle's own look at a load of several units: where they stand, what carries them, where lines lie on them. Written
 * apart from the product; where it is not sure it is kind, so that what it denies is surely wrong.
 */
import type { Plan } from '@/core/securement/plan';
import { G } from './oracle-line';
import { minus, type V3 } from './oracle-lines';

type Unit = Plan['units'][number];
type P2 = readonly [number, number];

export interface Standing {
  readonly unit: Unit;
  readonly base: number;
  readonly top: number;
  readonly middle: P2;
  /** Corners, round and round. */
  readonly corners: readonly P2[];
  readonly under: Standing | null;
}

const isRound = (u: Unit): boolean => u.shape.kind === 'cylinder-upright';
export const isLying = (u: Unit): boolean => u.shape.kind === 'cylinder-lying';

function cornersOf(u: Unit, [mx, my]: P2): P2[] {
  if (isRound(u))
    // Round it in: the rim reaches no further than this.
    return Array.from({ length: 48 }, (_, k) => {
      const [phi, r] = [(k * Math.PI) / 24, u.lengthM / 2 / Math.cos(Math.PI / 48)];
      return [mx + r * Math.cos(phi), my + r * Math.sin(phi)] as const;
    });
  const [c, s] = [Math.cos(u.turnRad), Math.sin(u.turnRad)];
  return [
    [1, 1],
    [-1, 1],
    [-1, -1],
    [1, -1],
  ].map(([a, b]) => {
    const [x, y] = [(a! * u.lengthM) / 2, (b! * u.widthM) / 2];
    return [mx + x * c - y * s, my + x * s + y * c] as const;
  });
}

export function standings(plan: Plan): Standing[] {
  const known = new Map<string, Standing>();
  const at = (u: Unit): Standing => {
    const found = known.get(u.id);
    if (found) return found;
    const { on } = u;
    const under = on.kind === 'unit' ? at(plan.units.find((x) => x.id === on.unitId)!) : null;
    const base = under?.top ?? 0;
    const middle: P2 = [-u.fromFrontM - u.lengthM / 2, u.fromCentreM];
    const made = {
      unit: u,
      base,
      top: base + u.heightM,
      middle,
      corners: cornersOf(u, middle),
      under,
    };
    known.set(u.id, made);
    return made;
  };
  return plan.units.map(at);
}

/** The part of one convex outline on one side of a line. */
function half(list: readonly P2[], a: P2, b: P2): P2[] {
  const side = (p: P2): number => (b[0] - a[0]) * (p[1] - a[1]) - (b[1] - a[1]) * (p[0] - a[0]);
  const out: P2[] = [];
  for (let i = 0; i < list.length; i++) {
    const [p, q] = [list[i]!, list[(i + 1) % list.length]!];
    const [s, t] = [side(p), side(q)];
    if (s >= -1e-12) out.push(p);
    if (s * t < 0)
      out.push([p[0] + ((q[0] - p[0]) * s) / (s - t), p[1] + ((q[1] - p[1]) * s) / (s - t)]);
  }
  return out;
}

/** Points that carry a unit. */
export function carrying(s: Standing, deck: Plan['deck']): V3[] {
  const window: readonly P2[] = s.under
    ? s.under.corners
    : [
        [0, deck.widthM / 2],
        [-deck.lengthM, deck.widthM / 2],
        [-deck.lengthM, -deck.widthM / 2],
        [0, -deck.widthM / 2],
      ];
  const lying = s.unit.shape.kind === 'cylinder-lying' ? s.unit.shape : null;
  const half_ = lying ? (lying.axis === 'length' ? s.unit.lengthM : s.unit.widthM) / 2 : 0;
  const turn = s.unit.turnRad + (lying?.axis === 'width' ? Math.PI / 2 : 0);
  let list: P2[] = lying
    ? [1, -1].map(
        (k) =>
          [
            s.middle[0] + k * half_ * Math.cos(turn),
            s.middle[1] + k * half_ * Math.sin(turn),
          ] as const,
      )
    : [...s.corners];
  window.forEach((a, i) => {
    list = half(list, a, window[(i + 1) % window.length]!);
  });
  return list.map(([x, y]) => [x, y, s.base] as V3);
}

/** Pushes that two units might give each other: wherever they come within a finger of each other, along the deck or across. */
export function neighbours(
  all: readonly Standing[],
): { a: number; b: number; normal: V3; at: V3[] }[] {
  const list: { a: number; b: number; normal: V3; at: V3[] }[] = [];
  const span = (s: Standing, k: 0 | 1): [number, number] => [
    Math.min(...s.corners.map((c) => c[k])),
    Math.max(...s.corners.map((c) => c[k])),
  ];
  all.forEach((p, a) =>
    all.forEach((q, b) => {
      if (b <= a) return;
      const [z0, z1] = [Math.max(p.base, q.base), Math.min(p.top, q.top)];
      if (z1 <= z0) return;
      if (isRound(p.unit) || isRound(q.unit)) {
        list.push(...byTheRim(p, q, a, b, [z0, z1]));
        return;
      }
      for (const k of [0, 1] as const) {
        const o = (1 - k) as 0 | 1;
        const [sp, sq, op, oq] = [span(p, k), span(q, k), span(p, o), span(q, o)];
        const [from, to] = [Math.max(op[0], oq[0]), Math.min(op[1], oq[1])];
        if (to <= from) continue;
        for (const sign of [1, -1]) {
          const gap = sign > 0 ? sq[0] - sp[1] : sp[0] - sq[1];
          if (gap > 0.0101 || gap < -0.0201) continue;
          const at = sign > 0 ? (sq[0] + sp[1]) / 2 : (sp[0] + sq[1]) / 2;
          const normal: V3 = k === 0 ? [sign, 0, 0] : [0, sign, 0];
          list.push({
            a,
            b,
            normal,
            at: [from, to].flatMap((x) =>
              [z0, z1].map((z): V3 => (k === 0 ? [at, x, z] : [x, at, z])),
            ),
          });
        }
      }
    }),
  );
  return list;
}

/** Nearest point of a ring of corners to a point. */
function nearest(corners: readonly P2[], [x, y]: P2): P2 {
  let best: P2 = corners[0]!;
  const far = (c: P2): number => Math.hypot(c[0] - x, c[1] - y);
  corners.forEach((c, i) => {
    const d = corners[(i + 1) % corners.length]!;
    const [dx, dy] = [d[0] - c[0], d[1] - c[1]];
    const t = Math.min(1, Math.max(0, ((x - c[0]) * dx + (y - c[1]) * dy) / (dx * dx + dy * dy)));
    const at: P2 = [c[0] + t * dx, c[1] + t * dy];
    if (far(at) < far(best)) best = at;
  });
  return best;
}

/** The push of something round, along the shortest way to the other. */
function byTheRim(
  p: Standing,
  q: Standing,
  a: number,
  b: number,
  heights: readonly number[],
): { a: number; b: number; normal: V3; at: V3[] }[] {
  const [round, other] = isRound(p.unit) ? [p, q] : [q, p];
  const [i, k] = round === p ? [a, b] : [b, a];
  const r = round.unit.lengthM / 2;
  const end = isRound(other.unit) ? other.middle : nearest(other.corners, round.middle);
  const [dx, dy] = [end[0] - round.middle[0], end[1] - round.middle[1]];
  const far = Math.hypot(dx, dy);
  const gap = far - r - (isRound(other.unit) ? other.unit.lengthM / 2 : 0);
  if (far < 1e-9 || gap > 0.0101 || gap < -0.0201) return [];
  const at = r + gap / 2;
  return [
    {
      a: i,
      b: k,
      normal: [dx / far, dy / far, 0],
      at: heights.map((z): V3 => [
        round.middle[0] + (dx / far) * at,
        round.middle[1] + (dy / far) * at,
        z,
      ]),
    },
  ];
}

export interface Touching {
  readonly body: number;
  readonly at: V3;
  readonly pull: V3;
  readonly anchor: string | null;
}

const toward = (from: V3, to: V3): V3 => {
  const d = minus(to, from);
  const n = Math.hypot(...d);
  return n === 0 ? [0, 0, 0] : [d[0] / n, d[1] / n, d[2] / n];
};

/** Points of a unit that a line in an upright plane could lie on, as distance along it and height. Round backs by many points. */
function profile(s: Standing, from: P2, along: P2, far: number): P2[] {
  let list: number[] = [];
  if (isRound(s.unit)) {
    const [dx, dy] = [s.middle[0] - from[0], s.middle[1] - from[1]];
    const off = dx * along[1] - dy * along[0];
    const chord = Math.sqrt(Math.max(0, (s.unit.lengthM / 2) ** 2 - off * off));
    const at = dx * along[0] + dy * along[1];
    return chord > 0
      ? [
          [at - chord, s.top],
          [at + chord, s.top],
        ]
      : [];
  }
  for (let i = 0; i < s.corners.length; i++) {
    const [p, q] = [s.corners[i]!, s.corners[(i + 1) % s.corners.length]!];
    const off = (c: P2): number => (c[0] - from[0]) * along[1] - (c[1] - from[1]) * along[0];
    const [u, v] = [off(p), off(q)];
    if (u * v > 0 || u === v) continue;
    const t = u / (u - v);
    list.push(
      (p[0] + t * (q[0] - p[0]) - from[0]) * along[0] +
        (p[1] + t * (q[1] - p[1]) - from[1]) * along[1],
    );
  }
  if (list.length < 2) return [];
  list = [Math.min(...list), Math.max(...list)];
  if (list[0]! < -0.11 || list[1]! > far + 0.11) return [];
  if (!isLying(s.unit)) return list.map((x) => [x, s.top] as const);
  const [m, r] = [(list[0]! + list[1]!) / 2, s.unit.heightM / 2];
  return Array.from({ length: 721 }, (_, k) => {
    const phi = Math.PI - (k * Math.PI) / 720;
    return [m + r * Math.cos(phi), s.base + r + r * Math.sin(phi)] as const;
  });
}

/** Where an over-line lies on its units: the upper hull of what stands under it. Null: it does not lie on any. */
export function hullOver(
  a: V3,
  b: V3,
  over: readonly { index: number; s: Standing }[],
  ends: readonly [string, string],
): { pulls: Touching[]; lengthM: number } | null {
  const far = Math.hypot(b[0] - a[0], b[1] - a[1]);
  const along: P2 = [(b[0] - a[0]) / far, (b[1] - a[1]) / far];
  const points: { s: number; z: number; of: number }[] = [{ s: 0, z: a[2], of: -1 }];
  for (const { index, s } of over)
    for (const [x, z] of profile(s, [a[0], a[1]], along, far)) points.push({ s: x, z, of: index });
  if (points.length < 2) return null;
  points.push({ s: far, z: b[2], of: -1 });
  points.sort((p, q) => p.s - q.s || q.z - p.z);
  const hull: typeof points = [];
  for (const p of points) {
    while (hull.length > 1) {
      const [u, v] = [hull.at(-2)!, hull.at(-1)!];
      if ((v.s - u.s) * (p.z - u.z) - (v.z - u.z) * (p.s - u.s) < -1e-12) break;
      hull.pop();
    }
    hull.push(p);
  }
  const place = (p: { s: number; z: number }): V3 => [
    a[0] + along[0] * p.s,
    a[1] + along[1] * p.s,
    p.z,
  ];
  let lengthM = 0;
  const pulls: Touching[] = [];
  for (let i = 0; i + 1 < hull.length; i++) {
    const [p, q] = [hull[i]!, hull[i + 1]!];
    lengthM += Math.hypot(q.s - p.s, q.z - p.z);
    const [x, y] = [place(p), place(q)];
    if (p.of >= 0)
      pulls.push({ body: p.of, at: x, pull: toward(x, y), anchor: q.of < 0 ? ends[1] : null });
    if (q.of >= 0)
      pulls.push({ body: q.of, at: y, pull: toward(y, x), anchor: p.of < 0 ? ends[0] : null });
  }
  return pulls.length > 0 ? { pulls, lengthM } : null;
}

export const weightN = (u: Unit): number => u.massKg! * G;
