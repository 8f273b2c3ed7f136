import { knot } from '../../knot/knots';
import { largestShare } from '../../tackle/truckers';
import { type ElementKind, makePlace, type Place, unknownCapacity, weakestPlace } from '../place';
import {
  type BendOver,
  bendAt,
  bendOver,
  bendProblem,
  knotPlace,
  ropePlace,
  ropesOf,
} from './rope-places';

export const attachmentKind: ElementKind<'knot'> = {
  kind: 'knot',
  places(t, element, at, context) {
    const thickPost = knot(element.knot).hazards.includes('needs-thick-post');
    if (!thickPost)
      return [
        knotPlace(t, 'knot', element.knot, at.runs, context, { bendDiameterM: element.liesOnBarM }),
      ];
    // A wrap hitch loses nothing but the bend round its post, so the post must be measured.
    const post = at.neighbourAnchor?.barDiameterM ?? null;
    const name = knot(element.knot).name;
    if (post === null)
      return [
        makePlace(
          t,
          'knot',
          name,
          unknownCapacity(t, name, 'post not measured'),
          'post-not-measured',
        ),
      ];
    return [knotPlace(t, 'knot', element.knot, at.runs, context, { bendDiameterM: post })];
  },
};

/** A bend is one knot in two ropes: the weaker side is its capacity. */
export const bendKind: ElementKind<'bend'> = {
  kind: 'bend',
  places: (t, element, at, context) => [knotPlace(t, 'bend', element.knot, at.runs, context)],
};

export const loopKind: ElementKind<'loop'> = {
  kind: 'loop',
  places: (t, element, at, context) => [knotPlace(t, 'loop', element.knot, at.runs, context)],
};

export const lockKind: ElementKind<'lock'> = {
  kind: 'lock',
  places(t, element, at, context) {
    const share = at.truckers ? largestShare(t, at.truckers, 'lock') : undefined;
    return [knotPlace(t, 'lock', element.knot, at.runs, context, undefined, share)];
  },
};

export const truckersKind: ElementKind<'truckers'> = {
  kind: 'truckers',
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
