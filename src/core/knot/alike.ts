import { distance } from 'fastest-levenshtein';
import { type Findable, type Found, plainWords } from './find';

/** Names that differ from what was typed in more than this part of their letters are other names. */
const FAR = 0.34;

/** How far a name is from what was typed, 0 the same, to 1: word by word or as a whole, whichever is nearer; and as a whole. */
function farness(typed: string, name: string): { readonly far: number; readonly whole: number } {
  const words = typed.split(' ');
  const others = name.split(' ');
  // Little words are near to any short one.
  const telling = others.filter((o) => o.length > 2);
  const byWord = words.reduce(
    (sum, w) =>
      sum +
      Math.min(
        ...(telling.length > 0 ? telling : others).map((o) => Math.min(w.length, distance(w, o))),
      ),
    0,
  );
  const [a, b] = [words.join(''), others.join('')];
  const whole = distance(a, b) / Math.max(a.length, b.length);
  return { far: Math.min(byWord / a.length, whole), whole };
}

type Farness = ReturnType<typeof farness>;
const byFarness = (a: Farness, b: Farness): number => a.far - b.far || a.whole - b.whole;

/** Entries whose names are most like what was typed, nearest first: for what nobody calls a knot, but somebody typed. */
export function alikeKnots<T extends Findable>(items: readonly T[], typed: string): Found<T>[] {
  const wanted = plainWords(typed);
  if (wanted === '') return [];
  const nearest = items.map((item) => {
    const names = [
      ...[item.name, ...item.aliases, ...item.mistakes].map((name) => ({ name, form: null })),
      ...item.forms.flatMap((f) => f.names.map((name) => ({ name, form: f.id }))),
    ].map(({ name, form }) => ({ item, form, ...farness(wanted, plainWords(name)) }));
    return names.reduce((a, b) => (byFarness(b, a) < 0 ? b : a));
  });
  return nearest
    .filter((n) => n.far <= FAR)
    .sort(byFarness)
    .map(({ item, form }) => ({ item, form }));
}
