import { plainHitch } from '../../tackle/compose';
import { largestShare } from '../../tackle/truckers';
import { makePlace, type Place, weakestPlace } from '../place';
import type { ElementKind } from './kind';
import { knotVariants } from './knot-rope';
import {
  type BendOver,
  bendAt,
  bendOver,
  bendProblem,
  knotPlace,
  ropePlace,
  ropesOf,
} from './rope-places';
import { truckersRope } from './truckers-rope';
import { truckersTension } from './truckers-tension';

export const truckersKind: ElementKind<'truckers'> = {
  kind: 'truckers',
  role: 'knot',
  beginning: { ...plainHitch('alpine-butterfly'), fromRigging: null },
  fastens: true,
  tiedIn: 1,
  needsLock: true,
  adjustable: () => true,
  knots: (element) => [element.loop],
  hauling: (element) => ({ share: (t, part) => largestShare(t, element, part) }),
  hand: {
    pullN: ({ handForceN }) => handForceN,
    pulled: (element, handForceN) => ({ ...element, handForceN }),
    secondLoop: (element) =>
      element.form === 'single' ? { ...element, form: 'second-loop' } : null,
  },
  tension: (t, element, elements, inputs) => truckersTension(t, element, elements, inputs),
  rope: (t, element, needs) => truckersRope(t, element, needs),
  variants: (element) =>
    knotVariants('loop', (id) => ({ ...element, loop: id as typeof element.loop })),
  places(t, element, at, context) {
    const loop = knotPlace(
      t,
      'loop-knot',
      element.loop,
      at.runs,
      context,
      undefined,
      largestShare(t, element, 'loop-knot'),
    );
    const turn = (
      part: 'loop-turn' | 'anchor-turn',
      label: string,
      over: BendOver,
    ): Place<ReturnType<typeof t.given>>[] =>
      weakestPlace(
        t,
        ropesOf(at.runs).map((rope) =>
          makePlace(
            t,
            part,
            label,
            ropePlace(t, rope, context, label, bendAt(t, rope, over)),
            bendProblem(rope, over),
            largestShare(t, element, part),
          ),
        ),
      );
    return [
      loop,
      // The loop is made of the same rope: as thick as what turns in it.
      ...turn('loop-turn', 'rope turn in the loop', 'as-thick-as-the-rope'),
      ...turn('anchor-turn', 'rope turn at the anchor', bendOver(at.turnDiameterM)),
    ];
  },
};
