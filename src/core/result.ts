/**
 * Expected failure as data. A function that can fail for a reason the user can mend returns `Result`;
 * a broken invariant throws. Wording of the codes lives in `src/wording`, never here.
 */
export type IssueValue = string | number | boolean | null;

/** One thing that is wrong, located by `path` in the input document. */
export interface Issue {
  readonly code: string;
  readonly path: readonly (string | number)[];
  readonly values: Readonly<Record<string, IssueValue>>;
}

export type Result<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] };

export function ok<T>(value: T): Result<T> {
  return { ok: true, value };
}

/** A failed result with a single issue. */
export function fail<T = never>(
  code: string,
  values: Record<string, IssueValue> = {},
  path: readonly (string | number)[] = [],
): Result<T> {
  return { ok: false, issues: [{ code, path, values }] };
}

/** Throws when an invariant of the program itself is broken; never for bad user input. */
export function assert(condition: unknown, message: string): asserts condition {
  if (!condition) throw new Error(`Broken invariant: ${message}`);
}
