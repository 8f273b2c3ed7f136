import { atMost } from '../units/constants';
import type { Tracer } from '../working/working';
import type { LineContext } from './context';
import { isRun, kindOf } from './elements';
import { positions } from './positions';
import type { LineElement } from './schema';
import type { Place } from './place';

/** A place with the element it belongs to. */
export interface LinePlace<V> extends Place<V> {
  readonly elementId: string;
  readonly elementIndex: number;
}

/** What the elements of a line may carry. */
export interface LineCapacity<V> {
  readonly places: readonly LinePlace<V>[];
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
 * Working load limit of a line as the elements of a line, in N of load-line tension.
 *
 * In series the weakest place governs: WLL = min over places of capacity ÷ share. Factors at the same place multiply
 * inside that place; at different places the worst counts. Never throws on a valid line; an unknown place makes the
 * WLL unknown and `range` says between which values it lies.
 */
export function lineCapacity<V>(
  t: Tracer<V>,
  elements: readonly LineElement[],
  context: LineContext,
): LineCapacity<V> {
  const at = positions(elements, context);
  const places = elements.flatMap((element, index) =>
    kindOf(element)
      .places(t, element, at[index]!, context)
      .map((p): LinePlace<V> => ({
        ...p,
        elementId: element.id,
        elementIndex: index,
      })),
  );
  if (!elements.some(isRun))
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
