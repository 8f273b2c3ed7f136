import { fail, ok, type Result } from '../result';

/** Something ropes pull on. All bodies lie along one line; `at` is the order from the load (low) toward the anchor (high). */
export interface RiggingBody {
  readonly id: string;
  /** The load and the anchors are held; a travelling body (loop knot, pulley, grip hitch) must be in equilibrium by itself. */
  readonly kind: 'load' | 'anchor' | 'travelling';
  readonly at: number;
}

/** A turn of a rope round a body: what of the tension is left beyond it, seen from the end that is pulled. */
export interface RiggingPass {
  readonly body: string;
  /** What the whole turn leaves while hauling, 0 < e ≤ 1; exp(−μθ) for a wrap angle θ. */
  readonly efficiency: number;
  /** Angle wrapped while the hand pulls along the line; a half turn where it is not said. Only the first turn reads it. */
  readonly wrapRad?: number;
}

/** One rope from the end that is pulled to the end that is made fast. */
export interface RiggingRope {
  /** The hand, or the body the rope is tied to. */
  readonly from: 'hand' | { readonly body: string };
  readonly passes: readonly RiggingPass[];
  readonly to: string;
}

/** A system of bodies and ropes that multiplies the pull of one hand. */
export interface Rigging {
  readonly bodies: readonly RiggingBody[];
  readonly ropes: readonly RiggingRope[];
  /** Angle of the hand from the direction toward the anchor: 0 toward it, π back toward the load. */
  readonly handAngleRad: number;
}

/** What every strand and body bears for a pull of 1 of the hand. */
export interface RiggingForces {
  /** Strand tensions by rope, from the pulled end on; one more than the rope has passes. */
  readonly strands: readonly (readonly number[])[];
  /** Force on the load toward the anchor: the mechanical advantage. */
  readonly loadRatio: number;
  /** Force on each anchor toward the load, by its id. */
  readonly anchors: ReadonlyMap<string, number>;
}

/** Hauling: friction takes from the hand's pull. Holding: the load would run out, and friction helps the hand. */
export type RiggingState = 'hauling' | 'holding';

/** One rope walked from its first strand: every strand as a part of that one, and what it pulls on each body along the line. */
interface Route {
  readonly factors: readonly number[];
  /** By body, toward the anchor, for a tension of 1 in the first strand. */
  readonly pulls: readonly number[];
  readonly fromHand: boolean;
}

/** Below this, a pivot counts as nothing: tensions are of the order of the hand's pull. */
const NOTHING = 1e-9;

/**
 * Part of the first turn that is left when the hand pulls at an angle: the hand takes its angle off the wrap, whatever
 * the wrap is, so that of one and a half turns only the last half shrinks. `onward` > 0: the rope goes on toward the anchor.
 */
export function handTurn(handAngleRad: number, onward: number, wrapRad = Math.PI): number {
  const off = onward > 0 ? handAngleRad : Math.PI - handAngleRad;
  return Math.max(0, wrapRad - off) / wrapRad;
}

/** All stops of a rope in order; the hand is none. */
export function stopsOf(rope: RiggingRope): string[] {
  const stops = rope.from === 'hand' ? [] : [rope.from.body];
  for (const pass of rope.passes) stops.push(pass.body);
  stops.push(rope.to);
  return stops;
}

/** Walks a rope over its stops, given as places in the list of bodies. */
function routeOf(
  rope: RiggingRope,
  stops: readonly number[],
  { bodies, handAngleRad }: Rigging,
  state: RiggingState,
): Route {
  const fromHand = rope.from === 'hand';
  const factors: number[] = [];
  const pulls = bodies.map(() => 0);
  let factor = 1;
  if (fromHand) {
    factors.push(1);
    pulls[stops[0]!]! += Math.cos(handAngleRad);
  }
  for (let i = 0; i + 1 < stops.length; i++) {
    const here = stops[i]!;
    const next = stops[i + 1]!;
    const onward = bodies[next]!.at > bodies[here]!.at ? 1 : -1;
    const pass = rope.passes[fromHand ? i : i - 1];
    if (pass) {
      const left =
        fromHand && i === 0
          ? pass.efficiency ** handTurn(handAngleRad, onward, pass.wrapRad)
          : pass.efficiency;
      factor = state === 'hauling' ? factor * left : factor / left;
    }
    factors.push(factor);
    pulls[here]! += factor * onward;
    pulls[next]! -= factor * onward;
  }
  return { factors, pulls, fromHand };
}

/** What is wrong with the bodies and the hand, or null. */
function bodyFault(
  { bodies, ropes, handAngleRad }: Rigging,
  known: ReadonlyMap<string, number>,
): Result<never> | null {
  if (known.size !== bodies.length) return fail('rigging-body-twice');
  if (!bodies.some((b) => b.kind === 'load') || !bodies.some((b) => b.kind === 'anchor'))
    return fail('rigging-no-load-or-anchor');
  if (!(handAngleRad >= 0 && handAngleRad <= Math.PI)) return fail('rigging-hand-angle');
  return ropes.filter((r) => r.from === 'hand').length === 1 ? null : fail('rigging-one-hand');
}

/** Where each rope stops, as places in the list of bodies, or the first reason for which a rigging says nothing sensible. */
function located(rigging: Rigging): Result<number[][]> {
  const { bodies, ropes } = rigging;
  const known = new Map<string, number>();
  bodies.forEach((b, i) => known.set(b.id, i));
  const wrong = bodyFault(rigging, known);
  if (wrong) return wrong;
  const places: number[][] = [];
  for (let i = 0; i < ropes.length; i++) {
    const rope = ropes[i]!;
    const stops: number[] = [];
    for (const id of stopsOf(rope)) {
      const place = known.get(id);
      if (place === undefined) return fail('rigging-unknown-body', { rope: i + 1, body: id });
      const before = stops.at(-1);
      if (before !== undefined && bodies[before]!.at === bodies[place]!.at)
        return fail('rigging-strand-nowhere', { rope: i + 1 });
      stops.push(place);
    }
    for (const { efficiency } of rope.passes)
      if (!(efficiency > 0 && efficiency <= 1)) return fail('rigging-efficiency', { rope: i + 1 });
    places.push(stops);
  }
  return ok(places);
}

/** Places in a list that meet a condition. A plain loop: this runs on every movement of the hand. */
function placesWhere<T>(list: readonly T[], wanted: (item: T) => boolean): number[] {
  const places: number[] = [];
  for (let i = 0; i < list.length; i++) if (wanted(list[i]!)) places.push(i);
  return places;
}

/** Solves a square system in place by elimination with pivoting; null when it has no single solution. */
function solved(rows: number[][]): number[] | null {
  const n = rows.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++)
      if (Math.abs(rows[i]![k]!) > Math.abs(rows[pivot]![k]!)) pivot = i;
    if (Math.abs(rows[pivot]![k]!) < NOTHING) return null;
    const held = rows[pivot]!;
    rows[pivot] = rows[k]!;
    rows[k] = held;
    for (let i = 0; i < n; i++) {
      if (i === k) continue;
      const share = rows[i]![k]! / rows[k]![k]!;
      for (let j = k; j <= n; j++) rows[i]![j] = rows[i]![j]! - share * rows[k]![j]!;
    }
  }
  return rows.map((row, k) => row[n]! / row[k]!);
}

/**
 * Forces in a rigging for a hand pull of 1: every travelling body in equilibrium along the line, friction at every pass.
 * @returns the forces, or one issue: what is wrong with the description; `rigging-undetermined` when bodies and ropes
 *   leave a tension open or cannot all be in equilibrium; `rigging-pushes` when a rope would have to push.
 * Source: statics of strands and bodies, capstan friction (exact for given efficiencies).
 */
export function riggingForces(rigging: Rigging, state: RiggingState): Result<RiggingForces> {
  const stops = located(rigging);
  if (!stops.ok) return stops;
  const { bodies } = rigging;
  const routes = rigging.ropes.map((rope, r) => routeOf(rope, stops.value[r]!, rigging, state));
  const pulls = routes.map((route) => route.pulls);
  const hand = routes.findIndex((r) => r.fromHand);
  const open = placesWhere(routes, (r) => !r.fromHand);
  const travelling = placesWhere(bodies, (b) => b.kind === 'travelling');
  const undetermined = (): Result<never> =>
    fail('rigging-undetermined', { bodies: travelling.length, ropes: open.length });
  if (open.length !== travelling.length) return undetermined();
  const tensions = solved(
    travelling.map((b) => {
      const row = open.map((r) => pulls[r]![b]!);
      row.push(-pulls[hand]![b]!);
      return row;
    }),
  );
  if (!tensions) return undetermined();
  const base = routes.map((r, i) => (r.fromHand ? 1 : tensions[open.indexOf(i)]!));
  const pushing = base.findIndex((t) => t < -NOTHING);
  if (pushing >= 0) return fail('rigging-pushes', { rope: pushing + 1 });
  const on = (body: number): number => base.reduce((sum, t, r) => sum + t * pulls[r]![body]!, 0);
  let loadRatio = 0;
  const anchors = new Map<string, number>();
  bodies.forEach((b, i) => {
    if (b.kind === 'load') loadRatio += on(i);
    else if (b.kind === 'anchor') anchors.set(b.id, -on(i));
  });
  return ok({
    strands: routes.map((r, i) => r.factors.map((f) => f * base[i]!)),
    loadRatio,
    anchors,
  });
}

/** Pull of one rope on a body along the line while hauling, toward the anchor, for a tension of 1 in the rope's first strand. */
export function pullOfRope(rigging: Rigging, rope: number, body: string): number {
  const place = (id: string): number => rigging.bodies.findIndex((b) => b.id === id);
  const spec = rigging.ropes[rope]!;
  return routeOf(spec, stopsOf(spec).map(place), rigging, 'hauling').pulls[place(body)]!;
}

/** The same system without friction: what people count. */
export const withoutFriction = (rigging: Rigging): Rigging => ({
  ...rigging,
  ropes: rigging.ropes.map((r) => ({
    ...r,
    passes: r.passes.map((p) => ({ ...p, efficiency: 1 })),
  })),
});

/**
 * Rope hauled for a travel of the load of 1 toward the anchor, from the lengths of the ropes alone: without friction it
 * is the mechanical advantage too (virtual work).
 * @returns the travel ratio, or `rigging-undetermined` when the bodies are not guided by their ropes.
 */
export function travelRatio(rigging: Rigging): Result<number> {
  const stops = located(rigging);
  if (!stops.ok) return stops;
  const free = withoutFriction(rigging);
  const { bodies, ropes } = free;
  const moving = placesWhere(bodies, (b) => b.kind === 'travelling');
  const undetermined = (): Result<never> =>
    fail('rigging-undetermined', { bodies: moving.length, ropes: ropes.length - 1 });
  if (ropes.length !== moving.length + 1) return undetermined();
  const load = placesWhere(bodies, (b) => b.kind === 'load');
  // A rope gives out, at its pulled end, what the bodies it passes move along its strands; only the hand's rope gives.
  const rows = ropes.map((rope, r) => {
    const { pulls } = routeOf(rope, stops.value[r]!, free, 'hauling');
    return [
      ...moving.map((b) => pulls[b]!),
      rope.from === 'hand' ? -1 : 0,
      -load.reduce((sum, b) => sum + pulls[b]!, 0),
    ];
  });
  const rates = solved(rows);
  return rates ? ok(rates.at(-1)!) : undetermined();
}
