import { knot, type KnotId, knotsFor, type KnotUse } from '../../knot/knots';
import { diameterGiven, insideLength, LEAST_TAIL_M, ropeUseOf, tailOf } from '../../knot/rope-use';
import type { Tracer } from '../../working/working';
import type { LineElement } from '../schema';
import type { Variant } from './kind';

/** Rope a knot swallows in one of its strands, and the tail it must leave, m. */
export function knotRope<V>(
  t: Tracer<V>,
  id: KnotId,
  diameterM: number,
  strand = 0,
  tail = true,
): V[] {
  const { use, measured } = ropeUseOf(id);
  const d = t.given(diameterGiven(diameterM, 'the rope'));
  // What the knot reaches along the line is part of the route already.
  const turns = (use.insideD[strand] ?? use.insideD[0]!) - (use.reachD[strand] ?? use.reachD[0]!);
  const inside = insideLength(t, `in the ${knot(id).name}`, turns, d, measured);
  return tail && use.tailD > 0
    ? [inside, tailOf(t, `tail of the ${knot(id).name}`, use.tailD, d, LEAST_TAIL_M)]
    : [inside];
}

/** Every knot of a use in an element's place. */
export function knotVariants(use: KnotUse, place: (id: KnotId) => LineElement): Variant[] {
  return knotsFor(use).map((id) => ({
    key: id,
    label: knot(id).name,
    hint: knot(id).hint,
    element: place(id),
  }));
}
