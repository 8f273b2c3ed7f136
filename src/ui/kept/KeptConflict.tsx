'use client';
import type { StoredDocument } from '../api';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { ErrorText } from '../kit/text';
import type { SaveState } from '../useAutosave';

/** What stands over a document that is kept while it is edited: why it is not, or what somebody else saved first. */
export function KeptConflict<D>({
  what,
  save,
  mine,
  side,
  take,
  resolve,
}: {
  what: 'deck' | 'course';
  save: SaveState<D>;
  mine: D;
  side: (document: D) => Side;
  /** Puts theirs in the place of mine. */
  take: (theirs: D) => void;
  resolve: (which: 'mine' | 'theirs', theirs: StoredDocument<D>, kept: D | null) => void;
}) {
  if (save.state === 'not-kept') return <ErrorText role="alert">{save.why}</ErrorText>;
  if (save.state !== 'conflict') return null;
  const { theirs } = save;
  return (
    <ConflictSheet
      what={what}
      by={theirs.updatedBy}
      mine={side(mine)}
      theirs={side(theirs.document)}
      onKeep={(which) => {
        if (which === 'theirs') take(theirs.document);
        resolve(which, theirs, which === 'theirs' ? theirs.document : null);
      }}
    >
      Both versions are here and what differs is marked. Yours stays one undo away.
    </ConflictSheet>
  );
}
