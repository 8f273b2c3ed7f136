/** Where the lines of a plan of several units lie and pull, in the second opinion's own words. */
import type { Plan } from '@/core/securement/plan';
import { complete, keptTension, strength } from './oracle-line';
import { minus, overTop, sharingOf, type V3 } from './oracle-lines';
import { hullOver, type Standing, type Touching } from './oracle-units';

/** A line as the oracle credits it. */
export interface Held {
  readonly line: Plan['lines'][number];
  readonly pulls: readonly Touching[];
  readonly placed: boolean;
  readonly kept: number | null;
  readonly wll: number;
  readonly breaking: number;
}

export const isBox = (s: Standing): boolean =>
  s.unit.turnRad === 0 && (s.unit.shape.kind === 'box' || s.unit.shape.kind === 'bundle');

const unitVector = (from: V3, to: V3): V3 => {
  const d = minus(to, from);
  const n = Math.hypot(...d);
  return n === 0 ? [0, 0, 0] : [d[0] / n, d[1] / n, d[2] / n];
};

/** Where a line lies; null: the oracle does not credit it. */
function route(
  plan: Plan,
  line: Plan['lines'][number],
  all: readonly Standing[],
): { pulls: Touching[]; lengthM: number } | null {
  const ends = line.elements.flatMap((e) =>
    e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : [],
  );
  const at = ends.map((id): V3 | null => {
    const a = plan.deck.anchors.find((x) => x.id === id);
    return a ? [-a.fromFrontM, a.fromCentreM, a.heightM] : null;
  });
  if (!complete(line.elements) || at.includes(null)) return null;
  const over = line.units.map((id) => {
    const index = all.findIndex((s) => s.unit.id === id);
    return { index, s: all[index]! };
  });
  if (line.kind === 'direct') {
    const [p, q] = line.points.map((x): V3 => [-x.fromFrontM, x.fromCentreM, x.heightM]);
    if (!p || !q || over.length !== 2 || ends.length > 0) return null;
    return {
      pulls: [
        { body: over[0]!.index, at: p, pull: unitVector(p, q), anchor: null },
        { body: over[1]!.index, at: q, pull: unitVector(q, p), anchor: null },
      ],
      lengthM: Math.hypot(...minus(p, q)),
    };
  }
  if (at.length !== 2 || over.length === 0) return null;
  const stops = stopsOf(plan, line.elements);
  return stops === null ? null : led(line.elements, stops, over);
}

interface Stop {
  readonly id: string;
  readonly at: V3;
  /** What passes round it while it is hauled, and whether the rope is held there. */
  readonly lets: number;
  readonly locked: boolean;
}

/** Anchors and hooks of a line, first to last; null: one of them is not there. */
function stopsOf(plan: Plan, elements: Plan['lines'][number]['elements']): Stop[] | null {
  const stops = elements.flatMap((e): (Stop | null)[] => {
    const id =
      e.kind === 'hook'
        ? e.anchorId
        : e.kind === 'anchor' && e.at.on === 'deck'
          ? e.at.anchorId
          : null;
    if (id === null) return [];
    const a = plan.deck.anchors.find((x) => x.id === id);
    if (!a) return [null];
    const [lets, locked] = e.kind === 'hook' ? [e.efficiency, e.locked] : [1, true];
    return [{ id, at: [-a.fromFrontM, a.fromCentreM, a.heightM], lets, locked }];
  });
  return stops.includes(null) ? null : (stops as Stop[]);
}

/** One stretch from a ring to the next over what lies between; null: it lies over nothing. */
function stretch(from: Stop, to: Stop, over: readonly { index: number; s: Standing }[]) {
  if (from.id === to.id) return null;
  const only = over.length === 1 ? over[0]! : null;
  if (!only || !isBox(only.s)) return hullOver(from.at, to.at, over, [from.id, to.id]);
  const found = overTop(only.s.unit, only.s.top, from.at, to.at);
  return (
    found && {
      pulls: found.legs.map((p, i) => ({
        body: only.index,
        at: p,
        pull: unitVector(p, [from, to][i]!.at),
        anchor: [from, to][i]!.id,
      })),
      lengthM: found.lengthM,
    }
  );
}

/** A rope from stop to stop: each leg has what the turns between it and the one that is hauled let through. */
function led(
  elements: Plan['lines'][number]['elements'],
  stops: readonly Stop[],
  over: readonly { index: number; s: Standing }[],
): { pulls: Touching[]; lengthM: number } | null {
  const system = elements.findIndex((e) =>
    ['truckers', 'ratchet', 'binder', 'tackle'].includes(e.kind),
  );
  const before = elements.slice(0, system < 0 ? elements.length : system);
  const hauled = before.filter((e) => e.kind === 'hook').length;
  let lengthM = 0;
  let lies = false;
  const pulls = stops.slice(1).flatMap((to, i) => {
    const from = stops[i]!;
    const one = stretch(from, to, over);
    lengthM += one?.lengthM ?? Math.hypot(...minus(from.at, to.at));
    lies ||= one !== null;
    const between = i < hauled ? stops.slice(i + 1, hauled + 1) : stops.slice(hauled + 1, i + 1);
    const part = between.reduce((k, s) => k * s.lets, 1);
    return (one?.pulls ?? []).map((p): Touching => ({
      ...p,
      pull: [p.pull[0] * part, p.pull[1] * part, p.pull[2] * part],
    }));
  });
  return lies ? { pulls, lengthM } : null;
}

/** Every line of a plan: where it pulls, with what it keeps, and up to what. */
export function heldLines(plan: Plan, all: readonly Standing[]): Held[] {
  const routes = plan.lines.map((l) => route(plan, l, all));
  const sharing = sharingOf(routes.map((r) => r?.pulls ?? []));
  return plan.lines.map((line, i): Held => {
    const r = routes[i] ?? null;
    return {
      line,
      pulls: r?.pulls ?? [],
      placed: r !== null,
      kept: keptTension(line, line.routeLengthM ?? r?.lengthM ?? null),
      wll: r ? strength(line.elements, plan, sharing, false) : 0,
      breaking: r ? strength(line.elements, plan, sharing, true) : 0,
    };
  });
}
