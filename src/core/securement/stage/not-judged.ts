import type { Assessment } from '../assess';

/** What nobody has judged yet. */
export const NOT_JUDGED: Assessment = {
  verdict: 'cannot-say',
  rows: [],
  statics: [],
  findings: [],
  lines: [],
};
