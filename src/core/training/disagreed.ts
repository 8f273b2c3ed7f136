import type { EntryId } from '../knot/entry-ids';

/** Where good crews tie or say one thing two ways: what both say, and what is safer where nobody knows which. */
export interface Disagreed {
  readonly said: readonly [string, string];
  readonly safer: string;
}

/** Both ways are right forms here, and accepted wherever they are asked about. Common practice, no source. */
export const DISAGREED: Readonly<Partial<Record<EntryId, Disagreed>>> = {
  'two-half-hitches': {
    said: ['both the same way', 'one each way'],
    safer:
      'Judge what is there, not the words: a clove hitch on the line. A cow hitch slips on one leg.',
  },
  bowline: {
    said: ['the tail inside the loop', 'the tail on either side'],
    safer: 'Inside: it snags less. A stopper behind it anyway.',
  },
  reef: {
    said: ['it joins equal ropes', 'it is never a join'],
    safer: 'For binding only: a jerk on one end turns it over.',
  },
  'clove-hitch': {
    said: ['it is secure', 'never alone'],
    safer: 'Add a half hitch.',
  },
  'sheet-bend': {
    said: ['single does for unequal ropes', 'double'],
    safer: 'Double: it grips more.',
  },
  'taut-line-hitch': {
    said: ['it ends on the same side', 'on the opposite side'],
    safer: 'On the opposite side.',
  },
};
