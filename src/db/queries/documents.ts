/** A document of a crew as it is kept: what it is, and what surrounds it. */
export interface StoredDocument<D> {
  readonly id: string;
  readonly version: number;
  readonly document: D;
  readonly updatedAt: string;
  readonly updatedBy: string;
}

/** Entries on a page of any list. */
export const PAGE_SIZE = 30;

/**
 * A page of what a list query found, and where the next page begins. The query asks for one entry more than a page holds.
 * @param key what the list is sorted by, and the id, of the last entry of the page
 * @returns `next` null at the end of the list
 */
export function pageOf<R>(
  rows: readonly R[],
  key: (last: R) => readonly [string, string],
): { readonly page: readonly R[]; readonly next: readonly [string, string] | null } {
  const page = rows.slice(0, PAGE_SIZE);
  const last = rows.length > PAGE_SIZE ? page.at(-1) : undefined;
  return { page, next: last === undefined ? null : key(last) };
}

/** What a list query is given for the page after an entry: its key and its id, or nothing for the first page. */
export const afterValues = (after: readonly [string, string] | null): (string | null)[] => [
  after?.[0] ?? null,
  after?.[1] ?? null,
];

/** A search text as a pattern that finds it anywhere, its own wildcards taken literally. */
export const wordPattern = (key: string): string => `%${key.replace(/[\\%_]/g, '\\$&')}%`;
