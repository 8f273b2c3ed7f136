'use client';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import {
  type GearFact,
  type GearFacts,
  gearIdsOf,
  LOCKER_NOT_ASKED,
  type LockerWord,
} from '@/core/securement/locker-word';
import { call } from '../api';
import type { LockerItem } from './useLockerList';

/** What the locker says, as it goes from server to page and from page to worker. */
export type FactEntries = readonly (readonly [id: string, fact: GearFact])[];

export const factOf = (item: LockerItem): readonly [string, GearFact] => [
  item.id,
  { gear: item.document, state: item.standing, due: item.due, removed: item.removed },
];

/** Asks the locker about the things of a plan, once. */
export async function askLocker(plan: Pick<Plan, 'lines'>): Promise<LockerWord> {
  const ids = gearIdsOf(plan);
  if (ids.length === 0) return new Map();
  const answer = await call('GET /gear/standing', { query: { ids: ids.join(',') } });
  return answer.ok ? new Map(answer.value.gear.map(factOf)) : LOCKER_NOT_ASKED;
}

/** A rope retired elsewhere shows on an open plan within this time, and at once when the page is looked at again. */
const LOOK_AGAIN_MS = 15_000;

/**
 * What the locker says today of the things a plan uses, kept up to date while the page is open. `null` when the locker
 * could not be asked: then nothing is said of it, least of all that a rope is gone.
 */
export function useGearFacts(
  plan: Pick<Plan, 'lines'>,
  first: FactEntries,
): { readonly facts: GearFacts | null; readonly learn: (item: LockerItem) => void } {
  const [known, setKnown] = useState<ReadonlyMap<string, GearFact>>(() => new Map(first));
  const [asked, setAsked] = useState(() =>
    first
      .map(([id]) => id)
      .sort()
      .join(','),
  );
  const ids = gearIdsOf(plan).sort().join(',');
  useEffect(() => {
    if (ids === '') return;
    let gone = false;
    const look = async (): Promise<void> => {
      const answer = await call('GET /gear/standing', { query: { ids } });
      if (gone || !answer.ok) return;
      const now = new Map(answer.value.gear.map(factOf));
      // The same again would have the plan judged again, and its advice searched again, for nothing.
      setKnown((before) =>
        JSON.stringify([...before]) === JSON.stringify([...now]) ? before : now,
      );
      setAsked(ids);
    };
    const again = (): void => {
      if (document.visibilityState === 'visible') void look();
    };
    void look();
    const timer = setInterval(again, LOOK_AGAIN_MS);
    document.addEventListener('visibilitychange', again);
    window.addEventListener('focus', again);
    return () => {
      gone = true;
      clearInterval(timer);
      document.removeEventListener('visibilitychange', again);
      window.removeEventListener('focus', again);
    };
  }, [ids]);
  const learn = useCallback(
    (item: LockerItem): void => setKnown((before) => new Map([...before, factOf(item)])),
    [],
  );
  // Ids nobody has asked about yet are not gone: until the answer is there only what is known is said.
  const facts = useMemo(() => {
    const all = ids === '' ? [] : ids.split(',');
    return asked === ids || all.every((id) => known.has(id)) ? known : null;
  }, [known, asked, ids]);
  return { facts, learn };
}
