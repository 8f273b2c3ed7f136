import { formula, type Tracer } from '../../working/working';
import { anchorFact, type LineContext, type LinePosition } from '../context';
import { makePlace, unknownCapacity, wholeShare } from '../place';
import type { ElementOf } from '../schema';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';

const sharedAnchor = formula({
  symbol: 's',
  unit: 'ratio',
  text: 's₀ × v',
  source: 'vector sum of the lines on this anchor',
  confidence: 'exact',
  symbols: { s: 's₀' },
  compute: ({ s, v }: Record<'s' | 'v', number>) => s * v,
});

/** The share of the line's tension that an anchor takes, where it is not the whole: as end of a tackle, or beside other lines. */
function anchorShare<V>(
  t: Tracer<V>,
  element: ElementOf<'anchor'>,
  at: LinePosition,
  context: LineContext,
): V | undefined {
  const hauled = at.atTensionedEnd
    ? at.hauling.map((system) => system.share(t, 'anchor')).filter((s) => s !== undefined)
    : [];
  const own = hauled.length > 1 ? t.extreme('greatest', 'largest share', 's', hauled) : hauled[0];
  const sharing =
    element.at.on === 'deck' ? (context.anchorSharing.get(element.at.anchorId) ?? 1) : 1;
  if (sharing <= 1) return own;
  return t.apply(sharedAnchor, 'share with other lines on this anchor', {
    s: own ?? wholeShare(t),
    v: t.given({
      label: 'vector sum of unit tensions',
      symbol: 'v',
      value: sharing,
      unit: 'ratio',
      source: 'directions of the lines',
      confidence: 'computed',
    }),
  });
}

export const anchorKind: ElementKind<'anchor'> = {
  kind: 'anchor',
  role: 'anchor',
  beginning: {
    at: {
      on: 'own',
      name: 'post',
      rating: { state: 'unrated' },
      barDiameterM: null,
      surface: 'wood',
    },
  },
  variants: (element, context) =>
    [...context.anchors].map(([id, a]) => ({
      key: id,
      label: a.name,
      hint: '',
      element: { ...element, at: { on: 'deck', anchorId: id } },
    })),
  places(t, element, at, context) {
    const fact = anchorFact(element, context);
    if (!fact)
      return [
        makePlace(
          t,
          'anchor',
          'anchor',
          unknownCapacity(t, 'anchor', 'not on this deck'),
          'anchor-missing',
        ),
      ];
    return [
      makePlace(
        t,
        'anchor',
        fact.name,
        ratedCapacity(t, fact.name, fact.rating, context),
        'unrated-anchor',
        anchorShare(t, element, at, context),
      ),
    ];
  },
};
