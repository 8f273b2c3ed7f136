import type { KnotId } from '../knot/knots';
import { LEAST_TAIL_M, ropeUseOf } from '../knot/rope-use';
import { ROPE_MATERIALS, type RopeMaterialId } from '../rope/materials';

/** A rope as far as joining cares. */
export interface RopeToJoin {
  readonly id: string;
  readonly material: RopeMaterialId;
  readonly diameterM: number;
  readonly lengthM: number;
}

export type JoinReason = 'slick' | 'unequal' | 'thin-cord' | 'alike';

/** The bend for two ropes, why, and which of them makes the bight (an index), where one must. */
export interface ChosenBend {
  readonly bend: KnotId;
  readonly because: JoinReason;
  readonly bightIn: 0 | 1 | null;
}

/** Ropes whose thicknesses differ by more than this are unequal. Source: common practice. */
const ALIKE_WITHIN = 0.2;
/** Cord as thin as this takes a fisherman's; thicker takes a bend that comes undone. Source: common practice. */
const THIN_CORD_M = 0.007;

/** Which bend joins two ropes: by thickness first, then by fibre. Source: common practice; a reef never joins a load. */
export function bendFor(
  a: Pick<RopeToJoin, 'material' | 'diameterM'>,
  b: Pick<RopeToJoin, 'material' | 'diameterM'>,
): ChosenBend {
  const thick: 0 | 1 = a.diameterM >= b.diameterM ? 0 : 1;
  const [more, less] = [Math.max(a.diameterM, b.diameterM), Math.min(a.diameterM, b.diameterM)];
  if (ROPE_MATERIALS[a.material].slick || ROPE_MATERIALS[b.material].slick)
    return { bend: 'double-fishermans', because: 'slick', bightIn: null };
  if ((more - less) / more > ALIKE_WITHIN)
    return { bend: 'double-sheet-bend', because: 'unequal', bightIn: thick };
  if (more <= THIN_CORD_M)
    return { bend: 'double-fishermans', because: 'thin-cord', bightIn: null };
  return { bend: 'zeppelin', because: 'alike', bightIn: null };
}

/** Two ropes that make one long enough: how long it comes out, and how much of each goes into the bend. */
export interface Join extends ChosenBend {
  readonly ropes: readonly [RopeToJoin, RopeToJoin];
  readonly joinedM: number;
}

/** Length of two ropes joined by a bend, in m: what the bend takes of each, with tails, is off. */
export function joinedLength(a: RopeToJoin, b: RopeToJoin, chosen: ChosenBend): number {
  const { use } = ropeUseOf(chosen.bend);
  // The bight of an unequal bend is the first rope of the measured form.
  const order = chosen.bightIn === 1 ? [b, a] : [a, b];
  return order.reduce((sum, rope, i) => {
    const spent =
      ((use.insideD[i] ?? use.insideD[0]!) - (use.reachD[i] ?? use.reachD[0]!)) * rope.diameterM +
      Math.max(use.tailD * rope.diameterM, LEAST_TAIL_M);
    return sum + rope.lengthM - spent;
  }, 0);
}

/** The two ropes that make a length with the least left over, or null when no two do. */
export function bestJoin(ropes: readonly RopeToJoin[], lengthM: number): Join | null {
  let best: Join | null = null;
  for (let i = 0; i < ropes.length; i++) {
    for (let k = i + 1; k < ropes.length; k++) {
      const [a, b] = [ropes[i]!, ropes[k]!];
      const chosen = bendFor(a, b);
      const joinedM = joinedLength(a, b, chosen);
      if (joinedM < lengthM || (best !== null && joinedM >= best.joinedM)) continue;
      best = { ...chosen, ropes: [a, b], joinedM };
    }
  }
  return best;
}
