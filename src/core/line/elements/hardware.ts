import { largestShare } from '../../tackle/truckers';
import { formula, type Tracer } from '../../working/working';
import { anchorFact, type ChainPosition, type LineContext } from '../chain';
import type { ElementOf } from '../schema';
import { type ElementKind, makePlace, type Place, unknownCapacity, wholeShare } from '../place';
import { ratedCapacity } from './marked';
import { bendAt, bendOver, bendProblem, ropePlace, ropesOf } from './rope-places';
import { tackleAnchorShare } from './tackle';

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
  at: ChainPosition,
  context: LineContext,
): V | undefined {
  const own = !at.atTensionedEnd
    ? undefined
    : at.truckers
      ? largestShare(t, at.truckers, 'anchor')
      : at.tackle
        ? tackleAnchorShare(t, at.tackle)
        : undefined;
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

const turnShare = formula({
  symbol: 's',
  unit: 'ratio',
  text: '2 × sin(θ ÷ 2)',
  source: 'two strands of equal tension turned by θ',
  confidence: 'exact',
  compute: ({ turn }: { turn: number }) => 2 * Math.sin(turn / 2),
});

export const fittingKind: ElementKind<'fitting'> = {
  kind: 'fitting',
  places(t, element, at, context) {
    const name = element.name || 'fitting';
    const capacity = ratedCapacity(t, name, element.rating, context);
    if (element.turnRad === 0) return [makePlace(t, 'fitting', name, capacity, 'unrated-fitting')];
    const share = t.apply(turnShare, 'share of a fitting that turns the line', {
      turn: t.given({
        label: 'turn of the line',
        symbol: 'θ',
        value: element.turnRad,
        unit: 'rad',
        source: 'your entry',
        confidence: 'entered',
      }),
    });
    const over = bendOver(element.barDiameterM);
    const round = ropesOf(at.runs).map((rope): Place<ReturnType<typeof t.given>> =>
      makePlace(
        t,
        'edge',
        `rope round ${name}`,
        ropePlace(t, rope, context, `rope round ${name}`, bendAt(t, rope, over)),
        bendProblem(rope, over),
      ),
    );
    return [makePlace(t, 'fitting', name, capacity, 'unrated-fitting', share), ...round];
  },
};

export const ratchetKind: ElementKind<'ratchet'> = {
  kind: 'ratchet',
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'ratchet',
      'ratchet',
      ratedCapacity(t, 'ratchet', element.rating, context),
      'unrated-fitting',
    ),
  ],
};

export const binderKind: ElementKind<'binder'> = {
  kind: 'binder',
  places: (t, element, _at, context) => [
    makePlace(
      t,
      'binder',
      'binder',
      ratedCapacity(t, 'binder', element.rating, context),
      'unrated-fitting',
    ),
  ],
};
