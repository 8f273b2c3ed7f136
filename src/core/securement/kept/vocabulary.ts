export const KEPT_DECK_FORMAT = 'vast-cleat/deck';
export const KEPT_LOAD_FORMAT = 'vast-cleat/load';
export const KEPT_VERSION = 1;

/** What a deck that is kept belongs to. */
export const DECK_KINDS = [
  'trailer',
  'truck-bed',
  'boat',
  'stage-floor',
  'hay-wagon',
  'other',
] as const;
export type DeckKind = (typeof DECK_KINDS)[number];

/** What a crew keeps for plans to come. */
export const KEPT_KINDS = ['deck', 'load'] as const;
export type KeptKind = (typeof KEPT_KINDS)[number];
