'use client';
import { useRouter } from 'next/navigation';
import { type ReactNode, useEffect, useMemo, useRef, useState } from 'react';
import type { RiggingDocument } from '@/core/bench/rigging';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { call, messageOf, type StoredRigging } from '../api';
import { keepJson, useImport } from '../files';
import { useMember } from '../frame/MemberContext';
import type { Action } from '../kit/ActionMenu';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { useAutosave } from '../useAutosave';
import { formName, formOf } from '@/core/bench/compose';
import { lineWords } from './lineWords';
import type { Bench } from './useBench';

const sideOf = (doc: RiggingDocument, units: UnitChoice): Side => {
  const form = formOf(doc.system);
  return {
    facts: [
      ['Name', doc.title],
      ['System', form === null ? 'a route of its own' : formName(form)],
      ['Line', lineWords(doc, units)],
      ['Hand', formatQuantity(doc.system.handForceN, 'force', units)],
      ['Readings', String(doc.readings.length)],
    ],
  };
};

/** What the server has not seen yet. */
const NOT_STORED = { id: '', version: 0, updatedAt: new Date(0).toISOString() };

/** How a rigging is kept, and what can be done about it. */
export interface Keeping {
  readonly words: string;
  readonly error: string | null;
  readonly actions: readonly Action[];
  readonly control: ReactNode;
}

/** How a rigging is kept: in the library (and from then on by itself), as a file, from a file. The same object while nothing of it changes. */
export function useKeeping(
  bench: Bench,
  stored: StoredRigging | null,
): { readonly keeping: Keeping; readonly conflict: ReactNode } {
  const { viewer, units } = useMember();
  const router = useRouter();
  const [error, setError] = useState<string | null>(null);
  const { doc } = bench;
  const latest = useRef(doc);
  useEffect(() => {
    latest.current = doc;
  });
  const open = (id: string): void => router.push(`/bench/${id}`);
  const { control, ask } = useImport('POST /riggings', open, setError);
  const { save, words, resolve } = useAutosave(
    'PUT /riggings/{id}',
    stored ?? NOT_STORED,
    doc,
    stored !== null && viewer.canWrite,
  );
  const keep = async (): Promise<void> => {
    const answer = await call('POST /riggings', { body: latest.current });
    if (answer.ok) open(answer.value.id);
    else setError(messageOf(answer.problem));
  };
  const [actions] = useState<readonly Action[]>(() => [
    ...(viewer.canWrite
      ? [
          {
            id: 'keep',
            name: stored ? 'Keep a copy in the library' : 'Keep in the library',
            run: () => void keep(),
          },
        ]
      : []),
    ...(stored
      ? [{ id: 'history', name: 'History', run: () => router.push(`/bench/${stored.id}/history`) }]
      : []),
    { id: 'export', name: 'Export', run: () => keepJson(latest.current.title, latest.current) },
    ...(viewer.canWrite ? [{ id: 'import', name: 'Import', run: ask }] : []),
  ]);
  const settle = (which: 'mine' | 'theirs', theirs: StoredRigging): void => {
    if (which === 'theirs') bench.replace(theirs.document);
    resolve(which, theirs, which === 'theirs' ? theirs.document : null);
  };
  const conflict =
    save.state === 'conflict' ? (
      <ConflictSheet
        what="rigging"
        by={save.theirs.updatedBy}
        mine={sideOf(doc, units)}
        theirs={sideOf(save.theirs.document, units)}
        onKeep={(which) => settle(which, save.theirs)}
      >
        Both versions are here and what differs is marked. Yours stays one undo away.
      </ConflictSheet>
    ) : null;
  const said =
    stored === null
      ? 'not in the library yet'
      : viewer.canWrite
        ? words
        : 'your changes are not kept';
  const wrong = error ?? (save.state === 'not-kept' ? save.why : null);
  const keeping = useMemo(
    (): Keeping => ({ actions, control, words: said, error: wrong }),
    [actions, control, said, wrong],
  );
  return { keeping, conflict };
}
