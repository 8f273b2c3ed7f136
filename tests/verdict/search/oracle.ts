/**
 * A second opinion on a plan, written apart from the product: geometry by minimising the length of the line, strength from
 * tables typed anew, rules from their texts, statics by a general solver with a friction pyramid drawn round the cone. It
 * only says what it is sure of: why HOLDS cannot be right, or nothing. It knows the knots and gear that `make-plan` uses.
 * Sources, all from memory: 49 CFR 393.102–114, EN 12195-1:2010, rope makers' tables; knots common practice, no source.
 */
import { oneLoad } from './one-load';
import type { Plan } from '@/core/securement/plan';
import type { Solver } from './highs';
import { G, isLabelled, SPLICE } from './oracle-line';
import { type V3, minus, cross, type Line, linesOf } from './oracle-lines';

const friction = (plan: Plan): number => {
  const PAIRS: Record<string, number> = {
    'sawn-wood-plywood': 0.45,
    'steel-plywood': 0.45,
    'anti-slip-mat': 0.6,
    'planed-wood-plywood': 0.3,
  };
  const f = oneLoad(plan).load.friction;
  const mu = f.known === 'no' ? 0 : f.known === 'entered' ? f.mu : PAIRS[f.pair]!;
  return Math.min(mu, { clean: 1, unswept: 0.2, icy: 0.1 }[oneLoad(plan).load.surface]);
};

export const DIRECTIONS: Record<'forward' | 'rearward' | 'left' | 'right', V3> = {
  forward: [1, 0, 0],
  rearward: [-1, 0, 0],
  left: [0, 1, 0],
  right: [0, -1, 0],
};

export type Dir = keyof typeof DIRECTIONS;

export const dirs = Object.keys(DIRECTIONS) as Dir[];

const FACETS = 16;

/** Most that statics allow in a direction, in g; null: no balance at rest. `limit`: tension bounds of a line. */
function staticsBound(
  plan: Plan,
  lines: readonly Line[],
  u: V3,
  limit: (l: Line) => readonly [number, number] | null,
  solver: Solver,
  cz = 1,
): number | null {
  const { deck } = plan;
  const c = oneLoad(plan).load;
  const W = c.massKg! * G;
  const mu = friction(plan) / Math.cos(Math.PI / FACETS);
  const cg: V3 = [
    -c.fromFrontM - c.lengthM / 2 + (c.cgForwardM ?? 0),
    c.fromCentreM + (c.cgLeftM ?? 0),
    c.cgHeightM ?? c.heightM,
  ];
  const within = (v: number, a: number, b: number): number => Math.max(a, Math.min(b, v));
  const xs = [-c.fromFrontM, -c.fromFrontM - c.lengthM].map((x) => within(x, -deck.lengthM, 0));
  const ys = [1, -1].map((s) =>
    within(c.fromCentreM + (s * c.widthM) / 2, -deck.widthM / 2, deck.widthM / 2),
  );
  const columns: { w: number[]; extra?: number; upper: number }[] = [];
  const fixed = [0, 0, 0, 0, 0, 0];
  const wrench = (f: V3, p: V3): number[] => [...f, ...cross(minus(p, cg), f)];
  for (const x of xs)
    for (const y of ys)
      for (let k = 0; k < FACETS; k++) {
        const phi = (2 * Math.PI * k) / FACETS;
        columns.push({
          w: wrench([mu * Math.cos(phi), mu * Math.sin(phi), 1], [x, y, 0]),
          upper: Infinity,
        });
      }
  const boards = dirs.filter(
    (d) =>
      oneLoad(plan).boards[d].touching &&
      (oneLoad(plan).boards[d].capacityN ?? 0) > 0 &&
      DIRECTIONS[d][0] * u[0] + DIRECTIONS[d][1] * u[1] > 1e-9,
  );
  boards.forEach((d, i) => {
    const top = Math.min(c.heightM, oneLoad(plan).boards[d].heightM ?? 0);
    const n = DIRECTIONS[d];
    for (const s of [1, -1])
      for (const z of top > 0 ? [0, top] : [0]) {
        const p: V3 =
          n[0] !== 0
            ? [
                n[0] > 0 ? -c.fromFrontM : -c.fromFrontM - c.lengthM,
                c.fromCentreM + (s * c.widthM) / 2,
                z,
              ]
            : [-c.fromFrontM - (s > 0 ? 0 : c.lengthM), c.fromCentreM + (n[1] * c.widthM) / 2, z];
        columns.push({ w: wrench([-n[0], -n[1], 0], p), extra: i, upper: Infinity });
      }
    columns.push({ w: [0, 0, 0, 0, 0, 0], extra: i, upper: Infinity });
  });
  for (const l of lines) {
    if (!l.placed || !l.credited) continue;
    const bounds = limit(l);
    if (!bounds) continue;
    const w = [0, 0, 0, 0, 0, 0];
    for (const g of l.legs)
      wrench(g.pull, g.at!).forEach((v, k) => {
        w[k]! += v;
      });
    w.forEach((v, k) => {
      fixed[k]! += (v * bounds[0]) / W;
    });
    if (bounds[1] > bounds[0])
      columns.push({ w, upper: Math.min(1e4, (bounds[1] - bounds[0]) / W) });
  }
  columns.push({ w: wrench(u, cg), upper: 60 });
  const rows = [0, 1, 2, 3, 4, 5].map((k) => ({
    values: columns.map((x) => x.w[k]!),
    equals: (k === 2 ? cz : 0) - fixed[k]!,
  }));
  const caps = boards.map((d, i) => ({
    values: columns.map((x) => (x.extra === i ? 1 : 0)),
    equals: oneLoad(plan).boards[d].capacityN! / W,
  }));
  return solver.maximum({
    cost: columns.map((_, i) => (i === columns.length - 1 ? 1 : 0)),
    rows: [...rows, ...caps],
    upper: columns.map((x) => x.upper),
  });
}

export const isKnotted = (l: Pick<Line, 'elements'>): boolean =>
  l.elements.some(
    (e) =>
      (e.kind === 'knot' && e.knot !== SPLICE) ||
      e.kind === 'bend' ||
      e.kind === 'loop' ||
      e.kind === 'lock' ||
      e.kind === 'truckers',
  );

/** 49 CFR 393.104, 393.106, 393.110 from the text. */
function commercial(plan: Plan, lines: readonly Line[]): string | null {
  const c = oneLoad(plan).load;
  if (lines.some(isKnotted)) return 'a knot in a tie-down';
  if (lines.some((l) => l.elements.some((e) => e.kind === 'edge' && e.shape === 'sharp')))
    return 'an unprotected edge';
  const parts = (m: number): number => Math.ceil(m / 3.048 - 1e-9);
  const board = oneLoad(plan).boards.forward;
  const blocked =
    board.touching &&
    board.capacityN !== null &&
    board.capacityN >= Math.max(0, (0.8 - friction(plan)) * c.massKg! * G) * (1 - 1e-9) &&
    board.capacityN > 0;
  const needs = blocked
    ? Math.max(1, parts(c.lengthM))
    : c.lengthM <= 1.524 * (1 + 1e-9) && c.massKg! <= 1100 * 0.45359237 * (1 + 1e-9)
      ? 1
      : c.lengthM <= 3.048 * (1 + 1e-9)
        ? 2
        : 2 + parts(c.lengthM - 3.048);
  if (
    lines.filter((l) => l.wll > 0).length < needs &&
    !(board.touching && board.capacityN !== null && 0.8 - friction(plan) <= 0)
  )
    return `fewer than ${needs} tie-downs`;
  const sum = lines.reduce((s, l) => s + l.wll * (l.kind !== 'direct' && l.crosses ? 1 : 0.5), 0);
  return sum < ((c.massKg! * G) / 2) * (1 - 1e-9)
    ? 'sum of working load limits below half the weight'
    : null;
}

/** EN 12195-1:2010 from the text: sliding, and tilting for one row. */
function european(plan: Plan, lines: readonly Line[]): string | null {
  const c = oneLoad(plan).load;
  const [W, mu] = [c.massKg! * G, friction(plan)];
  for (const d of dirs) {
    const [need, fs] = d === 'forward' ? [0.8, 1.25] : [0.5, 1.1];
    const u = DIRECTIONS[d];
    const board = oneLoad(plan).boards[d];
    const BC = board.touching ? (board.capacityN ?? 0) : 0;
    let [P, H, D] = [0, 0, 0];
    for (const l of lines) {
      if (!l.placed || !l.credited) continue;
      const [down, along] = [
        l.legs.reduce((s, g) => s - g.pull[2], 0),
        -l.legs.reduce((s, g) => s + g.pull[0] * u[0] + g.pull[1] * u[1], 0),
      ];
      if (l.kind === 'over') {
        const F = l.wll > 0 ? Math.min(l.kept ?? 0, l.wll / 2) : 0;
        P += F * down;
        H += F * (along > 0 ? along / fs : along);
      } else if (along > 0) D += l.wll * (along + 0.75 * mu * down);
    }
    const over = mu + ((mu * P) / fs + H + BC) / W;
    const mixed = 0.75 * mu + ((0.75 * mu * P) / fs + H + D + BC) / W;
    if (lines.every((l) => l.placed || !l.credited) && Math.max(over, mixed) < need - 1e-6)
      return `slides ${d} by EN 12195-1: ${Math.max(over, mixed).toFixed(3)} of ${need}`;
  }
  return null;
}

function hauledBeyond(plan: Plan, lines: readonly Line[]): string | null {
  // Where nothing is driven half as much again must be carried, and a tension nobody knows is no figure at all.
  const site = plan.ruleSet === 'site';
  const strap = lines.find(
    (l) =>
      l.credited &&
      l.kept !== null &&
      (l.wll > 0 || site) &&
      l.kept * (site && isLabelled(l.elements) ? 1.5 : 1) > l.wll * (1 + 1e-6),
  );
  if (site && lines.some((l) => l.kept === null && l.kind === 'over'))
    return 'a tension nobody knows';
  if (strap) return 'a line kept tighter than it may carry';
  const limit = oneLoad(plan).load.maxLineForceN;
  return limit !== null && lines.some((l) => l.kept !== null && l.kept > limit * (1 + 1e-6))
    ? 'the load is crushed'
    : null;
}

export interface Box {
  readonly breaking: boolean;
  readonly need: Readonly<Record<Dir, number>>;
  /** Part of the weight on the deck. */
  readonly cz?: number;
}
const level = (forward: number, rearward: number, side: number): Box['need'] => ({
  forward,
  rearward,
  left: side,
  right: side,
});
const sea = (along: number, cz: number, across: number): Box[] => [
  { breaking: false, need: level(along, along, 0), cz },
  { breaking: false, need: level(0, 0, across) },
];
const US: readonly Box[] = [
  { breaking: false, need: level(0.435, 0.5, 0.25) },
  { breaking: true, need: level(0.8, 0.5, 0.5) },
];
export const BOXES: Readonly<Record<Plan['ruleSet'], readonly Box[]>> = {
  'us-cmv': US,
  'us-light': US,
  'eu-road': [{ breaking: false, need: level(0.8, 0.5, 0.5) }],
  'au-road': [{ breaking: false, need: level(0.8, 0.5, 0.5) }],
  'uk-road': [{ breaking: false, need: level(1, 0.5, 0.5) }],
  'sea-ctu-a': sea(0.3, 0.5, 0.5),
  'sea-ctu-b': sea(0.3, 0.3, 0.7),
  'sea-ctu-c': sea(0.4, 0.2, 0.8),
  site: [{ breaking: false, need: level(0.025, 0.025, 0.025) }],
};

/** Sets that want it held down beyond its weight, by a fifth: lines alone, over-lines by what they keep. */
function heldDown(plan: Plan, lines: readonly Line[]): string | null {
  if (!['us-light', 'au-road'].includes(plan.ruleSet) || oneLoad(plan).load.fullyContained)
    return null;
  if (lines.some((l) => l.credited && !l.placed)) return null;
  const down = lines.reduce((sum, l) => {
    const pressing = l.credited ? l.legs.reduce((s, g) => s - g.pull[2], 0) : 0;
    return sum + pressing * (l.kind === 'over' ? (l.wll > 0 ? (l.kept ?? 0) : 0) : l.wll);
  }, 0);
  return down < 0.2 * oneLoad(plan).load.massKg! * G * (1 - 1e-6)
    ? 'a fifth of it is not held down'
    : null;
}

/** Statics of every direction that is asked for; where the rule asks for no tension an unknown one may be anything the line carries. */
function statics(plan: Plan, lines: readonly Line[], solver: Solver): string | null {
  const cmv = plan.ruleSet === 'us-cmv';
  if (lines.some((l) => l.credited && !l.placed)) return null;
  const boxes = BOXES[plan.ruleSet];
  // Over-lines hold by what they keep, whatever they could stand: then only the greater demand is worth a programme.
  const alike = lines.every((l) => l.kind === 'over' || !l.credited);
  for (const box of boxes)
    for (const d of dirs) {
      if (box.need[d] === 0) continue;
      if (
        alike &&
        boxes.some(
          (b) =>
            b.need[d] > box.need[d] ||
            (b.need[d] === box.need[d] && boxes.indexOf(b) < boxes.indexOf(box)),
        )
      )
        continue;
      const limit = (l: Line): readonly [number, number] | null => {
        if (l.kind !== 'over') return [0, box.breaking ? (cmv ? Infinity : l.breaking) : l.wll];
        if (l.kept === null) return cmv ? [0, l.wll] : null;
        if (cmv) return [0, Math.min(l.kept, l.wll)];
        return l.wll > 0 ? [Math.min(l.kept, l.wll), Math.min(l.kept, l.wll)] : null;
      };
      const bound = staticsBound(plan, lines, DIRECTIONS[d], limit, solver, box.cz);
      if (bound === null) return `dragged by its own lines (${d})`;
      if (bound < box.need[d] - 1e-6)
        return `statics allow ${bound.toFixed(4)} g ${d}, asked ${box.need[d]}${box.breaking ? ' at breaking strength' : ''}`;
    }
  return null;
}

/** Why HOLDS cannot be right, or null. */
export function whyNotHolds(plan: Plan, solver: Solver): string | null {
  if (oneLoad(plan).load.massKg === null) return 'nobody knows what it weighs';
  const lines = linesOf(plan);
  const bad = plan.lines.find((l, i) => !lines[i]!.credited && l.kind === 'over');
  if (bad) return `line ${bad.id} is no line over the load`;
  return (
    (plan.ruleSet === 'us-cmv'
      ? commercial(plan, lines)
      : plan.ruleSet === 'eu-road'
        ? european(plan, lines)
        : null) ??
    hauledBeyond(plan, lines) ??
    heldDown(plan, lines) ??
    statics(plan, lines, solver)
  );
}
