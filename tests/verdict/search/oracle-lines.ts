import { oneLoad } from './one-load';
import type { Plan } from '@/core/securement/plan';
import { complete, type Element, keptTension, strength } from './oracle-line';

export type V3 = [number, number, number];

export const minus = (a: V3, b: V3): V3 => [a[0] - b[0], a[1] - b[1], a[2] - b[2]];

const norm = (a: V3): number => Math.hypot(...a);

const unit = (a: V3): V3 => {
  const n = norm(a);
  return n === 0 ? [0, 0, 0] : [a[0] / n, a[1] / n, a[2] / n];
};

export const cross = (a: V3, b: V3): V3 => [
  a[1] * b[2] - a[2] * b[1],
  a[2] * b[0] - a[0] * b[2],
  a[0] * b[1] - a[1] * b[0],
];

interface Leg {
  readonly at: V3 | null;
  readonly pull: V3;
  readonly anchor: string | null;
}

export interface Line {
  readonly kind: 'over' | 'direct' | 'loop';
  readonly legs: readonly Leg[];
  readonly placed: boolean;
  readonly credited: boolean;
  wll: number;
  readonly breaking: number;
  readonly kept: number | null;
  readonly crosses: boolean;
  readonly elements: readonly Element[];
  readonly routeM: number | null;
}

/** Least of a convex function over an interval, by narrowing. */
function least(f: (x: number) => number, a: number, b: number): number {
  const q = (Math.sqrt(5) - 1) / 2;
  for (let i = 0; i < 48; i++) {
    const [c, d] = [b - q * (b - a), a + q * (b - a)];
    if (f(c) < f(d)) b = d;
    else a = c;
  }
  return (a + b) / 2;
}

type LoadUnit = Plan['units'][number];

/** Shortest way over a box between two points beside it; null when it does not cross the top. */
export function overTop(
  c: LoadUnit,
  top: number,
  a: V3,
  b: V3,
): { legs: [V3, V3]; lengthM: number } | null {
  const [front, rear, left, right] = [
    -c.fromFrontM,
    -c.fromFrontM - c.lengthM,
    c.fromCentreM + c.widthM / 2,
    c.fromCentreM - c.widthM / 2,
  ];
  const across = (along: 0 | 1): { legs: [V3, V3]; lengthM: number } | null => {
    const over = along === 0 ? 1 : 0;
    const [high, low] = over === 1 ? [left, right] : [front, rear];
    const [from, to] = along === 0 ? [rear, front] : [right, left];
    const [ea, eb] = a[over] > b[over] ? [high, low] : [low, high];
    const outside = (p: V3, e: number): boolean =>
      e === high ? p[over] > high - 0.1001 : p[over] < low + 0.1001;
    if (
      (a[over] - (high + low) / 2) * (b[over] - (high + low) / 2) >= 0 ||
      !outside(a, ea) ||
      !outside(b, eb)
    )
      return null;
    const point = (e: number, v: number): V3 => (along === 0 ? [v, e, top] : [e, v, top]);
    const length = (va: number, vb: number): number =>
      norm(minus(a, point(ea, va))) + Math.hypot(va - vb, ea - eb) + norm(minus(point(eb, vb), b));
    const [lo, hi] = [Math.min(a[along], b[along], from), Math.max(a[along], b[along], to)];
    let [va, vb] = [(a[along] + b[along]) / 2, (a[along] + b[along]) / 2];
    for (let i = 0; i < 16; i++) {
      const w = vb;
      va = least((v) => length(v, w), lo, hi);
      const u = va;
      vb = least((v) => length(u, v), lo, hi);
    }
    if ([va, vb].some((v) => v < from - 0.002 || v > to + 0.002)) return null;
    return { legs: [point(ea, va), point(eb, vb)], lengthM: length(va, vb) };
  };
  return across(0) ?? across(1);
}

function lineOf(plan: Plan, line: Plan['lines'][number]): Omit<Line, 'wll' | 'breaking'> {
  const { deck } = plan;
  const c = oneLoad(plan).load;
  const ends = line.elements.flatMap((e) =>
    e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : [],
  );
  const at = (id: string): V3 | null => {
    const a = deck.anchors.find((x) => x.id === id);
    return a ? [-a.fromFrontM, a.fromCentreM, 0] : null;
  };
  const spots = ends.map(at);
  const nothing = {
    kind: line.kind,
    legs: [],
    placed: false,
    credited: false,
    kept: null,
    crosses: false,
    elements: line.elements,
    routeM: null,
  } as const;
  if (!complete(line.elements) || spots.includes(null)) return nothing;
  const crosses = spots.length === 2 && spots[0]![1] * spots[1]![1] < 0;
  const toward = (p: V3, i: number): Leg => ({
    at: p,
    pull: unit(minus(spots[i]!, p)),
    anchor: ends[i]!,
  });
  // Angles by hand the oracle has no opinion of; what it cannot place it does not credit to statics.
  if (line.angle.by === 'entered')
    return { ...nothing, credited: true, kept: keptTension(line, line.routeLengthM), crosses };
  if (line.kind === 'over') {
    if (ends.length !== 2 || ends[0] === ends[1]) return nothing;
    const route = overTop(c, c.heightM, spots[0]!, spots[1]!);
    if (!route) return nothing;
    const routeM = line.routeLengthM ?? route.lengthM;
    return {
      ...nothing,
      legs: route.legs.map((p, i) => toward(p, i)),
      placed: true,
      credited: true,
      kept: keptTension(line, routeM),
      crosses,
      routeM,
    };
  }
  if (!line.points[0] || ends.length !== (line.kind === 'loop' ? 2 : 1)) return nothing;
  const p: V3 = [-line.points[0].fromFrontM, line.points[0].fromCentreM, line.points[0].heightM];
  const inside =
    p[0] <= -c.fromFrontM + 0.021 &&
    p[0] >= -c.fromFrontM - c.lengthM - 0.021 &&
    Math.abs(p[1] - c.fromCentreM) <= c.widthM / 2 + 0.021 &&
    p[2] <= c.heightM + 0.021;
  if (!inside) return nothing;
  const legs = ends.map((_, i) => toward(p, i));
  return {
    ...nothing,
    legs,
    placed: true,
    credited: true,
    kept: null,
    crosses: line.kind === 'loop' && crosses,
  };
}

/** Lines with their strength; an anchor bears at most its rating over the largest vector sum of unit pulls. */
export function linesOf(plan: Plan): Line[] {
  const bare = plan.lines.map((l) => lineOf(plan, l));
  const sharing = sharingOf(bare.map((l) => l.legs));
  return bare.map((l) => ({
    ...l,
    wll: l.credited ? strength(l.elements, plan, sharing, false) : 0,
    breaking: l.credited ? strength(l.elements, plan, sharing, true) : 0,
  }));
}

/** How many times one line's tension an anchor bears at most. */
export function sharingOf(
  lines: readonly (readonly Pick<Leg, 'pull' | 'anchor'>[])[],
): Map<string, number> {
  const pulls = new Map<string, V3[]>();
  for (const legs of lines)
    for (const g of legs)
      if (g.anchor) pulls.set(g.anchor, [...(pulls.get(g.anchor) ?? []), g.pull]);
  // Largest over subsets: for unit vectors the best subset is all on one side of some plane; try every direction of a pair's sum.
  return new Map(
    [...pulls].map(([id, v]) => {
      let most = 1;
      for (let mask = 1; mask < 1 << Math.min(v.length, 12); mask++) {
        const s: V3 = [0, 0, 0];
        v.forEach((x, i) => {
          if (mask & (1 << i))
            x.forEach((c, k) => {
              s[k]! += c;
            });
        });
        most = Math.max(most, norm(s));
      }
      return [id, most] as const;
    }),
  );
}
