import type { DrawDamage } from './damage';
import { type Shape, shape } from './stretch';

/** The tag hangs under the rope's end on its string. Its box, for who points at it: left, top, right, bottom. */
export const TAG_BOX = [0.15, 0.75, 1.8, 1.6] as const;
const CARD = [0.2, 1, 0.45, 0.8, 1.72, 0.8, 1.72, 1.54, 0.45, 1.54, 0.2, 1.32];
const HOLE = [0.36, 1.13, 0.41, 1.17, 0.36, 1.21, 0.31, 1.17];
const STRING = [0.36, 1.17, 0.26, 0.9, 0.4, 0.66, 0.34, 0.48];
const WRITTEN = [
  [0.6, 0.97, 1.45, 0.97],
  [0.6, 1.17, 1.25, 1.17],
  [0.6, 1.37, 1.52, 1.37],
];
const SMEARED = [
  [0.56, 0.95, 0.9, 1.04, 1.2, 0.93, 1.5, 1.05],
  [0.6, 1.2, 1, 1.29, 1.3, 1.14, 1.54, 1.24],
  [0.66, 1.42, 1.1, 1.33, 1.45, 1.43],
];

const card = (): Shape[] => [
  shape('line', 0.03, [STRING]),
  shape('card', 'face', [CARD]),
  shape('line', 0.04, [[...CARD, CARD[0]!, CARD[1]!]]),
  shape('line', 'face', [HOLE]),
];

/** A tag that can be read. */
export const readTag = (): Shape[] => [...card(), shape('line', 0.07, WRITTEN)];

export const labelDrawn: Readonly<Record<string, DrawDamage>> = {
  unreadable: () => ({
    marks: [
      ...card(),
      shape('grey', 0.13, SMEARED, 0.55),
      shape('brown', 0.1, SMEARED.slice(1), 0.4),
    ],
  }),
  // Only a bit of string is left of it.
  missing: () => ({ marks: [shape('line', 0.03, [STRING.slice(4)])] }),
};
