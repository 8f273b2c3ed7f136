'use client';
import { useCallback, useRef, useState } from 'react';
import { type Answer, call, type StoredDocument } from '../api';
import { useNews } from '../useNews';

/** Somebody else who looks at the same. */
export interface Other {
  readonly id: string;
  readonly name: string;
}

interface Following<D> {
  /** The version that stands here. */
  readonly version: number;
  /** Takes in what somebody else saved. @returns whether it did */
  readonly follow: (theirs: StoredDocument<D>) => boolean;
  /** Something was heard of it, or of what it uses. */
  readonly onNews?: () => void;
}

const ROUTES = {
  plans: ['GET /plans/{id}/live', 'GET /plans/{id}'],
  decks: ['GET /decks/{id}/live', 'GET /decks/{id}'],
} as const;

/**
 * A plan or a deck that others may have open too: who they are, and what they save, taken in as far as it does not cross what waits here.
 * `from`: whose change was taken in last.
 */
export function useLive<D>(
  kind: keyof typeof ROUTES,
  id: string,
  { version, follow, onNews }: Following<D>,
): { readonly others: readonly Other[]; readonly from: string | null } {
  const [others, setOthers] = useState<readonly Other[]>([]);
  const [from, setFrom] = useState<string | null>(null);
  const asking = useRef(false);
  const again = useRef(false);
  const look = useCallback(async (): Promise<void> => {
    const [live, whole] = ROUTES[kind];
    const now = await call(live, { params: { id } });
    if (!now.ok) return;
    setOthers((before) =>
      JSON.stringify(before) === JSON.stringify(now.value.others) ? before : now.value.others,
    );
    onNews?.();
    if (now.value.version <= version) return;
    const theirs = (await call(whole, { params: { id } })) as Answer<StoredDocument<D>>;
    if (!theirs.ok || !follow(theirs.value)) return;
    setFrom(theirs.value.updatedBy);
  }, [kind, id, version, follow, onNews]);
  const ask = async (): Promise<void> => {
    again.current = true;
    if (asking.current) return;
    asking.current = true;
    // What is heard while it is asked is asked after it.
    while (again.current) {
      again.current = false;
      await look();
    }
    asking.current = false;
  };
  useNews(`/api/v1/${kind}/${id}/news`, () => void ask());
  return { others, from };
}
