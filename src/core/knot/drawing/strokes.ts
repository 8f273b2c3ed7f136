import type { DrawnBar, DrawnFixture, Trace } from './outline';

/** A stretch of a trace that can be drawn in one go, from sample to sample. */
export interface Stroke {
  readonly trace: number;
  readonly from: number;
  readonly to: number;
  /** Stretches (samples) that lie in the shadow of rope drawn later. */
  readonly shaded: readonly (readonly [from: number, to: number])[];
}

/** What is drawn, lowest first: strokes of rope, and bars between them. */
export type DrawnItem =
  | ({ readonly kind: 'stroke' } & Stroke)
  | { readonly kind: 'bar'; readonly fixture: number }
  | ({ readonly kind: 'grip' } & DrawnGrip);

/** A hand round the rope: where, and the way to its arm (of length 1), in picture coordinates. */
export interface DrawnGrip {
  readonly x: number;
  readonly y: number;
  readonly armX: number;
  readonly armY: number;
  readonly turns: boolean;
}

/** Neighbours nearly side by side and nearly level do not hide each other, whichever is drawn first. */
const TANGENT = 0.86;
const LEVEL = 0.5;
/** Samples nearer than this many widths along the same rope are the same piece of rope. */
const SAME_PIECE = 1.3;
/** How far beside an over strand its shadow reaches, in widths. */
const SHADOW = 0.32;

interface Plan {
  /** For every sample: samples that must be drawn before it. */
  readonly before: number[][];
  readonly shadowed: boolean[];
  readonly owner: Int32Array;
  readonly first: number[];
}

/**
 * Orders traces so that what lies over is drawn after what lies under, in as few long strokes as that allows
 * (4 to 17 for a knot).
 */
export function strokesOf(
  traces: readonly Trace[],
  fixtures: readonly DrawnFixture[],
): DrawnItem[] {
  const plan = planOf(traces);
  const bars = fixtures.flatMap((f, i) => (f.kind === 'bar' ? [i] : []));
  const behind = bars.map((b) => sidesOfBar(traces, plan, fixtures[b] as DrawnBar));
  return schedule(traces, plan, bars, behind);
}

function planOf(traces: readonly Trace[]): Plan {
  const first: number[] = [];
  let total = 0;
  for (const t of traces) {
    first.push(total);
    total += t.x.length;
  }
  const owner = new Int32Array(total);
  traces.forEach((t, k) => owner.fill(k, first[k], first[k]! + t.x.length));
  const before: number[][] = Array.from({ length: total }, () => []);
  const shadowed = Array.from({ length: total }, () => false);
  eachNearPair(traces, first, (k, i, m, j, far) => {
    const [a, b] = [traces[k]!, traces[m]!];
    const width = 0.5 * (a.width + b.width);
    if (k === m && Math.abs(a.s[i]! - a.s[j]!) < SAME_PIECE * a.width) return;
    const over = a.z[i]! - b.z[j]!;
    if (far > TANGENT * width && Math.abs(over) < LEVEL * width) return;
    const [low, high] = over > 0 ? [first[m]! + j, first[k]! + i] : [first[k]! + i, first[m]! + j];
    const highWidth = over > 0 ? a.width : b.width;
    if (Math.abs(over) > 0.4 * width && far < (0.5 + SHADOW) * highWidth + 0.1 * width)
      shadowed[low] = true;
    if (far < 1.04 * width) before[high]!.push(low);
  });
  return { before, shadowed, owner, first };
}

/** Calls back for all pairs of samples whose tubes overlap in the picture or nearly so. */
export function eachNearPair(
  traces: readonly Trace[],
  first: readonly number[],
  back: (k: number, i: number, m: number, j: number, far: number) => void,
): void {
  const cell = Math.max(...traces.map((t) => t.width)) * 1.35;
  const cells = new Map<number, [k: number, i: number][]>();
  const key = (cx: number, cy: number): number => (cx + 4096) * 8192 + cy + 4096;
  traces.forEach((t, k) => {
    for (let i = 0; i < t.x.length; i++) {
      const [cx, cy] = [Math.floor(t.x[i]! / cell), Math.floor(t.y[i]! / cell)];
      for (let dx = -1; dx <= 1; dx++)
        for (let dy = -1; dy <= 1; dy++) {
          for (const [m, j] of cells.get(key(cx + dx, cy + dy)) ?? []) {
            const other = traces[m]!;
            const far = Math.hypot(t.x[i]! - other.x[j]!, t.y[i]! - other.y[j]!);
            if (far < 1.35 * 0.5 * (t.width + other.width)) back(k, i, m, j, far);
          }
        }
      const mine = key(cx, cy);
      const list = cells.get(mine);
      if (list) list.push([k, i]);
      else cells.set(mine, [[k, i]]);
    }
  });
}

interface BarSides {
  readonly under: Set<number>;
  readonly over: Set<number>;
}

/** Which samples a bar hides, and which hide it. */
function sidesOfBar(traces: readonly Trace[], plan: Plan, bar: DrawnBar): BarSides {
  const [ux, uy] = [bar.x2 - bar.x1, bar.y2 - bar.y1];
  const length = Math.hypot(ux, uy);
  const sides: BarSides = { under: new Set(), over: new Set() };
  traces.forEach((t, k) => {
    for (let i = 0; i < t.x.length; i++) {
      const [px, py] = [t.x[i]! - bar.x1, t.y[i]! - bar.y1];
      const along = (px * ux + py * uy) / length;
      const aside = Math.abs(px * uy - py * ux) / length;
      if (along < -t.width || along > length + t.width || aside > bar.radius + 0.52 * t.width)
        continue;
      if (Math.abs(t.z[i]!) < 0.35 * t.width && aside > bar.radius + 0.2 * t.width) continue;
      (t.z[i]! > 0 ? sides.over : sides.under).add(plan.first[k]! + i);
    }
  });
  return sides;
}

function schedule(
  traces: readonly Trace[],
  plan: Plan,
  bars: readonly number[],
  behind: readonly BarSides[],
): DrawnItem[] {
  const total = plan.owner.length;
  const done = new Uint8Array(total);
  const barDone = bars.map(() => false);
  const items: DrawnItem[] = [];
  const ready = (i: number): boolean =>
    plan.before[i]!.every((b) => done[b]) && behind.every((b, n) => barDone[n] || !b.over.has(i));
  let left = total;
  while (left > 0 || barDone.includes(false)) {
    const bar = bars.findIndex(
      (_, n) => !barDone[n] && [...behind[n]!.under].every((i) => done[i]),
    );
    if (bar >= 0) {
      barDone[bar] = true;
      items.push({ kind: 'bar', fixture: bars[bar]! });
      continue;
    }
    const run = longestReady(traces, plan, done, ready) ?? stuck(plan, done);
    if (!run) {
      items.push(
        ...bars.filter((_, n) => !barDone[n]).map((fixture) => ({ kind: 'bar' as const, fixture })),
      );
      barDone.fill(true);
      continue;
    }
    for (let i = run.from; i <= run.to; i++) done[i] = 1;
    left -= run.to - run.from + 1;
    const k = plan.owner[run.from]!;
    const [from, to] = [run.from - plan.first[k]!, run.to - plan.first[k]!];
    items.push({
      kind: 'stroke',
      trace: k,
      from,
      to,
      shaded: stretches(plan.shadowed, run.from, run.to, plan.first[k]!),
    });
  }
  return items;
}

interface Run {
  readonly from: number;
  readonly to: number;
}

/** The longest stretch of one trace that may be drawn now, drawing along it in either direction. */
function longestReady(
  traces: readonly Trace[],
  plan: Plan,
  done: Uint8Array,
  ready: (i: number) => boolean,
): Run | null {
  let best: Run | null = null;
  traces.forEach((t, k) => {
    const start = plan.first[k]!;
    for (let i = start; i < start + t.x.length; i++) {
      if (done[i] || !ready(i)) continue;
      let to = i;
      while (to + 1 < start + t.x.length && !done[to + 1] && ready(to + 1)) to++;
      if (!best || to - i > best.to - best.from) best = { from: i, to };
      i = to;
    }
  });
  return best;
}

/** Should strands lie over each other in a circle, the first sample left is drawn as it is. */
function stuck(plan: Plan, done: Uint8Array): Run | null {
  const i = done.indexOf(0);
  return i < 0 ? null : { from: i, to: i };
}

function stretches(
  flags: readonly boolean[],
  from: number,
  to: number,
  offset: number,
): [number, number][] {
  const list: [number, number][] = [];
  for (let i = from; i <= to; i++) {
    if (!flags[i]) continue;
    const start = i;
    while (i + 1 <= to && flags[i + 1]) i++;
    list.push([start - offset, i - offset]);
  }
  return list;
}
