import type { Tracer } from '../../working/working';
import { anchorFact, type LineContext, type LinePosition } from '../context';
import { makePlace, unknownCapacity } from '../place';
import type { ElementOf } from '../schema';
import { sharedBetweenLines } from './anchor-share';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';

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
  return element.at.on === 'deck' ? sharedBetweenLines(t, own, element.at.anchorId, context) : own;
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
