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
    const [b, m, t] = [was!.get(id), my!.get(id), their!.get(id)];
    // Taken away by one: that stands if the other left it as it was.
    if (b && !m) return t === undefined || same(b, t) ? [] : overlap();
    if (b && !t) return same(b, m) ? [] : overlap();
    if (!b && m && t) return same(m, t) ? [t] : overlap();
    return [b ? (merged(b, m, t) as Thing) : (m ?? t)!];
  });
}

function overlap(): never {
  throw new Overlap();
}

function merged(base: unknown, mine: unknown, theirs: unknown): unknown {
  if (same(mine, base) || same(mine, theirs)) return theirs;
  if (same(theirs, base)) return mine;
  if (areThings(base) && areThings(mine) && areThings(theirs)) return ofThings(base, mine, theirs);
  if (!isRecord(base) || !isRecord(mine) || !isRecord(theirs)) return overlap();
  // A thing that became one of another kind is no sum of both.
  if (base['kind'] !== mine['kind'] || base['kind'] !== theirs['kind']) return overlap();
  const keys = new Set([...Object.keys(theirs), ...Object.keys(mine)]);
  return Object.fromEntries(
    [...keys]
      .map((key) => [key, merged(base[key], mine[key], theirs[key])] as const)
      .filter(([, value]) => value !== undefined),
  );
}

/**
 * What two people made of the same document, both kept: whatever only one of them changed stands as they changed it.
 * @returns null where both changed the same in different ways
 */
export function mergeOf<D>(base: D, mine: D, theirs: D): D | null {
  try {
    return merged(base, mine, theirs) as D;
  } catch (error) {
    if (error instanceof Overlap) return null;
    throw error;
  }
}
