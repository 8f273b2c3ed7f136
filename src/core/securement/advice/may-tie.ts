import type { KnotId } from '../../knot/knots';
import { knotsIn } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import type { Plan } from '../plan';

/** Whether advice may ask for a knot: somebody of the crew is signed off in it. */
export type MayTie = (knot: KnotId) => boolean;

/** Where nobody keeps sign-offs. */
export const ANY_KNOT: MayTie = () => true;

const knotsOf = (elements: readonly LineElement[]): KnotId[] => elements.flatMap((e) => knotsIn(e));

/** Whether every knot that was not on any line before is one that may be asked for. */
export function asksOnlyFor(before: Plan, after: Plan, mayTie: MayTie): boolean {
  const had = new Set(before.lines.flatMap((l) => knotsOf(l.elements)));
  return after.lines
    .flatMap((l) => knotsOf(l.elements))
    .every((knot) => had.has(knot) || mayTie(knot));
}
