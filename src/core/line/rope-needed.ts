import type { Tracer } from '../working/working';
import { kindOf } from './elements';
import type { ElementOf, LineElement } from './schema';

/** The ropes of a line, and its thickest diameter: knots are counted in that. */
function ropesOf(elements: readonly LineElement[]): {
  readonly ropes: readonly ElementOf<'rope'>[];
  readonly diameterM: number;
} {
  const ropes = elements.filter((e) => e.kind === 'rope');
  return { ropes, diameterM: Math.max(0, ...ropes.map((e) => e.rope.diameterM)) };
}

/**
 * Rope a line takes from end to end, in m: its route (twice when the rope lies doubled), what the knots swallow, the
 * strands of the hitch with what it takes up, tails and a working end. Unknown when the route is. `hauled`: tension of the
 * line while it is hauled, N.
 */
export function ropeNeeded<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  routeM: number | null,
  hauled: V,
): V {
  const { ropes, diameterM } = ropesOf(elements);
  const route = t.given({
    label: 'route',
    symbol: 'R',
    value: routeM,
    unit: 'm',
    source: routeM === null ? 'not placed' : 'from the geometry, or your entry',
    confidence: routeM === null ? 'entered' : 'computed',
  });
  const doubled = ropes.some((e) => e.rope.doubled);
  return t.sum('rope it takes', 'L', 'm', [
    route,
    ...(doubled
      ? [
          t.given({
            label: 'the second strand',
            symbol: 'R',
            value: routeM,
            unit: 'm',
            source: 'the rope lies doubled',
            confidence: 'computed',
          }),
        ]
      : []),
    ...elements.flatMap((e) => kindOf(e).rope?.(t, e, { ropes, diameterM, route, hauled }) ?? []),
  ]);
}

/** How the ropes on a line compare with what it takes; null when there is no rope, or a rope's length is not known. */
export function ropeShortBy(
  needM: number | null,
  elements: readonly LineElement[],
): { readonly haveM: number; readonly shortM: number } | null {
  const { ropes } = ropesOf(elements);
  const lengths = ropes.map((e) => e.lengthM);
  if (needM === null || ropes.length === 0 || !lengths.every((l): l is number => l !== null))
    return null;
  const haveM = lengths.reduce((a, b) => a + b, 0);
  return { haveM, shortM: needM - haveM };
}
