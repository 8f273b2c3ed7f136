/** What a check is made for. The one before driving starts the clock, arriving ends it. */
export const CHECK_OCCASIONS = [
  'before-driving',
  'on-the-road',
  'change-of-duty',
  'arrived',
] as const;
export type CheckOccasion = (typeof CHECK_OCCASIONS)[number];

/** How a line is found. */
export const LINE_STATES = ['tight', 're-hauled', 'slack', 'damaged'] as const;
export type LineState = (typeof LINE_STATES)[number];
