import { stiffness } from '../../rope/strength';
import { HAND_WIDTH_M, KNOT_SETTING_M, stretchOf } from '../../tackle/take-up';
import { bare, formula, type Tracer } from '../../working/working';
import type { ElementOf } from '../schema';
import type { RopeNeeds } from './kind';
import { knotRope } from './knot-rope';

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

/** What the line takes up by stretching while it is hauled; nothing where its tension or its stiffness is not known, and said so. */
function takenUp<V>(t: Tracer<V>, { ropes }: Pick<RopeNeeds<V>, 'ropes'>, route: V, hauled: V): V {
  // The softest takes up most; the order of the line says nothing.
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

/** Rope that a hitch of the trucker's family takes beside the line's own strand, m. */
export function truckersRope<V>(
  t: Tracer<V>,
  hitch: ElementOf<'truckers'>,
  needs: RopeNeeds<V>,
): V[] {
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
