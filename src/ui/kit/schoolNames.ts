/** Schools of knot efficiency, as people call them. */
export const KNOT_SCHOOL_NAMES = {
  lowest: 'the lowest of all',
  seamanship: 'seamanship',
  field: 'field',
  rescue: 'rope-rescue pull tests',
};
