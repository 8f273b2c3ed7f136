'use client';
import { useCallback, useEffect, useMemo, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import {
  type GearFact,
  type KeptFact,
  type GearFacts,
  gearIdsOf,
  LOCKER_NOT_ASKED,
  type LockerWord,
  partIdsOf,
} from '@/core/securement/locker-word';
import { call } from '../api';
import type { LockerItem } from './useLockerList';

/** What the locker says, as it goes from server to page and from page to worker. */
export type FactEntries = readonly (readonly [id: string, fact: KeptFact])[];

export const factOf = (item: LockerItem): readonly [string, GearFact] => [
  item.id,
  { gear: item.document, state: item.standing, due: item.due, removed: item.removed },
];

type Kept = Pick<Plan, 'lines' | 'deck' | 'units'>;

/** What the crew says of the deck and the loads that a plan took; null without an answer. */
async function askKept(ids: string): Promise<readonly (readonly [string, KeptFact])[] | null> {
  if (ids === '') return [];
  const answer = await call('GET /kept/standing', { query: { ids } });
  return answer.ok
    ? [
        ...answer.value.decks.map(({ id, ...fact }) => [id, fact] as const),
        ...answer.value.loads.map(({ id, ...fact }) => [id, fact] as const),
      ]
    : null;
}

/** The same of things of the locker. */
async function askThings(ids: string): Promise<readonly (readonly [string, KeptFact])[] | null> {
  if (ids === '') return [];
  const answer = await call('GET /gear/standing', { query: { ids } });
  return answer.ok ? answer.value.gear.map(factOf) : null;
}

/** Asks the locker about the things of a plan, and the crew about what it keeps, once. */
export async function askLocker(plan: Kept): Promise<LockerWord> {
  const [things, kept] = await Promise.all([
    askThings(gearIdsOf(plan).join(',')),
    askKept(partIdsOf(plan).join(',')),
  ]);
  return things && kept ? new Map([...things, ...kept]) : LOCKER_NOT_ASKED;
}

/** A rope retired elsewhere shows on an open plan within this time, and at once when the page is looked at again. */
const LOOK_AGAIN_MS = 15_000;

/**
 * What the locker says today of the things a plan uses, kept up to date while the page is open. `null` when the locker
 * could not be asked: then nothing is said of it, least of all that a rope is gone. `news`: it is asked again when this grows.
 */
export function useGearFacts(
  plan: Kept,
  first: FactEntries,
  news = 0,
): { readonly facts: GearFacts | null; readonly learn: (id: string, fact: KeptFact) => void } {
  const [known, setKnown] = useState<ReadonlyMap<string, KeptFact>>(() => new Map(first));
  const [asked, setAsked] = useState('');
  const things = gearIdsOf(plan).sort().join(',');
  const kept = partIdsOf(plan).sort().join(',');
  const ids = [things, kept].filter((list) => list !== '').join(',');
  useEffect(() => {
    if (ids === '') return;
    let gone = false;
    const look = async (): Promise<void> => {
      const [ofThings, ofKept] = await Promise.all([askThings(things), askKept(kept)]);
      if (gone || !ofThings || !ofKept) return;
      const now = new Map([...ofThings, ...ofKept]);
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
  }, [ids, things, kept, news]);
  const learn = useCallback(
    (id: string, fact: KeptFact): void => setKnown((before) => new Map([...before, [id, fact]])),
    [],
  );
  // Ids nobody has asked about yet are not gone: until the answer is there only what is known is said.
  const facts = useMemo(() => {
    const all = ids === '' ? [] : ids.split(',');
    return asked === ids || all.every((id) => known.has(id)) ? known : null;
  }, [known, asked, ids]);
  return { facts, learn };
}
