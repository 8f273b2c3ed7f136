import { formula, type Tracer } from '../../working/working';
import type { LineContext } from '../context';
import type { Rating } from '../schema';
import { unknownCapacity } from '../place';

/** Breaking strength over working load limit of marked gear, at least. Source: CSS Code Annex 13 (a securing load is at most half of breaking strength), from memory. */
const LEAST_BREAKING_OVER_WLL = 2;
const breakingOfMarked = formula({
  symbol: 'C',
  unit: 'N',
  text: 'WLL × q',
  source: 'marked gear breaks at twice its marking or more',
  confidence: 'from-memory',
  symbols: { W: 'WLL' },
  compute: ({ W, q }: Record<'W' | 'q', number>) => W * q,
});

/** A marked capacity as it is, or what the thing surely stands before it breaks. */
export function atBreaking<V>(t: Tracer<V>, marked: V, context: LineContext): V {
  if (context.limit !== 'breaking') return marked;
  const q = t.given({
    label: 'breaking strength over marking, at least',
    symbol: 'q',
    value: LEAST_BREAKING_OVER_WLL,
    unit: 'ratio',
    source: 'CSS Code Annex 13',
    confidence: 'from-memory',
  });
  return t.apply(breakingOfMarked, 'breaking strength, at least', { W: marked, q });
}

/** Capacity of hardware: its marking, no further design factor. */
export function ratedCapacity<V>(
  t: Tracer<V>,
  name: string,
  rating: Rating,
  context: LineContext,
): V {
  if (rating.state === 'unrated') return unknownCapacity(t, name, 'no rating plate');
  return atBreaking(
    t,
    t.given({
      label: `${name}, marked WLL`,
      symbol: 'C',
      value: rating.wllN,
      unit: 'N',
      source: 'marking',
      confidence: 'rope-tag',
    }),
    context,
  );
}
