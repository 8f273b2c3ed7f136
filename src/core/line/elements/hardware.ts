import { largestShare } from '../../tackle/truckers';
import { formula, type Tracer } from '../../working/working';
import { anchorFact } from '../chain';
import type { Rating } from '../gear';
import { type ElementKind, makePlace, unknownCapacity, wholeShare } from '../place';
import { bendAt, ropePlace } from './rope-places';
import { tackleAnchorShare } from './tackle';

/** Capacity of hardware: its marking, no further design factor. */
function ratedCapacity<V>(t: Tracer<V>, name: string, rating: Rating): V {
  if (rating.state === 'unrated') return unknownCapacity(t, name, 'no rating plate');
  return t.given({ label: `${name}, marked WLL`, symbol: 'C', value: rating.wllN, unit: 'N', source: 'marking', confidence: 'rope-tag' });
}

const sharedAnchor = formula({
  symbol: 's', unit: 'ratio', text: 's₀ × v', source: 'vector sum of the lines on this anchor', confidence: 'exact', symbols: { s: 's₀' },
  compute: ({ s, v }: Record<'s' | 'v', number>) => s * v,
});

export const anchorKind: ElementKind<'anchor'> = {
  kind: 'anchor',
  places(t, element, at, context) {
    const fact = anchorFact(element, context);
    if (!fact) return [makePlace(t, 'anchor', 'anchor', unknownCapacity(t, 'anchor', 'not on this deck'), 'anchor-missing')];
    const own = !at.atTensionedEnd ? undefined
      : at.truckers ? largestShare(t, at.truckers, 'anchor')
      : at.tackle ? tackleAnchorShare(t, at.tackle) : undefined;
    const sharing = element.at.on === 'deck' ? (context.anchorSharing.get(element.at.anchorId) ?? 1) : 1;
    const share = sharing > 1
      ? t.apply(sharedAnchor, 'share with other lines on this anchor', {
          s: own ?? wholeShare(t),
          v: t.given({ label: 'vector sum of unit tensions', symbol: 'v', value: sharing, unit: 'ratio', source: 'directions of the lines', confidence: 'computed' }),
        })
      : own;
    return [makePlace(t, 'anchor', fact.name, ratedCapacity(t, fact.name, fact.rating), 'unrated-anchor', share)];
  },
};

const turnShare = formula({
  symbol: 's', unit: 'ratio', text: '2 × sin(θ ÷ 2)', source: 'two strands of equal tension turned by θ', confidence: 'exact',
  compute: ({ turn }: { turn: number }) => 2 * Math.sin(turn / 2),
});

export const fittingKind: ElementKind<'fitting'> = {
  kind: 'fitting',
  places(t, element, at, context) {
    const name = element.name || 'fitting';
    const capacity = ratedCapacity(t, name, element.rating);
    if (element.turnRad === 0) return [makePlace(t, 'fitting', name, capacity, 'unrated-fitting')];
    const share = t.apply(turnShare, 'share of a fitting that turns the line', {
      turn: t.given({ label: 'turn of the line', symbol: 'θ', value: element.turnRad, unit: 'rad', source: 'your entry', confidence: 'entered' }),
    });
    const places = [makePlace(t, 'fitting', name, capacity, 'unrated-fitting', share)];
    if (at.flexible?.kind !== 'rope') return places;
    const bend = bendAt(t, at.flexible.rope, element.barDiameterM);
    places.push(makePlace(t, 'edge', `rope round ${name}`, ropePlace(t, at.flexible.rope, context, `rope round ${name}`, bend), 'unknown-rope'));
    return places;
  },
};

export const ratchetKind: ElementKind<'ratchet'> = {
  kind: 'ratchet',
  places: (t, element) => [makePlace(t, 'ratchet', 'ratchet', ratedCapacity(t, 'ratchet', element.rating), 'unrated-fitting')],
};

export const binderKind: ElementKind<'binder'> = {
  kind: 'binder',
  places: (t, element) => [makePlace(t, 'binder', 'binder', ratedCapacity(t, 'binder', element.rating), 'unrated-fitting')],
};
