import type { GoodRow } from '@/core/exchange/gear-csv/read';
import type { MatchedColumn, RowError } from '@/core/exchange/gear-csv/head';

/** Most things of one import. */
export const MOST_ROWS = 200_000;
/** Things read, checked and kept in one go. */
export const BATCH = 500;

/** Some things of a file, in its order. */
export interface Batch {
  readonly good: readonly GoodRow[];
  readonly errors: readonly RowError[];
}

/** A file of things that has been looked through once. */
export interface GearSource {
  /** Columns of a table; none where the file has no such thing. */
  readonly columns: readonly MatchedColumn[];
  /** What the file calls the tag. */
  readonly code: string;
  /** What is wrong with the file as a whole. */
  readonly errors: readonly RowError[];
  readonly batches: () => AsyncIterable<Batch>;
}
