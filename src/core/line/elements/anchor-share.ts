import { formula, type Tracer } from '../../working/working';
import type { LineContext } from '../context';
import { wholeShare } from '../place';

const sharedAnchor = formula({
  symbol: 's',
  unit: 'ratio',
  text: 's₀ × v',
  source: 'vector sum of the lines on this anchor',
  confidence: 'exact',
  symbols: { s: 's₀' },
  compute: ({ s, v }: Record<'s' | 'v', number>) => s * v,
});

/** The share of one line's tension that an anchor of the deck takes because of everything that pulls at it; undefined: the whole. */
export function sharedBetweenLines<V>(
  t: Tracer<V>,
  own: V | undefined,
  anchorId: string,
  context: LineContext,
): V | undefined {
  const sharing = context.anchorSharing.get(anchorId) ?? 1;
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
