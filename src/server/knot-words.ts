import { entryOf } from '@/core/knot/catalogue';
import type { EntryId } from '@/core/knot/entry-ids';
import type { KnotWords } from '@/db/queries/knot-words';
import type { KnotCard } from './knots';
import { refuse } from './problem';

/** What a crew says of a knot that the catalogue has. */
export type WordsOfKnot = Omit<KnotWords, 'entry'> & { readonly entry: EntryId };

/** The same, once it is known that the catalogue has the knot. */
export const wordsOf = (words: KnotWords): WordsOfKnot => ({
  ...words,
  entry: words.entry as EntryId,
});

/** Of knots that the catalogue still has: what was said of others stays kept. */
export const ofCatalogue = (all: readonly KnotWords[]): WordsOfKnot[] =>
  all.filter((w) => entryOf(w.entry) !== null).map(wordsOf);

/** The knot in an address; anything the catalogue has not does not exist. */
export function entryInPath(params: Readonly<Record<string, string>>): EntryId {
  const entry = entryOf(params['entry'] ?? '');
  if (!entry) throw refuse(404, 'not-found', {}, ['entry']);
  return entry.id;
}

/** Cards with what the crew calls a knot first among its names: it is shown, and found like any other. */
export function withCrewNames(cards: readonly KnotCard[], words: readonly KnotWords[]): KnotCard[] {
  const said = new Map(words.map((w) => [w.entry, w.names]));
  return cards.map((c) => ({ ...c, aliases: [...(said.get(c.id) ?? []), ...c.aliases] }));
}
