'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { LogEntry } from '@/core/log/kept';
import type { LogKind } from '@/core/log/vocabulary';
import { call, messageOf } from '../api';

export interface LogPage {
  readonly entries: readonly LogEntry[];
  readonly next: string | null;
}

/** One rope, person, deck, knot or plan that the log is looked at by, and what it is called. */
export interface LogView {
  readonly what: 'gear' | 'person' | 'deck' | 'knot' | 'plan';
  readonly ref: string;
  readonly name: string;
}

/** What the log is narrowed to; empty text does not narrow. */
export interface LogFilter {
  readonly search: string;
  readonly kind: '' | LogKind;
  readonly from: string;
  readonly to: string;
}
const NO_FILTER: LogFilter = { search: '', kind: '', from: '', to: '' };
const PAUSE_MS = 150;

/** What is asked for, behind the question mark. */
export const queryOf = (
  filter: LogFilter,
  view: LogView | null,
): Readonly<Record<string, string>> =>
  Object.fromEntries(
    [...Object.entries(filter), ...(view ? [[view.what, view.ref]] : [])].filter(
      ([, value]) => value !== '',
    ),
  ) as Record<string, string>;

/** State of the log: what it is narrowed to, pages by key. Answers to older questions are dropped. */
export function useLog(first: LogPage, view: LogView | null) {
  const [filter, setFilter] = useState(NO_FILTER);
  const [page, setPage] = useState(first);
  const [error, setError] = useState<string | null>(null);
  const shown = useRef(NO_FILTER);
  const asked = useRef(0);
  const fetchPage = useCallback(
    async (wanted: LogFilter, after: string | null): Promise<void> => {
      asked.current += 1;
      const id = asked.current;
      const query = { ...queryOf(wanted, view), ...(after ? { after } : {}) };
      const answer = await call('GET /log', { query });
      if (asked.current !== id) return;
      if (!answer.ok) return setError(messageOf(answer.problem));
      setError(null);
      shown.current = wanted;
      setPage((before) =>
        after
          ? { ...answer.value, entries: [...before.entries, ...answer.value.entries] }
          : answer.value,
      );
    },
    [view],
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
    narrow: (part: Partial<LogFilter>) => setFilter((f) => ({ ...f, ...part })),
    more: () => void fetchPage(filter, page.next),
    reload: useCallback(() => void fetchPage(filter, null), [fetchPage, filter]),
  };
}
