/** The second opinion on plans of several units: strength as for one, statics of all bodies at once by a general solver. */
import type { Plan } from '@/core/securement/plan';
import type { Solver } from './highs';
import { BOXES, type Box, type Dir, DIRECTIONS, dirs, isKnotted } from './oracle';
import { G, isLabelled } from './oracle-line';
import { cross, minus, type V3 } from './oracle-lines';
import { type Held, heldLines, isBox } from './oracle-routes';
import { carrying, isLying, neighbours, type Standing, standings, weightN } from './oracle-units';

const FACETS = 16;
const frictionOf = ({ friction: f, surface }: Plan['units'][number]): number =>
  Math.min(
    f.known === 'no' ? 0 : f.known === 'entered' ? f.mu : 1,
    { clean: 1, unswept: 0.2, icy: 0.1 }[surface],
  );

type Column = { w: number[]; upper: number; cap?: number };

/** Most that statics allow all of them in one direction, in g; null: no balance at rest. */
function bound(
  plan: Plan,
  all: readonly Standing[],
  lines: readonly Held[],
  d: Dir,
  box: Box,
  solver: Solver,
): number | null {
  const W = all.reduce((s, x) => s + weightN(x.unit), 0);
  const u = DIRECTIONS[d];
  const [m, cz] = [6 * all.length, box.cz ?? 1];
  const cgs = all.map(({ unit, middle, base }): V3 => [
    middle[0] + (unit.cgForwardM ?? 0),
    middle[1] + (unit.cgLeftM ?? 0),
    base + (unit.cgHeightM ?? unit.heightM),
  ]);
  const empty = (): number[] => new Array<number>(m).fill(0);
  const put = (w: number[], body: number, f: V3, p: V3, k = 1): number[] => {
    [...f, ...cross(minus(p, cgs[body]!), f)].forEach((v, i) => {
      w[6 * body + i]! += k * v;
    });
    return w;
  };
  const columns: Column[] = [];
  const caps: number[] = [];
  const fixed = empty();
  all.forEach((s, body) => {
    const mu = frictionOf(s.unit) / Math.cos(Math.PI / FACETS);
    const under = s.under ? all.indexOf(s.under) : -1;
    for (const p of carrying(s, plan.deck))
      for (let k = 0; k < FACETS; k++) {
        const phi = (2 * Math.PI * k) / FACETS;
        const f: V3 = [mu * Math.cos(phi), mu * Math.sin(phi), 1];
        const w = put(empty(), body, f, p);
        if (under >= 0) put(w, under, f, p, -1);
        columns.push({ w, upper: Infinity });
      }
    const { shape, heightM: h } = s.unit;
    if (isLying(s.unit) && shape.kind === 'cylinder-lying' && shape.chocks?.capacityN) {
      const [r, c] = [h / 2, shape.chocks.heightM];
      const out = Math.sqrt(r * r - (r - c) ** 2);
      for (const side of [1, -1]) {
        caps.push(shape.chocks.capacityN / W);
        for (const end of [1, -1])
          columns.push({
            w: put(
              empty(),
              body,
              [0, (-side * out) / r, (r - c) / r],
              [s.middle[0] + (end * s.unit.lengthM) / 2, s.middle[1] + side * out, c],
            ),
            upper: Infinity,
            cap: caps.length - 1,
          });
      }
    }
  });
  for (const n of neighbours(all))
    for (const p of n.at) {
      const w = put(empty(), n.b, n.normal, p);
      columns.push({ w: put(w, n.a, n.normal, p, -1), upper: Infinity });
    }
  const board = plan.deck.boards[d];
  if (board.capacityN) {
    caps.push(board.capacityN / W);
    all.forEach((s, body) => {
      if (!s.unit.against.includes(d)) return;
      const along = d === 'forward' || d === 'rearward' ? 0 : 1;
      const far = Math.max(...s.corners.map((c) => c[along] * u[along]));
      const others = s.corners.map((c) => c[1 - along]!);
      for (const o of [Math.min(...others), Math.max(...others)])
        for (const z of [s.base, Math.min(s.top, Math.max(s.base, board.heightM ?? 0))])
          columns.push({
            w: put(
              empty(),
              body,
              [-u[0], -u[1], 0],
              along === 0 ? [far * u[0], o, z] : [o, far * u[1], z],
            ),
            upper: Infinity,
            cap: caps.length - 1,
          });
    });
  }
  const cmv = plan.ruleSet === 'us-cmv';
  for (const l of lines) {
    if (!l.placed) continue;
    const F = l.kept;
    const limits: readonly [number, number] | null =
      l.line.kind !== 'over'
        ? [0, box.breaking ? (cmv ? 1e9 : l.breaking) : l.wll]
        : F === null
          ? cmv
            ? [0, l.wll]
            : null
          : cmv
            ? [0, Math.min(F, l.wll)]
            : l.wll > 0
              ? [Math.min(F, l.wll), Math.min(F, l.wll)]
              : null;
    if (limits === null) continue;
    const w = empty();
    for (const t of l.pulls) put(w, t.body, t.pull, t.at);
    w.forEach((v, i) => {
      fixed[i]! += (v * limits[0]) / W;
    });
    if (limits[1] > limits[0])
      columns.push({ w, upper: Math.min(1e4, (limits[1] - limits[0]) / W) });
  }
  const push = empty();
  all.forEach((s, body) => {
    const part = weightN(s.unit) / W;
    put(push, body, [u[0] * part, u[1] * part, 0], cgs[body]!);
  });
  columns.push({ w: push, upper: 60 });
  const slacks = caps.map((_, c) => ({ w: empty(), upper: Infinity, cap: c }));
  const every = [...columns.slice(0, -1), ...slacks, columns.at(-1)!];
  return solver.maximum({
    cost: every.map((_, i) => (i === every.length - 1 ? 1 : 0)),
    upper: every.map((c) => c.upper),
    rows: [
      ...Array.from({ length: m }, (_, i) => ({
        values: every.map((c) => c.w[i]!),
        equals: (i % 6 === 2 ? (cz * weightN(all[Math.floor(i / 6)]!.unit)) / W : 0) - fixed[i]!,
      })),
      ...caps.map((cap, c) => ({
        values: every.map((x) => (x.cap === c ? 1 : 0)),
        equals: cap,
      })),
    ],
  });
}

/** Two boxes along the deck that stand in each other by more than anybody mismeasures. */
const inEachOther = (all: readonly Standing[]): boolean =>
  all.some((p, i) =>
    all.some((q, k) => {
      if (k <= i || !isBox(p) || !isBox(q)) return false;
      const apart = (c: 0 | 1): number =>
        Math.min(
          Math.max(...p.corners.map((x) => x[c])) - Math.min(...q.corners.map((x) => x[c])),
          Math.max(...q.corners.map((x) => x[c])) - Math.min(...p.corners.map((x) => x[c])),
        );
      const up = Math.min(p.top, q.top) - Math.max(p.base, q.base);
      return Math.min(apart(0), apart(1), up) > 0.06;
    }),
  );

/** What the lines themselves forbid, and what is counted of all of them together. */
function counted(plan: Plan, lines: readonly Held[]): string | null {
  const weight = plan.units.reduce((s, u) => s + u.massKg! * G, 0);
  const site = plan.ruleSet === 'site';
  const tight = (l: Held): boolean =>
    l.placed &&
    l.kept !== null &&
    (l.wll > 0 || site) &&
    l.kept * (site && isLabelled(l.line.elements) ? 1.5 : 1) > l.wll * (1 + 1e-6);
  if (lines.some(tight)) return 'a line kept tighter than it may carry';
  const crushed = lines.some((l) =>
    plan.units.some(
      (u) =>
        u.maxLineForceN !== null &&
        l.line.units.includes(u.id) &&
        (l.kept ?? 0) > u.maxLineForceN * (1 + 1e-6),
    ),
  );
  if (crushed) return 'a unit is crushed';
  if (plan.ruleSet === 'us-cmv') {
    if (lines.some((l) => isKnotted(l.line))) return 'a knot in a tie-down';
    const toDeck = lines.filter((l) => l.pulls.some((p) => p.anchor !== null));
    if (toDeck.reduce((s, l) => s + l.wll, 0) < (weight / 2) * (1 - 1e-9))
      return 'sum of working load limits below half the weight';
  }
  if (['us-light', 'au-road'].includes(plan.ruleSet) && !plan.units.some((u) => u.fullyContained)) {
    const down = lines.reduce(
      (sum, l) =>
        sum +
        l.pulls.reduce((s, p) => s - (p.anchor ? p.pull[2] : 0), 0) *
          (l.line.kind === 'over' ? (l.wll > 0 ? (l.kept ?? 0) : 0) : l.wll),
      0,
    );
    if (down < 0.2 * weight * (1 - 1e-6)) return 'a fifth of it is not held down';
  }
  return null;
}

/** Why HOLDS cannot be right for a plan of several units, or null. */
export function whyNotHoldsSeveral(plan: Plan, solver: Solver): string | null {
  if (plan.units.some((u) => u.massKg === null)) return 'nobody knows what it weighs';
  const all = standings(plan);
  if (inEachOther(all)) return 'two units stand in each other';
  const lines = heldLines(plan, all);
  const found = counted(plan, lines);
  if (found) return found;
  for (const box of BOXES[plan.ruleSet])
    for (const d of dirs) {
      if (box.need[d] === 0) continue;
      const most = bound(plan, all, lines, d, box, solver);
      if (most === null) return `dragged by its own lines (${d})`;
      if (most < box.need[d] - 1e-6)
        return `statics allow ${most.toFixed(4)} g ${d}, asked ${box.need[d]}${box.breaking ? ' at breaking strength' : ''}`;
    }
  return null;
}
