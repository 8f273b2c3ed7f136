import { atMost } from '../units/constants';
import type { Tracer } from '../working/working';
import { type LineContext, positions } from './chain';
import { placesOf } from './elements';
import type { LineElement } from './schema';
import type { Place } from './place';

/** A place with the element it belongs to. */
export interface ChainPlace<V> extends Place<V> {
  readonly elementId: string;
  readonly elementIndex: number;
}

/** What a chain of elements may carry. */
export interface LineCapacity<V> {
  readonly places: readonly ChainPlace<V>[];
  /** Smallest allowed tension over all places, N; unknown if any place is unknown. */
  readonly wll: V;
  /** WLL with unknown places at nothing (0) and at everything (the rest of the line). */
  readonly range: { readonly lowN: number; readonly highN: number };
  /** Indices into `places` of all that allow the smallest known tension: ties are all named. */
  readonly governing: readonly number[];
}

/** Stands for "as strong as you like" where an unknown is tried at its best. Newtons. */
export const UNLIMITED_N = 1e15;

function noRope<V>(t: Tracer<V>): V {
  return t.given({
    label: 'WLL',
    symbol: 'WLL',
    value: null,
    unit: 'N',
    source: 'no rope, webbing or chain on this line',
    confidence: 'entered',
  });
}

/**
 * Working load limit of a line as a chain of elements, in N of load-line tension.
 *
 * In series the weakest place governs: WLL = min over places of capacity ÷ share. Factors at the same place multiply
 * inside that place; at different places the worst counts. Never throws on a valid chain; an unknown place makes the
 * WLL unknown and `range` says between which values it lies.
 */
export function lineCapacity<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  context: LineContext,
): LineCapacity<V> {
  const at = positions(elements, context);
  const places = elements.flatMap((element, index) =>
    placesOf(t, element, at[index]!, context).map((p): ChainPlace<V> => ({
      ...p,
      elementId: element.id,
      elementIndex: index,
    })),
  );
  const hasRun = elements.some(
    (e) => e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain',
  );
  if (!hasRun)
    return { places, wll: noRope(t), range: { lowN: 0, highN: UNLIMITED_N }, governing: [] };
  const allowed = places.map((p) => t.value(p.allowed));
  const known = allowed.filter((v) => v !== null);
  const least = known.length > 0 ? Math.min(...known) : UNLIMITED_N;
  const complete = known.length === allowed.length;
  return {
    places,
    wll: t.extreme(
      'least',
      'working load limit of the line',
      'WLL',
      places.map((p) => p.allowed),
    ),
    range: { lowN: complete ? least : 0, highN: least },
    governing: allowed.flatMap((v, i) => (v !== null && atMost(v, least) ? [i] : [])),
  };
}
