import { z } from 'zod';
import { parserOf } from '../../exchange/issues';
import { type DocumentKind, readDocument, type Reading } from '../../exchange/read';
import { uniqueIds } from '../load/checks';
import { unitSchema } from '../load/schema';
import { deckFields } from '../schema';
import { DECK_KINDS, KEPT_DECK_FORMAT, KEPT_LOAD_FORMAT, KEPT_VERSION } from './vocabulary';

const title = z.string().trim().min(1).max(120);
const notes = z.string().max(4000).default('');

/** The document `vast-cleat/deck`, version 1: a deck that plans take, its anchors read once. */
export const keptDeckSchema = z
  .strictObject({
    format: z.literal(KEPT_DECK_FORMAT),
    version: z.literal(KEPT_VERSION),
    title,
    kind: z.enum(DECK_KINDS).default('other'),
    notes,
    deck: z.strictObject(deckFields),
  })
  .superRefine(({ deck }, context) => uniqueIds(deck.anchors, context, ['deck', 'anchors']));
export type KeptDeck = z.infer<typeof keptDeckSchema>;

/** The document `vast-cleat/load`, version 1: a load that comes back. */
export const keptLoadSchema = z.strictObject({
  format: z.literal(KEPT_LOAD_FORMAT),
  version: z.literal(KEPT_VERSION),
  title,
  notes,
  unit: unitSchema,
});
export type KeptLoad = z.infer<typeof keptLoadSchema>;

/** Kept decks of every version there was. */
export const KEPT_DECK: DocumentKind<KeptDeck> = {
  format: KEPT_DECK_FORMAT,
  version: KEPT_VERSION,
  upgrades: {},
  parse: parserOf(keptDeckSchema),
};
/** Kept loads of every version there was. */
export const KEPT_LOAD: DocumentKind<KeptLoad> = {
  format: KEPT_LOAD_FORMAT,
  version: KEPT_VERSION,
  upgrades: {},
  parse: parserOf(keptLoadSchema),
};

/** Reads what was kept or brought, of whatever version. */
export const readKeptDeck = (input: unknown): Reading<KeptDeck> => readDocument(KEPT_DECK, input);
export const readKeptLoad = (input: unknown): Reading<KeptLoad> => readDocument(KEPT_LOAD, input);
