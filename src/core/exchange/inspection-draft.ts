import { fail, ok } from '../result';
import type { DamageFound } from '../inspection/outcome';
import { type DocumentKind, readDocument, type Reading } from './read';

/** Where a walk-through stands: which check, what was answered, what was found. Kept on the device until it is recorded. */
export interface InspectionDraft {
  readonly at: number;
  readonly answered: readonly string[];
  readonly found: readonly DamageFound[];
  /** The last entry of the history when it was begun. */
  readonly seen: string | null;
  /** When it was begun, ISO time. */
  readonly begunAt: string;
}

const FORMAT = 'vast-cleat/inspection-draft';
const VERSION = 1;

/** A draft as a document for keeping. */
export const keptDraft = (draft: InspectionDraft): unknown => ({
  format: FORMAT,
  version: VERSION,
  ...draft,
});

/** By hand: a page that walks through an inspection needs no schemas otherwise. `checks`: ids of the checks of its kind. */
const kindOf = (checks: readonly string[]): DocumentKind<InspectionDraft> => ({
  format: FORMAT,
  version: VERSION,
  upgrades: {},
  parse: (document) => {
    const { format, version, at, answered, found, seen, begunAt } = (document ?? {}) as Record<
      string,
      unknown
    >;
    const sound =
      format === FORMAT &&
      version === VERSION &&
      Number.isInteger(at) &&
      (at as number) >= 0 &&
      (at as number) <= checks.length &&
      Array.isArray(answered) &&
      answered.every((id) => checks.includes(id as string)) &&
      Array.isArray(found) &&
      found.every((f: unknown) => typeof f === 'object' && f !== null) &&
      (seen === null || typeof seen === 'string') &&
      typeof begunAt === 'string' &&
      !Number.isNaN(Date.parse(begunAt));
    return sound
      ? ok({ at, answered, found, seen, begunAt } as InspectionDraft)
      : fail('document-broken');
  },
});

/** Reads a draft that was kept on a device. `checks`: ids of the checks it may speak of. */
export const readInspectionDraft = (
  input: unknown,
  checks: readonly string[],
): Reading<InspectionDraft> => readDocument(kindOf(checks), input);
