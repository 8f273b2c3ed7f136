import { knot } from '../../knot/knots';
import { makePlace, unknownCapacity } from '../place';
import type { ElementKind } from './kind';
import { knotRope, knotVariants } from './knot-rope';
import { knotPlace } from './rope-places';

// The schemas name exactly the knots of each use, so the ids of their variants fit; the compiler only sees one wide id type.

export const attachmentKind: ElementKind<'knot'> = {
  kind: 'knot',
  role: 'knot',
  beginning: { knot: 'bowline', liesOnBarM: null },
  fastens: true,
  tiedIn: 1,
  knots: (element) => [element.knot],
  rope: (t, element, { diameterM }) => knotRope(t, element.knot, diameterM),
  variants: (element) =>
    knotVariants('attachment', (id) => ({ ...element, knot: id as typeof element.knot })),
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
  role: 'knot',
  beginning: { knot: 'double-fishermans' },
  fastens: true,
  tiedIn: 2,
  knots: (element) => [element.knot],
  rope: (t, element, { diameterM }) => [
    ...knotRope(t, element.knot, diameterM, 0),
    ...knotRope(t, element.knot, diameterM, 1),
  ],
  variants: (element) =>
    knotVariants('bend', (id) => ({ ...element, knot: id as typeof element.knot })),
  places: (t, element, at, context) => [knotPlace(t, 'bend', element.knot, at.runs, context)],
};

export const loopKind: ElementKind<'loop'> = {
  kind: 'loop',
  role: 'knot',
  beginning: { knot: 'alpine-butterfly' },
  tiedIn: 1,
  knots: (element) => [element.knot],
  rope: (t, element, { diameterM }) => knotRope(t, element.knot, diameterM, 0, false),
  variants: (element) =>
    knotVariants('loop', (id) => ({ ...element, knot: id as typeof element.knot })),
  places: (t, element, at, context) => [knotPlace(t, 'loop', element.knot, at.runs, context)],
};

export const lockKind: ElementKind<'lock'> = {
  kind: 'lock',
  role: 'knot',
  beginning: { knot: 'two-half-hitches' },
  fastens: true,
  tiedIn: 1,
  locks: true,
  adjustable: (element) => element.knot === 'taut-line-hitch',
  knots: (element) => [element.knot],
  rope: (t, element, { diameterM }) => knotRope(t, element.knot, diameterM),
  variants: (element) =>
    knotVariants('lock', (id) => ({ ...element, knot: id as typeof element.knot })),
  places(t, element, at, context) {
    // The first system that says what its lock bears; without one it bears the line.
    const share = at.hauling.map((system) => system.share(t, 'lock')).find((s) => s !== undefined);
    return [knotPlace(t, 'lock', element.knot, at.runs, context, undefined, share)];
  },
};
