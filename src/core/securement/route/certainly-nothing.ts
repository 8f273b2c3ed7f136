import type { RouteProblem } from '../leg';

/** Routes that certainly do not hold the load: such a line counts for nothing, whatever else comes to be known. */
export const CERTAINLY_NOTHING: readonly RouteProblem[] = [
  'over-same-ring',
  'over-beyond-load',
  'over-one-side',
  'over-ring-under-load',
  'attached-outside-load',
  'direct-not-at-load',
  'route-leaves-load',
];
