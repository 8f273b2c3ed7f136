/** What is not sure about a load and its lines. */
export const DOUBTS = [
  'friction',
  'pull',
  'settling',
  'knots',
  'mass',
  'cg-height',
  'cg-place',
] as const;
export type Doubt = (typeof DOUBTS)[number];
