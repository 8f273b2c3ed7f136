import { formula } from '../../working/working';
import { makePlace, type Place } from '../place';
import { hardwareGear } from './gear-fits';
import type { ElementKind } from './kind';
import { ratedCapacity } from './marked';
import { bendAt, bendOver, bendProblem, ropePlace, ropesOf } from './rope-places';

/** What a fitting that turns the line bears, as a part of the line’s tension. */
export const turnShare = formula({
  symbol: 's',
  unit: 'ratio',
  text: '2 × sin(θ ÷ 2)',
  source: 'two strands of equal tension turned by θ',
  confidence: 'exact',
  compute: ({ turn }: { turn: number }) => 2 * Math.sin(turn / 2),
});

/** Hardware that stands in a line as a kind of its own, or on the deck. */
const NO_FITTINGS: readonly string[] = ['ratchet', 'binder', 'rail', 'stake'];

export const fittingKind: ElementKind<'fitting'> = {
  kind: 'fitting',
  role: 'hardware',
  beginning: {
    name: 'hook',
    rating: { state: 'unrated' },
    turnRad: 0,
    barDiameterM: null,
    tag: '',
    gearId: null,
  },
  gear: hardwareGear((form) => !NO_FITTINGS.includes(form)),
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
