import { knot } from '../../knot/knots';
import { largestShare } from '../../tackle/truckers';
import { type ElementKind, makePlace, type Place, unknownCapacity } from '../place';
import { bendAt, knotPlace, ropePlace, turnDiameter } from './rope-places';

export const attachmentKind: ElementKind<'knot'> = {
  kind: 'knot',
  places(t, element, at, context) {
    const thickPost = knot(element.knot).hazards.includes('needs-thick-post');
    if (!thickPost) return [knotPlace(t, 'knot', element.knot, at.flexible, context, { bendDiameterM: element.liesOnBarM })];
    // A wrap hitch loses nothing but the bend round its post, so the post must be measured.
    const post = at.neighbourAnchor?.barDiameterM ?? null;
    const name = knot(element.knot).name;
    if (post === null) return [makePlace(t, 'knot', name, unknownCapacity(t, name, 'post not measured'), 'post-not-measured')];
    return [knotPlace(t, 'knot', element.knot, at.flexible, context, { bendDiameterM: post })];
  },
};

export const bendKind: ElementKind<'bend'> = {
  kind: 'bend',
  places(t, element, at, context) {
    const before = knotPlace(t, 'bend', element.knot, at.flexible, context);
    if (!at.nextFlexible || at.nextFlexible === at.flexible) return [before];
    const after = knotPlace(t, 'bend', element.knot, at.nextFlexible, context);
    // The bend is one knot in two ropes: the weaker side is its capacity.
    const [a, b] = [t.value(before.allowed), t.value(after.allowed)];
    return [a !== null && (b === null || b < a) ? after : before];
  },
};

export const loopKind: ElementKind<'loop'> = {
  kind: 'loop',
  places: (t, element, at, context) => [knotPlace(t, 'loop', element.knot, at.flexible, context)],
};

export const lockKind: ElementKind<'lock'> = {
  kind: 'lock',
  places(t, element, at, context) {
    const share = at.truckers ? largestShare(t, at.truckers, 'lock') : undefined;
    return [knotPlace(t, 'lock', element.knot, at.flexible, context, undefined, share)];
  },
};

export const truckersKind: ElementKind<'truckers'> = {
  kind: 'truckers',
  places(t, element, at, context) {
    const loop = knotPlace(t, 'loop-knot', element.loop, at.flexible, context, undefined, largestShare(t, element, 'loop-knot'));
    if (at.flexible?.kind !== 'rope') return [loop];
    const { rope } = at.flexible;
    const turn = (part: 'loop-turn' | 'anchor-turn', label: string, diameterM: number | null): Place<ReturnType<typeof t.given>> =>
      makePlace(t, part, label, ropePlace(t, rope, context, label, bendAt(t, rope, diameterM)), 'unknown-rope', largestShare(t, element, part));
    return [
      loop,
      turn('loop-turn', 'rope turn in the loop', null),
      turn('anchor-turn', 'rope turn at the anchor', turnDiameter(at)),
    ];
  },
};
