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
  /** Efficiency of a half turn while hauling, 0 < e ≤ 1; exp(−μθ) for a wrap angle θ. */
  readonly efficiency: number;
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

/** A strand's direction at one of its ends, along the line; and how its tension follows from its rope's first strand. */
interface Strand { readonly rope: number; readonly factor: number; readonly pulls: readonly { readonly body: string; readonly along: number }[] }

/** Below this, a pivot counts as nothing: tensions are of the order of the hand's pull. */
const NOTHING = 1e-9;

/** Part of a half turn at the first body: the hand's direction against that in which the rope goes on. */
const handTurn = (handAngleRad: number, onward: number): number => (onward > 0 ? 1 - handAngleRad / Math.PI : handAngleRad / Math.PI);

/** What a pass leaves of the tension of the strand before it. `turn`: in half turns. */
function passFactor(pass: RiggingPass, turn: number, state: RiggingState): number {
  const left = pass.efficiency ** turn;
  return state === 'hauling' ? left : 1 / left;
}

function strandsOf({ bodies, ropes, handAngleRad }: Rigging, state: RiggingState): Strand[] {
  const at = new Map(bodies.map((b) => [b.id, b.at]));
  const toward = (from: string, to: string): number => Math.sign(at.get(to)! - at.get(from)!);
  return ropes.flatMap((rope, r) => {
    const fromHand = rope.from === 'hand';
    const stops = [...(rope.from === 'hand' ? [] : [rope.from.body]), ...rope.passes.map((p) => p.body), rope.to];
    const strands: Strand[] = [];
    let factor = 1;
    if (fromHand) strands.push({ rope: r, factor, pulls: [{ body: stops[0]!, along: Math.cos(handAngleRad) }] });
    for (let i = 0; i + 1 < stops.length; i++) {
      const [a, b] = [stops[i]!, stops[i + 1]!];
      const pass = rope.passes[fromHand ? i : i - 1];
      if (pass) factor *= passFactor(pass, fromHand && i === 0 ? handTurn(handAngleRad, toward(a, b)) : 1, state);
      strands.push({ rope: r, factor, pulls: [{ body: a, along: toward(a, b) }, { body: b, along: toward(b, a) }] });
    }
    return strands;
  });
}

/** The first reason for which a rigging says nothing sensible, or null. */
function fault({ bodies, ropes, handAngleRad }: Rigging): Result<never> | null {
  const known = new Set(bodies.map((b) => b.id));
  if (known.size !== bodies.length) return fail('rigging-body-twice');
  if (!bodies.some((b) => b.kind === 'load') || !bodies.some((b) => b.kind === 'anchor')) return fail('rigging-no-load-or-anchor');
  if (!(handAngleRad >= 0 && handAngleRad <= Math.PI)) return fail('rigging-hand-angle');
  if (ropes.filter((r) => r.from === 'hand').length !== 1) return fail('rigging-one-hand');
  for (const [i, rope] of ropes.entries()) {
    const stops = [...(rope.from === 'hand' ? [] : [rope.from.body]), ...rope.passes.map((p) => p.body), rope.to];
    const missing = stops.find((s) => !known.has(s));
    if (missing !== undefined) return fail('rigging-unknown-body', { rope: i + 1, body: missing });
    if (stops.some((s, k) => k > 0 && bodies.find((b) => b.id === s)!.at === bodies.find((b) => b.id === stops[k - 1])!.at)) return fail('rigging-strand-nowhere', { rope: i + 1 });
    if (rope.passes.some((p) => !(p.efficiency > 0 && p.efficiency <= 1))) return fail('rigging-efficiency', { rope: i + 1 });
  }
  return null;
}

/** Solves a square system in place by elimination with pivoting; null when it has no single solution. */
function solved(rows: number[][]): number[] | null {
  const n = rows.length;
  for (let k = 0; k < n; k++) {
    let pivot = k;
    for (let i = k + 1; i < n; i++) if (Math.abs(rows[i]![k]!) > Math.abs(rows[pivot]![k]!)) pivot = i;
    if (Math.abs(rows[pivot]![k]!) < NOTHING) return null;
    [rows[k], rows[pivot]] = [rows[pivot]!, rows[k]!];
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
  const wrong = fault(rigging);
  if (wrong) return wrong;
  const strands = strandsOf(rigging, state);
  const open = rigging.ropes.flatMap((r, i) => (r.from === 'hand' ? [] : [i]));
  const travelling = rigging.bodies.filter((b) => b.kind === 'travelling');
  if (open.length !== travelling.length) return fail('rigging-undetermined', { bodies: travelling.length, ropes: open.length });
  const rows = travelling.map((b) => [...open.map((r) => pullOn(strands, b.id, r)), -pullOn(strands, b.id, rigging.ropes.findIndex((r) => r.from === 'hand'))]);
  const tensions = solved(rows);
  if (!tensions) return fail('rigging-undetermined', { bodies: travelling.length, ropes: open.length });
  const base = rigging.ropes.map((r, i) => (r.from === 'hand' ? 1 : tensions[open.indexOf(i)]!));
  const pushing = base.findIndex((t) => t < -NOTHING);
  if (pushing >= 0) return fail('rigging-pushes', { rope: pushing + 1 });
  const on = (id: string): number => base.reduce((sum, t, r) => sum + t * pullOn(strands, id, r), 0);
  return ok({
    strands: rigging.ropes.map((_, r) => strands.filter((s) => s.rope === r).map((s) => s.factor * base[r]!)),
    loadRatio: rigging.bodies.filter((b) => b.kind === 'load').reduce((sum, b) => sum + on(b.id), 0),
    anchors: new Map(rigging.bodies.filter((b) => b.kind === 'anchor').map((b) => [b.id, -on(b.id)])),
  });
}

/** Pull of a rope on a body along the line, for a tension of 1 in the rope's first strand. */
function pullOn(strands: readonly Strand[], body: string, rope: number): number {
  return strands.filter((s) => s.rope === rope).reduce((sum, s) => sum + s.factor * s.pulls.filter((p) => p.body === body).reduce((x, p) => x + p.along, 0), 0);
}

/**
 * Rope hauled for a travel of the load of 1 toward the anchor, from the lengths of the ropes alone: without friction it
 * is the mechanical advantage too (virtual work).
 * @returns the travel ratio, or `rigging-undetermined` when the bodies are not guided by their ropes.
 */
export function travelRatio(rigging: Rigging): Result<number> {
  const wrong = fault(rigging);
  if (wrong) return wrong;
  const moving = rigging.bodies.filter((b) => b.kind === 'travelling');
  if (rigging.ropes.length !== moving.length + 1) return fail('rigging-undetermined', { bodies: moving.length, ropes: rigging.ropes.length - 1 });
  const free: Rigging = { ...rigging, ropes: rigging.ropes.map((r) => ({ ...r, passes: r.passes.map((p) => ({ ...p, efficiency: 1 })) })) };
  const strands = strandsOf(free, 'hauling');
  const load = rigging.bodies.filter((b) => b.kind === 'load');
  // A rope gives out, at its pulled end, what the bodies it passes move along its strands; only the hand's rope gives.
  const rows = rigging.ropes.map((rope, r) => [
    ...moving.map((b) => pullOn(strands, b.id, r)), rope.from === 'hand' ? -1 : 0,
    -load.reduce((sum, b) => sum + pullOn(strands, b.id, r), 0),
  ]);
  const rates = solved(rows);
  return rates ? ok(rates.at(-1)!) : fail('rigging-undetermined', { bodies: moving.length, ropes: rigging.ropes.length - 1 });
}
