import type { EntryId } from '../entry-ids';

/** A form of the catalogue and the prints of it, seen from many sides. */
export interface KnownForm {
  /** `entry/form`, or `entry/wrong-form`. */
  readonly name: string;
  /** Fingerprint of the notation the prints were made from. */
  readonly source: string;
  /** The most frequent first. */
  readonly prints: readonly string[];
}

/** All forms; those that have too many crossings from everywhere have no print. */
export type Known = readonly KnownForm[];

/** More crossings than this nobody traces, and no form is known by. */
export const MOST_CROSSINGS = 20;

/** What a tracing is called. */
export type Naming =
  /** One form, or several that are tied the same: right ones, and what it is where it was meant to be another knot. */
  | { readonly kind: 'known'; readonly right: readonly string[]; readonly wrong: readonly string[] }
  /** What people tie by mistake, and nothing else. */
  | { readonly kind: 'mistake'; readonly wrong: readonly string[] }
  /** Several that look the same from this side only. */
  | { readonly kind: 'not sure'; readonly names: readonly string[] }
  /** Nothing stays tied; what people tie by mistake that does the same. */
  | { readonly kind: 'falls apart'; readonly wrong: readonly string[] }
  | { readonly kind: 'unknown' }
  | { readonly kind: 'too many crossings'; readonly crossings: number };

export const isWrong = (name: string): boolean => name.includes('/wrong-');
export const entryIdOf = (name: string): EntryId => name.split('/')[0] as EntryId;

/** Whether two forms look the same from most sides: what is tied is the same, whatever it is called. */
const same = (a: KnownForm, b: KnownForm): boolean => a.prints[0] === b.prints[0];

/** The forms that have a print: named where they are one entry's, or the same thing under several names. */
export function namedBy(known: Known, print: string): Naming | null {
  const found = known.filter((f) => f.prints.includes(print));
  const right = found.filter((f) => !isWrong(f.name));
  const wrong = found.filter((f) => isWrong(f.name)).map((f) => f.name);
  if (found.length === 0) return null;
  if (right.length === 0) return { kind: 'mistake', wrong };
  const entries = new Set(right.map((f) => entryIdOf(f.name)));
  if (entries.size === 1 || right.every((f) => same(f, right[0]!)))
    return { kind: 'known', right: right.map((f) => f.name), wrong };
  return { kind: 'not sure', names: right.map((f) => f.name) };
}
