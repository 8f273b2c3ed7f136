/** What is picked on the deck. */
export type DeckPick =
  | { readonly kind: 'unit'; readonly id: string }
  | { readonly kind: 'line'; readonly id: string }
  | { readonly kind: 'anchor'; readonly id: string };
