/** What a finding can be about. Each has its words in `wording/findings.ts`: one without them does not compile. */
export const FINDING_CODES = [
  'no-lines', 'knot-prohibited', 'edge-unprotected', 'not-adjustable', 'commodity-rules', 'recheck-on-road',
  'guidance-only', 'line-nearly-flat', 'tall-without-side-lines', 'no-lashing-capacity', 'webbing-knotted',
  'pretension-over-half-lc', 'tilting-rows', 'over-tension', 'load-crushed', 'line-not-placed', 'lean-unknown',
  'over-same-ring', 'over-beyond-load', 'over-one-side', 'over-ring-under-load', 'attached-outside-load',
  'direct-not-at-load', 'end-not-anchored', 'anchor-between', 'rope-end-loose', 'bend-joins-nothing',
  'knot-without-rope', 'hitch-not-locked', 'no-run', 'pressing-unknown', 'bend-not-measured', 'webbing-over-edge',
  'chain-over-edge', 'tension-drags', 'tension-enough', 'tension-needed', 'breaking-not-known', 'statics-too-close',
  'cg-middle-assumed', 'line-does-nothing', 'load-overhangs', 'load-off-deck', 'board-not-measured',
  'statics-needs-place', 'locker-not-asked', 'gear-gone-bad', 'tension-unknown', 'slick-rope', 'unrated-anchor',
  'anchor-missing', 'unknown-rope', 'bend-too-sharp', 'no-rope', 'knot-in-webbing', 'knot-in-chain',
  'post-not-measured', 'unrated-fitting', 'unmarked-gear', 'knot-slips-in-stiff-rope', 'knot-slips-in-slick-rope',
  'timber-hitch-on-metal', 'reef-as-load-join', 'knot-collapses-when-slack', 'rope-too-short', 'rope-shared',
  'rope-shared-short', 'gear-retired', 'gear-set-aside', 'gear-worse', 'gear-suspect', 'gear-overdue', 'gear-gone',
  'knot-jams',
] as const;
export type FindingCode = (typeof FINDING_CODES)[number];

/** What a row of the tally can compare; its words are in `wording/verdicts.ts`. */
export const ROW_CODES = [
  'sliding', 'tilting', 'held-acceleration', 'held-at-breaking', 'downward-force', 'tie-down-count', 'aggregate-wll',
] as const;
export type RowCode = (typeof ROW_CODES)[number];

/** A change that may help; its words are in `wording/changes.ts`. */
export const CHANGE_CODES = [
  'put-mat', 'pull-harder', 'second-loop', 'use-instead', 'enter-rating', 'protect-edge', 'use-webbing', 'add-lines',
] as const;
export type ChangeCode = (typeof CHANGE_CODES)[number];
