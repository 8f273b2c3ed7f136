'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { DueState } from '@/core/gear/due';
import type { StoredGear } from '@/db/queries/gear';
import { call, messageOf } from '../api';

/** A thing of the locker as pages get it. */
export type LockerItem = StoredGear & { readonly due: DueState };

export interface LockerPage {
  readonly gear: readonly LockerItem[];
  /** Kept, but not to be read by this program. */
  readonly unreadable?: readonly { readonly id: string; readonly code: string }[];
  readonly next: string | null;
}

/** What the list is narrowed to; empty text and null do not narrow. */
export interface LockerFilter {
  readonly search: string;
  readonly type: string;
  readonly state: '' | 'in-service' | 'set-aside' | 'retired' | 'all';
  readonly due: '' | 'overdue' | 'soon' | 'later';
  readonly sizeM: number | null;
  readonly leftM: number | null;
  readonly sort: 'code' | 'due';
}
const NO_FILTER: LockerFilter = {
  search: '',
  type: '',
  state: '',
  due: '',
  sizeM: null,
  leftM: null,
  sort: 'code',
};

const PAUSE_MS = 150;

/** State of the list: what it is narrowed to, pages by key. Answers to older questions are dropped. */
export function useLockerList(first: LockerPage) {
  const [filter, setFilter] = useState(NO_FILTER);
  const [page, setPage] = useState(first);
  const [error, setError] = useState<string | null>(null);
  const shown = useRef(NO_FILTER);
  const asked = useRef(0);
  const fetchPage = useCallback(
    async (wanted: LockerFilter, after: string | null): Promise<void> => {
      asked.current += 1;
      const id = asked.current;
      const answer = await call('GET /gear', { query: { ...wanted, after } });
      if (asked.current !== id) return;
      if (!answer.ok) return setError(messageOf(answer.problem));
      setError(null);
      shown.current = wanted;
      setPage((before) =>
        after
          ? { gear: [...before.gear, ...answer.value.gear], next: answer.value.next }
          : answer.value,
      );
    },
    [],
  );
  useEffect(() => {
    if (shown.current === filter) return;
    const timer = setTimeout(() => void fetchPage(filter, null), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [filter, fetchPage]);
  return {
    filter,
    page,
    error,
    narrow: (part: Partial<LockerFilter>) => setFilter((f) => ({ ...f, ...part })),
    more: () => void fetchPage(filter, page.next),
    reload: () => void fetchPage(filter, null),
  };
}
