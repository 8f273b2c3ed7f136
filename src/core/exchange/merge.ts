import { differences } from './differences';

type Loose = Readonly<Record<string, unknown>>;
type Thing = Loose & { readonly id: string };

/** What was changed in two ways that cannot both stand. */
class Overlap extends Error {}

const same = (a: unknown, b: unknown): boolean => differences(a, b).length === 0;
const isRecord = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const areThings = (value: unknown): value is readonly Thing[] =>
  Array.isArray(value) && value.every((v) => isRecord(v) && typeof v['id'] === 'string');

/** The order of what both have: theirs, unless only mine was changed. */
function ordered(
  base: readonly string[],
  mine: readonly string[],
  theirs: readonly string[],
): readonly string[] {
  const common = (list: readonly string[], ...others: (readonly string[])[]): string =>
    list.filter((id) => others.every((o) => o.includes(id))).join('\n');
  if (common(mine, base, theirs) === common(base, mine, theirs)) return theirs;
  if (common(theirs, base, mine) === common(base, theirs, mine)) return mine;
  throw new Overlap();
}

function ofThings(
  base: readonly Thing[],
  mine: readonly Thing[],
  theirs: readonly Thing[],
): readonly Thing[] {
  const ids = (list: readonly Thing[]): string[] => list.map((t) => t.id);
  const [was, my, their] = [base, mine, theirs].map((l) => new Map(l.map((t) => [t.id, t])));
  const first = ordered(ids(base), ids(mine), ids(theirs));
  const all = [...new Set([...first, ...ids(theirs), ...ids(mine)])];
  return all.flatMap((id): Thing[] => {
    const one = whole(was!.get(id), my!.get(id), their!.get(id)) as Thing | undefined;
    return one === undefined ? [] : [one];
  });
}

function overlap(): never {
  throw new Overlap();
}

/** What is one thing and stays one: whoever changed it, or took it away, has their way; two cannot. */
function whole(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (same(mine, base) || same(mine, theirs)) return theirs;
  return same(theirs, base) ? mine : overlap();
}

/** Says which deck it is. A capacity that was read on one deck must not come to stand on another. */
const IDENTITY = ['keptAs', 'name', 'lengthM', 'widthM'];

/** A deck: what only one of two changed stands, as long as both speak of the same deck. */
function ofDeck(base: Loose, mine: Loose, theirs: Loose): unknown {
  const another = IDENTITY.some(
    (key) => !same(base[key], mine[key]) || !same(base[key], theirs[key]),
  );
  return another ? whole(base, mine, theirs) : ofFields(base, mine, theirs, whole);
}

type Merge = (base: unknown, mine: unknown, theirs: unknown, key: string) => unknown;

function ofFields(base: Loose, mine: Loose, theirs: Loose, merge: Merge): Loose {
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  return Object.fromEntries(
    [...keys]
      .map((key) => {
        const [b, m, t] = [base[key], mine[key], theirs[key]];
        return areThings(b) && areThings(m) && areThings(t)
          ? [key, ofThings(b, m, t)]
          : [key, merge(b, m, t, key)];
      })
      .filter(([, value]) => value !== undefined) as [string, unknown][],
  );
}

const ofDocument: Merge = (base, mine, theirs, key) =>
  key === 'deck' && isRecord(base) && isRecord(mine) && isRecord(theirs)
    ? ofDeck(base, mine, theirs)
    : whole(base, mine, theirs);

/**
 * What two people made of the same document, both kept: whatever only one of them changed stands as they changed it. A line, a unit, an
 * anchor is one thing: figures of two hands are never put together in it.
 * @returns null where both changed the same
 */
export function mergeOf<D>(base: D, mine: D, theirs: D): D | null {
  try {
    return ofFields(base as Loose, mine as Loose, theirs as Loose, ofDocument) as D;
  } catch (error) {
    if (error instanceof Overlap) return null;
    throw error;
  }
}
