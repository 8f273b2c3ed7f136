import { diameterGiven, insideLength, LEAST_TAIL_M, ropeUseOf, tailOf } from '../knot/rope-use';
import { knot, type KnotId } from '../knot/knots';
import { stiffness } from '../rope/strength';
import { HAND_WIDTH_M, KNOT_SETTING_M, stretchOf } from '../tackle/take-up';
import { bare, formula, type Tracer } from '../working/working';
import type { ElementOf, LineElement } from './schema';

/** Working end a pair of hands needs to tie and to haul with: 18 in. Source: common practice. */
const WORKING_END_M = 0.45;

const product = formula<'n' | 'a'>({
  symbol: 'l',
  unit: 'm',
  text: 'n × a',
  source: 'strands between loop and anchor beside the line’s own',
  confidence: 'exact',
  compute: ({ n, a }) => n * a,
});
const loopAway = formula<'s' | 'u' | 'h' | 'k'>({
  symbol: 'a',
  unit: 'm',
  text: 's + u + k + h',
  source: 'short strands, what the line takes up, knots drawing up, a hand’s width',
  confidence: 'practice',
  symbols: { u: 'u' },
  compute: ({ s, u, h, k }) => s + u + k + h,
});

function knotRope<V>(t: Tracer<V>, id: KnotId, diameterM: number, strand = 0, tail = true): V[] {
  const { use, measured } = ropeUseOf(id);
  const d = t.given(diameterGiven(diameterM, 'the rope'));
  // What the knot reaches along the line is part of the route already.
  const turns = (use.insideD[strand] ?? use.insideD[0]!) - (use.reachD[strand] ?? use.reachD[0]!);
  const inside = insideLength(t, `in the ${knot(id).name}`, turns, d, measured);
  return tail && use.tailD > 0
    ? [inside, tailOf(t, `tail of the ${knot(id).name}`, use.tailD, d, LEAST_TAIL_M)]
    : [inside];
}

/** What the line takes up by stretching while it is hauled; nothing where its tension or its stiffness is not known, and said so. */
function takenUp<V>(t: Tracer<V>, { ropes }: Pick<Needs<V>, 'ropes'>, route: V, hauled: V): V {
  // The softest takes up most; the order of the chain says nothing.
  const softness = (e: ElementOf<'rope'>): number => stiffness(bare, e.rope) ?? 0;
  const rope =
    ropes.length === 0 ? null : ropes.reduce((a, b) => (softness(b) < softness(a) ? b : a)).rope;
  const EA = rope ? stiffness(t, rope) : null;
  if (EA !== null && [route, hauled, EA].every((v) => t.value(v) !== null))
    return stretchOf(t, { T: hauled, L: route, EA });
  return t.given({
    label: 'stretch',
    symbol: 'u',
    value: 0,
    unit: 'm',
    source: 'tension or stiffness not known: left out',
    confidence: 'default',
  });
}

/** What the elements of a line are counted with. */
interface Needs<V> {
  readonly ropes: readonly ElementOf<'rope'>[];
  readonly diameterM: number;
  readonly route: V;
  readonly hauled: V;
}

function truckersRope<V>(t: Tracer<V>, hitch: ElementOf<'truckers'>, needs: Needs<V>): V[] {
  const { diameterM } = needs;
  const given = (
    label: string,
    symbol: string,
    value: number,
    source: string,
    confidence: 'entered' | 'practice',
  ): V => t.given({ label, symbol, value, unit: 'm', source, confidence });
  const away = t.apply(loopAway, 'loop from the anchor before hauling', {
    s: given('short strands', 's', hitch.shortStrandM, 'the hitch', 'entered'),
    u: takenUp(t, needs, needs.route, needs.hauled),
    k: given('knots drawing up', 'k', KNOT_SETTING_M, 'common practice', 'practice'),
    h: given('a hand’s width', 'h', HAND_WIDTH_M, 'common practice', 'practice'),
  });
  const strands = hitch.passes === 2 ? 4 : 2;
  return [
    ...knotRope(t, hitch.loop, diameterM, 0, false),
    t.apply(product, 'strands of the hitch', {
      n: t.given({
        label: 'strands beside the line’s own',
        symbol: 'n',
        value: strands,
        unit: 'count',
        source: hitch.passes === 2 ? 'double pass' : 'single pass',
        confidence: 'exact',
      }),
      a: away,
    }),
    given('working end to haul with', 'g', WORKING_END_M, 'a working end of 18 in', 'practice'),
  ];
}

/** What one element adds to the rope a line takes. A tackle reeved with a rope of its own adds nothing to the line's. */
function elementRope<V>(t: Tracer<V>, element: LineElement, needs: Needs<V>): V[] {
  const { diameterM } = needs;
  switch (element.kind) {
    case 'knot':
    case 'lock':
      return knotRope(t, element.knot, diameterM);
    case 'loop':
      return knotRope(t, element.knot, diameterM, 0, false);
    case 'bend':
      return [
        ...knotRope(t, element.knot, diameterM, 0),
        ...knotRope(t, element.knot, diameterM, 1),
      ];
    case 'truckers':
      return truckersRope(t, element, needs);
    default:
      return [];
  }
}

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
    ...elements.flatMap((e) => elementRope(t, e, { ropes, diameterM, route, hauled })),
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
