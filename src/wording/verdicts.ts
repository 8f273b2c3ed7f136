import type { RowCode } from '@/core/securement/codes';
import type { TallyRow, Verdict } from '@/core/securement/verdict';
import type { Confidence } from '@/core/working/working';

/** The four words, and nothing else. */
export const VERDICT_WORDS: Record<Verdict, string> = {
  holds: 'HOLDS',
  short: 'SHORT',
  barred: 'BARRED',
  'cannot-say': 'CANNOT SAY',
};

/** What a row of the tally compares. */
export const ROW_WORDS: Record<RowCode, string> = {
  sliding: 'sliding',
  tilting: 'tilting',
  'held-acceleration': 'sliding',
  'held-at-breaking': 'sliding, until lines part',
  'downward-force': '20 % of the weight',
  'static-load': 'static load',
  'tie-down-count': 'number of lines',
  'aggregate-wll': 'sum of working load limits',
};

export const DIRECTION_WORDS: Record<TallyRow['direction'], string> = {
  forward: 'Forward',
  rearward: 'Rearward',
  sideways: 'Sideways',
  all: 'All lines',
  down: 'Down',
};

/** Directions as the tally names them; left and right apart where they differ. */
export const OPINION_WORDS: Record<
  'forward' | 'rearward' | 'left' | 'right' | 'sideways' | 'down',
  string
> = {
  forward: 'Forward',
  rearward: 'Rearward',
  left: 'To the left',
  right: 'To the right',
  sideways: 'Sideways',
  down: 'Down',
};

/** The mark a figure's source wears; the marks differ by border. */
export const CONFIDENCE_WORDS: Record<Confidence, string> = {
  exact: 'exact',
  'from-memory': 'from memory',
  practice: 'practice, no source',
  'rope-tag': 'label',
  entered: 'your entry',
  'crew-default': 'crew default',
  default: 'default',
  computed: 'computed',
};
