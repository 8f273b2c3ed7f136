import type { Issue, Result } from '../result';

/** Why a document cannot be read: a later program wrote it, one so old that no upgrade leads here, or it is damaged. */
export type UnreadableReason = 'too-new' | 'too-old' | 'broken';

export interface Unreadable {
  readonly reason: UnreadableReason;
  /** The version it says it has; null when it says none. */
  readonly version: number | null;
  /** The newest version this program reads. */
  readonly newest: number;
  /** Where it is broken. */
  readonly issues: readonly Issue[];
}

export type Reading<T> =
  { readonly ok: true; readonly value: T } | { readonly ok: false; readonly why: Unreadable };

type Loose = Readonly<Record<string, unknown>>;

/** A kind of document with the versions it ever had. */
export interface DocumentKind<T> {
  readonly format: string;
  readonly version: number;
  /** By version: what makes the next version of a document of it. Never changed once written. */
  readonly upgrades: Readonly<Record<number, (document: Loose) => Loose>>;
  /** By version: where a place of the next version's document stood in this one's, so that issues name what was sent. */
  readonly pathsBack?: Readonly<Record<number, (path: Issue['path']) => Issue['path']>>;
  /** Parses a document of the newest version. */
  readonly parse: (document: unknown) => Result<T>;
}

const isRecord = (input: unknown): input is Loose =>
  typeof input === 'object' && input !== null && !Array.isArray(input);

/** The version a document says it has; null when it says none, or is none of this kind. */
function versionOf(kind: DocumentKind<unknown>, input: unknown): number | null {
  const said = isRecord(input) && input['format'] === kind.format ? input['version'] : null;
  return Number.isInteger(said) ? (said as number) : null;
}

/** Upgrades step by step. @returns null when a step is missing */
function upgraded(kind: DocumentKind<unknown>, document: Loose, from: number): Loose | null {
  let now = document;
  for (let version = from; version < kind.version; version++) {
    const step = kind.upgrades[version];
    if (!step) return null;
    now = { ...step(now), version: version + 1 };
  }
  return now;
}

/**
 * A document of whatever version as one of the newest, not yet parsed. What says no version, or is no document of this
 * kind, comes out as it is: parsing says what is wrong with it.
 */
export function upgradeDocument(kind: DocumentKind<unknown>, input: unknown): Reading<unknown> {
  const version = versionOf(kind, input);
  const no = (reason: UnreadableReason): Reading<unknown> => ({
    ok: false,
    why: { reason, version, newest: kind.version, issues: [] },
  });
  if (version === null || version === kind.version) return { ok: true, value: input };
  if (version > kind.version) return no('too-new');
  const document = upgraded(kind, input as Loose, version);
  return document === null ? no('too-old') : { ok: true, value: document };
}

/** Where a place of the newest version stood in a document as it was brought, so that an issue names what was sent. */
export function placeAsBrought(
  kind: DocumentKind<unknown>,
  path: Issue['path'],
  input: unknown,
): Issue['path'] {
  const version = versionOf(kind, input);
  let back = path;
  for (let v = kind.version - 1; v >= (version ?? kind.version); v--)
    back = kind.pathsBack?.[v]?.(back) ?? back;
  return back;
}

/**
 * The one door for documents that were kept or brought: of whatever version, read as one of the newest, or a reason.
 * What is read is never changed in its place.
 */
export function readDocument<T>(kind: DocumentKind<T>, input: unknown): Reading<T> {
  const document = upgradeDocument(kind, input);
  if (!document.ok) return document;
  const parsed = kind.parse(document.value);
  if (parsed.ok) return parsed;
  return {
    ok: false,
    why: {
      reason: 'broken',
      version: versionOf(kind, input),
      newest: kind.version,
      issues: parsed.issues.map((i) => ({ ...i, path: placeAsBrought(kind, i.path, input) })),
    },
  };
}

/** Why a document cannot be read, as issues at their places. */
export const issuesOfUnreadable = ({
  reason,
  version,
  newest,
  issues,
}: Unreadable): readonly Issue[] =>
  reason === 'broken'
    ? issues
    : [{ code: `document-${reason}`, path: ['version'], values: { version, newest } }];

/** The same as a result, for what is brought and refused. */
export const resultOf = <T>(reading: Reading<T>): Result<T> =>
  reading.ok ? reading : { ok: false, issues: issuesOfUnreadable(reading.why) };
