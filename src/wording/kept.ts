import type { DeckKind } from '@/core/securement/kept/vocabulary';

export const DECK_KIND_WORDS: Record<DeckKind, string> = {
  trailer: 'trailer',
  'truck-bed': 'truck bed',
  boat: 'boat',
  'stage-floor': 'stage floor',
  'hay-wagon': 'hay wagon',
  other: 'something else',
};
