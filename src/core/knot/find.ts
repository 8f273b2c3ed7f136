/** What a finder may look in. */
export interface Findable {
  readonly name: string;
  readonly aliases: readonly string[];
  readonly family: string;
  readonly purpose: string;
  readonly purposes: readonly string[];
  readonly crews: readonly string[];
}

/** Small letters without accents, apostrophes and hyphens, so that “fisherman's” finds “fisherman’s”. */
export const plainWords = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f'’‘`´]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

const WORTH = { name: 4, alias: 3, purposes: 2, rest: 1 } as const;

/** How well every word of what was typed is found; 0: one of them is not. */
function worth(
  item: Findable,
  words: readonly string[],
  purposeWords: (id: string) => string,
): number {
  const fields: [number, string][] = [
    [WORTH.name, plainWords(item.name)],
    [WORTH.alias, item.aliases.map(plainWords).join(' | ')],
    [WORTH.purposes, item.purposes.map((p) => plainWords(purposeWords(p))).join(' | ')],
    [WORTH.rest, plainWords(`${item.family} ${item.purpose} ${item.crews.join(' ')}`)],
  ];
  let sum = 0;
  for (const word of words) {
    const best = Math.max(0, ...fields.map(([w, text]) => (text.includes(word) ? w : 0)));
    if (best === 0) return 0;
    sum += best;
  }
  return sum;
}

/**
 * Entries in which every typed word is found, best first; among equals in the order they are taught.
 * @param wanted further conditions: purposes and crews that must all apply.
 */
export function findKnots<T extends Findable>(
  items: readonly T[],
  typed: string,
  wanted: { readonly purposes: readonly string[]; readonly crew: string | null },
  purposeWords: (id: string) => string,
): T[] {
  const words = plainWords(typed)
    .split(' ')
    .filter((w) => w !== '');
  return items
    .filter(
      (item) =>
        wanted.purposes.every((p) => item.purposes.includes(p)) &&
        (wanted.crew === null || item.crews.includes(wanted.crew)),
    )
    .map((item, order) => ({
      item,
      order,
      worth: words.length === 0 ? 1 : worth(item, words, purposeWords),
    }))
    .filter((x) => x.worth > 0)
    .sort((a, b) => b.worth - a.worth || a.order - b.order)
    .map((x) => x.item);
}
