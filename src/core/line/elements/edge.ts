import { makePlace, type Place, unknownCapacity } from '../place';
import type { ElementKind } from './kind';
import { bendAt, bendOver, bendProblem, ropePlace } from './rope-places';

/** An edge protector as it is proposed: radius 50 mm. Common practice, no source. */
const PROTECTED = { shape: 'protected', bendDiameterM: 0.1 } as const;

const EDGE_VARIANTS = [
  {
    key: 'protector',
    label: 'edge protector, radius 50 mm',
    ...PROTECTED,
  },
  { key: 'pad', label: 'corner pad, radius 20 mm', shape: 'protected', bendDiameterM: 0.04 },
  { key: 'bare', label: 'bare, sharp', shape: 'sharp', bendDiameterM: null },
] as const;

export const edgeKind: ElementKind<'edge'> = {
  kind: 'edge',
  role: 'corner',
  beginning: { name: 'edge', ...PROTECTED, mu: null },
  sharp: ({ shape }) => shape === 'sharp',
  protect: (element) => ({ ...element, ...PROTECTED }),
  variants: (element) =>
    EDGE_VARIANTS.map(({ key, label, shape, bendDiameterM }) => ({
      key,
      label,
      hint: '',
      element: { ...element, shape, bendDiameterM },
    })),
  places(t, element, at, context) {
    const name = element.name || 'edge';
    const { shape } = element;
    if (shape === 'sharp') {
      return [
        makePlace(
          t,
          'edge',
          name,
          unknownCapacity(t, name, 'sharp edge without protection'),
          'bend-too-sharp',
        ),
      ];
    }
    // Whatever may lie over it must be able to.
    return at.runs.flatMap((run): Place<ReturnType<typeof t.given>>[] => {
      if (run.rope) {
        const over = bendOver(element.bendDiameterM);
        const capacity = ropePlace(t, run.rope, context, name, bendAt(t, run.rope, over));
        return [makePlace(t, 'edge', name, capacity, bendProblem(run.rope, over))];
      }
      const refused = run.overEdge(shape, element.bendDiameterM);
      if (refused === null) return [];
      const why = refused === 'bend-not-measured' ? 'not measured' : `too sharp for ${run.kind}`;
      return [makePlace(t, 'edge', name, unknownCapacity(t, name, why), refused)];
    });
  },
};
