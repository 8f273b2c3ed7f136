'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import type { PlanSort, PlanSummary } from '@/db/queries/plans';
import { call, messageOf } from '../api';

export interface PlanPage {
  readonly plans: readonly PlanSummary[];
  readonly next: string | null;
}

/** State of the list: search, sort, pages by key. */
export function usePlanList(first: PlanPage) {
  const [search, setSearch] = useState('');
  const [sort, setSort] = useState<PlanSort>('changed');
  const [page, setPage] = useState(first);
  const [error, setError] = useState<string | null>(null);
  const asked = useRef('|changed');
  const fetchPage = useCallback(
    async (after: string | null): Promise<void> => {
      const key = `${search}|${sort}`;
      asked.current = key;
      const answer = await call('GET /plans', { query: { search, sort, after } });
      if (asked.current !== key) return;
      if (!answer.ok) return setError(messageOf(answer.problem));
      setError(null);
      setPage((before) =>
        after
          ? { plans: [...before.plans, ...answer.value.plans], next: answer.value.next }
          : answer.value,
      );
    },
    [search, sort],
  );
  useEffect(() => {
    if (asked.current === `${search}|${sort}`) return;
    const timer = setTimeout(() => void fetchPage(null), 150);
    return () => clearTimeout(timer);
  }, [search, sort, fetchPage]);
  return {
    search,
    setSearch,
    sort,
    setSort,
    page,
    error,
    more: () => void fetchPage(page.next),
    reload: () => void fetchPage(null),
    drop: (id: string) => setPage((p) => ({ ...p, plans: p.plans.filter((x) => x.id !== id) })),
  };
}
