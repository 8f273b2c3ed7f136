import type { Knot, KnotUse } from './record';
import { KNOTS } from './table';

export { KNOTS } from './table';
export { KNOT_SCHOOLS } from './record';
export type { Knot, KnotHazard, KnotSchool, KnotUse, Stage } from './record';

export type KnotId = keyof typeof KNOTS;
export const KNOT_IDS = Object.keys(KNOTS) as [KnotId, ...KnotId[]];

/** Ids of the knots that may stand in a given use, as a non-empty tuple for schemas. */
export function knotsFor(use: KnotUse): [KnotId, ...KnotId[]] {
  const ids = (Object.keys(KNOTS) as KnotId[]).filter((id) =>
    (KNOTS[id].uses as readonly KnotUse[]).includes(use),
  );
  return ids as [KnotId, ...KnotId[]];
}

/** The entry seen through its interface, for code that does not care which knot it is. */
export function knot(id: KnotId): Knot {
  return KNOTS[id];
}
