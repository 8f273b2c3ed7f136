import type { KnotId } from '../../knot/knots';
import { knotsIn } from '../../line/elements';
import type { LineElement } from '../../line/schema';
import type { Plan } from '../plan';

/** Whether advice may ask for a knot: somebody of the crew is signed off in it. */
export type MayTie = (knot: KnotId) => boolean;

/** Where nobody keeps sign-offs. */
export const ANY_KNOT: MayTie = () => true;

const knotsOf = (elements: readonly LineElement[]): KnotId[] => elements.flatMap((e) => knotsIn(e));

/** Whether every knot that its line did not have before is one that may be asked for; of a new line that is every knot. */
export function asksOnlyFor(before: Plan, after: Plan, mayTie: MayTie): boolean {
  const lines = new Map(before.lines.map((l) => [l.id, knotsOf(l.elements)]));
  return after.lines.every(({ id, elements }) =>
    knotsOf(elements).every((knot) => lines.get(id)?.includes(knot) || mayTie(knot)),
  );
}
