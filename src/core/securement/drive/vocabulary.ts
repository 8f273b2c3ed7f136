/** Figures of the test drive. Practice, no source, but where one is named. */

/** How far what a load stands on gives under its weight, m: small, and what is found does not depend on it. */
export const REST_DEPTH_M = 0.0004;
/** A load has given way when any point of it has moved this far, m. */
export const GIVEN_WAY_M = 0.1;
/** How fast a slow drive is pushed harder, g a second. */
export const SLOW_G_PER_S = 0.1;
/** A slow drive is not pushed harder than this, g: nothing on a road is. */
export const MOST_G = 3;

/** What may happen on a drive, in the order of telling. */
export const DRIVE_EVENTS = [
  'moves',
  'line-over',
  'line-slack',
  'line-parts',
  'board-breaks',
  'gives-way',
] as const;
export type DriveEventKind = (typeof DRIVE_EVENTS)[number];

/** How a load gives way. */
export const WAYS_OF_GIVING = ['slides', 'tips', 'turns'] as const;
export type WayOfGiving = (typeof WAYS_OF_GIVING)[number];
