/** One way of tying something that may be found, and what that way is called. */
export interface FindableForm {
  readonly id: string;
  readonly names: readonly string[];
}

/** What a finder may look in. */
export interface Findable {
  readonly name: string;
  readonly aliases: readonly string[];
  /** Ways of tying it, and what people tie by mistake. */
  readonly forms: readonly FindableForm[];
  readonly mistakes: readonly string[];
  readonly family: string;
  readonly purpose: string;
  readonly purposes: readonly string[];
  readonly crews: readonly string[];
}

/** Something found, and the form that was asked for by its own name. */
export interface Found<T> {
  readonly item: T;
  readonly form: string | null;
}

/** Small letters without accents, apostrophes and hyphens, so that “fisherman's” finds “fisherman’s”. */
export const plainWords = (text: string): string =>
  text
    .normalize('NFD')
    .replace(/[\u0300-\u036f'’‘`´]/g, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();

/** What it is worth to be called exactly so, and to have a word somewhere. */
const WORTH = {
  exactly: 20,
  name: 4,
  alias: 3,
  form: 3,
  purposes: 2,
  mistake: 2,
  rest: 1,
} as const;

/** Words that say nothing about a knot. */
const EMPTY = new Set(['a', 'an', 'the', 'knot', 'knots']);

/** What of typed words is looked for: those that say something, or all where none does. */
function wordsIn(typed: string): string[] {
  const all = plainWords(typed)
    .split(' ')
    .filter((w) => w !== '');
  const telling = all.filter((w) => !EMPTY.has(w));
  return telling.length > 0 ? telling : all;
}

/** Names without the words that say nothing: “the slip knot” and “slip” are one name. */
const bare = (name: string): string => wordsIn(name).join(' ');

/** The form that is called what was typed, or null. */
function formCalled(item: Findable, typed: string): string | null {
  return item.forms.find((f) => f.names.some((n) => bare(n) === typed))?.id ?? null;
}

/** The form that alone has every typed word in one of its names, where its entry has not; null where none or several have. */
function formNamed(item: Findable, words: readonly string[]): string | null {
  const has = (name: string): boolean => {
    const plain = plainWords(name);
    return words.every((w) => plain.includes(w));
  };
  if ([item.name, ...item.aliases].some(has)) return null;
  const named = item.forms.filter((f) => f.names.some(has));
  return named.length === 1 ? named[0]!.id : null;
}

/** How well every word of what was typed is found; 0: one of them is not. */
function worth(
  item: Findable,
  words: readonly string[],
  purposeWords: (id: string) => string,
): number {
  const fields: [number, string][] = [
    [WORTH.name, plainWords(item.name)],
    [WORTH.alias, item.aliases.map(plainWords).join(' | ')],
    [WORTH.form, item.forms.flatMap((f) => f.names.map(plainWords)).join(' | ')],
    [WORTH.purposes, item.purposes.map((p) => plainWords(purposeWords(p))).join(' | ')],
    [WORTH.mistake, item.mistakes.map(plainWords).join(' | ')],
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
 * Entries in which every typed word is found, best first: what is called exactly so before what merely has the words; among
 * equals in the order they are taught.
 * @param wanted further conditions: purposes and crews that must all apply.
 */
export function findKnots<T extends Findable>(
  items: readonly T[],
  typed: string,
  wanted: { readonly purposes: readonly string[]; readonly crew: string | null },
  purposeWords: (id: string) => string,
): Found<T>[] {
  const words = wordsIn(typed);
  const whole = words.join(' ');
  return items
    .filter(
      (item) =>
        wanted.purposes.every((p) => item.purposes.includes(p)) &&
        (wanted.crew === null || item.crews.includes(wanted.crew)),
    )
    .map((item, order) => {
      if (words.length === 0) return { item, order, form: null, worth: 1 };
      const form = formCalled(item, whole);
      const called = form !== null || [item.name, ...item.aliases].some((n) => bare(n) === whole);
      return {
        item,
        order,
        form: form ?? formNamed(item, words),
        worth: (called ? WORTH.exactly : 0) + worth(item, words, purposeWords),
      };
    })
    .filter((x) => x.worth > 0)
    .sort((a, b) => b.worth - a.worth || a.order - b.order)
    .map(({ item, form }) => ({ item, form }));
}
