/** A figure, a word, a yes or no, or nothing, at the end of a path through a document. */
export type Leaf = string | number | boolean | null;

/** A step into a document: a field, or a thing of a list by what it is called. */
export type Step = string | { readonly thing: string };

/** What is different between two documents of one kind. */
export type Difference =
  | {
      readonly what: 'changed';
      /** From the outside in. */
      readonly path: readonly Step[];
      readonly before: Leaf;
      readonly after: Leaf;
    }
  | { readonly what: 'added' | 'removed'; readonly path: readonly Step[]; readonly name: string }
  | { readonly what: 'reordered'; readonly path: readonly Step[] };

type Loose = Readonly<Record<string, unknown>>;

const isRecord = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
const isThing = (value: unknown): value is Loose & { id: string } =>
  isRecord(value) && typeof value['id'] === 'string';
const leaf = (value: unknown): Leaf =>
  value === undefined
    ? null
    : typeof value === 'object' && value !== null
      ? JSON.stringify(value)
      : (value as Leaf);

/** What a thing of a list is called. */
const nameOf = (thing: Loose): string =>
  [thing['name'], thing['kind'], thing['id']].find(
    (n): n is string => typeof n === 'string' && n !== '',
  ) ?? '';

function ofThings(
  before: readonly (Loose & { id: string })[],
  after: readonly (Loose & { id: string })[],
  path: readonly Step[],
): Difference[] {
  const byId = (list: readonly (Loose & { id: string })[]): Map<string, Loose> =>
    new Map(list.map((t) => [t.id, t]));
  const [was, is] = [byId(before), byId(after)];
  const kept = after.filter((t) => was.has(t.id)).map((t) => t.id);
  const moved = before.filter((t) => is.has(t.id)).some((t, i) => t.id !== kept[i]);
  return [
    ...before
      .filter((t) => !is.has(t.id))
      .map((t): Difference => ({ what: 'removed', path, name: nameOf(t) })),
    ...after
      .filter((t) => !was.has(t.id))
      .map((t): Difference => ({ what: 'added', path, name: nameOf(t) })),
    ...(moved ? [{ what: 'reordered', path } as const] : []),
    ...after
      .filter((t) => was.has(t.id))
      .flatMap((t) => differences(was.get(t.id), t, [...path, { thing: nameOf(t) }])),
  ];
}

/**
 * What is different between two documents of one kind, in their order. Lists of things with ids are compared thing by
 * thing, other lists as a whole; where a choice (`kind`, `by`, `state` …) changed, what hangs on it follows.
 */
export function differences(
  before: unknown,
  after: unknown,
  path: readonly Step[] = [],
): Difference[] {
  if (Array.isArray(before) && Array.isArray(after))
    return [...before, ...after].every(isThing)
      ? ofThings(before, after, path)
      : JSON.stringify(before) === JSON.stringify(after)
        ? []
        : [{ what: 'changed', path, before: leaf(before), after: leaf(after) }];
  if (isRecord(before) && isRecord(after)) {
    const keys = [...new Set([...Object.keys(before), ...Object.keys(after)])];
    return keys.flatMap((key) => differences(before[key], after[key], [...path, key]));
  }
  const [was, is] = [leaf(before), leaf(after)];
  return was === is ? [] : [{ what: 'changed', path, before: was, after: is }];
}
