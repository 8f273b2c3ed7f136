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

/** A search text as a pattern that finds it anywhere, its own wildcards taken literally. */
export const wordPattern = (key: string): string => `%${key.replace(/[\\%_]/g, '\\$&')}%`;
