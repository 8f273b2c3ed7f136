'use client';
import { useEffect, useSyncExternalStore } from 'react';
import type { LockerWord } from '@/core/securement/locker-word';
import { inTurns } from '../inTurns';
import type { Draft, DraftStore } from './draft';

const nothing = (): null => null;

/** What is tried at the moment. */
export const useDraft = (store: DraftStore): Draft | null =>
  useSyncExternalStore(store.subscribe, store.get, nothing);

/** Judges what is tried, turn by turn: always the newest, once what is being judged is done. */
export function useDraftJudged(store: DraftStore, locker: LockerWord): void {
  useEffect(() => {
    let end: (() => void) | null = null;
    let gone = false;
    const judge = (): void => {
      const draft = store.get();
      if (end !== null || gone || draft === null || draft.assessment !== null) return;
      end = () => undefined;
      void import('@/core/securement/assess').then(
        ({ assessing }) => {
          if (gone) return;
          end = inTurns(
            assessing(draft.plan, locker),
            (assessment) => {
              end = null;
              if (store.get() === draft) store.set({ ...draft, assessment });
              else judge();
            },
            () => {
              end = null;
            },
          );
        },
        () => {
          end = null;
        },
      );
    };
    const stop = store.subscribe(judge);
    judge();
    return () => {
      gone = true;
      stop();
      end?.();
    };
  }, [store, locker]);
}
