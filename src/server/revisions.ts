import { type Difference, differences } from '@/core/exchange/differences';
import { type DocumentKind, readDocument } from '@/core/exchange/read';
import type { Database } from '@/db/pool';
import { type Kept, type Revision, revisionPage, REVISIONS_A_PAGE } from '@/db/queries/revisions';
import { refuse } from './problem';

/** A version as its history shows it: who, when, and what is different from the version before it. */
export interface RevisionLine extends Omit<Revision, 'document'> {
  /** Null where nothing can be compared: the first version, or one that cannot be read. */
  readonly changes: readonly Difference[] | null;
  readonly readable: boolean;
}

/** Differences shown of one version; a bold change is not read field by field. */
const MOST_CHANGES = 40;

/** The version after which a page begins. @throws Refusal 422 */
export function askedVersion(search: URLSearchParams): number | null {
  const after = search.get('after');
  if (after === null) return null;
  if (!/^\d{1,9}$/.test(after)) throw refuse(422, 'cursor-invalid', {}, ['after']);
  return Number(after);
}

/** A page of a document's history, newest first, and the version to go on after. */
export async function historyPage(
  db: Database,
  of: Kept,
  kind: DocumentKind<unknown>,
  crewId: string,
  id: string,
  after: number | null,
): Promise<{ revisions: RevisionLine[]; next: number | null }> {
  const found = await revisionPage(db, of, crewId, id, after);
  const read = found.map((r) => readDocument(kind, r.document));
  const revisions = found.slice(0, REVISIONS_A_PAGE).map(({ document: _, ...revision }, i) => {
    const [now, before] = [read[i]!, read[i + 1]];
    const changes = now.ok && before?.ok ? differences(before.value, now.value) : null;
    return { ...revision, readable: now.ok, changes: changes?.slice(0, MOST_CHANGES) ?? null };
  });
  const more = found.length > REVISIONS_A_PAGE;
  return { revisions, next: more ? revisions.at(-1)!.version : null };
}
