'use client';
import { useCallback, useEffect, useRef, useState } from 'react';
import { differences } from '@/core/exchange/differences';
import { mergeOf } from '@/core/exchange/merge';
import { type Answer, call, messageOf, type Problem, type StoredDocument } from './api';
import type { BodyOf } from './routes';

/** Saving is tried again by itself, and the version that is sent with it keeps it from being done twice. */
const whyNot = (problem: Problem): string =>
  problem.status === 0
    ? 'No answer from the server. What you typed is kept here; it is sent again by itself.'
    : messageOf(problem);

/** How a document stands with the server. */
export type SaveState<D> =
  | { readonly state: 'kept'; readonly at: string }
  | { readonly state: 'keeping' }
  | { readonly state: 'not-kept'; readonly why: string }
  | { readonly state: 'conflict'; readonly theirs: StoredDocument<D> };

const same = (a: unknown, b: unknown): boolean => differences(a, b).length === 0;

const PAUSE_MS = 500;
const RETRY_MS = 4000;

/** A member's clock time. */
const clock = (iso: string): string =>
  new Date(iso).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });

/**
 * Keeps a document on the server while it is edited: one save at a time, always the newest text, with the version it
 * started from. When somebody else saved first nothing is overwritten: where both changed different things both stand, and
 * `replace` puts what that makes into the document; else the state turns to conflict until one is chosen.
 */
export function useAutosave<D>(
  route: 'PUT /plans/{id}' | 'PUT /riggings/{id}' | 'PUT /decks/{id}' | 'PUT /courses/{id}',
  stored: Pick<StoredDocument<D>, 'id' | 'version' | 'updatedAt'>,
  document: D,
  enabled: boolean,
  replace?: (by: D) => void,
) {
  const [save, setSave] = useState<SaveState<D>>({ state: 'kept', at: stored.updatedAt });
  const version = useRef(stored.version);
  const kept = useRef(document);
  const busy = useRef(false);
  const latest = useRef(document);
  const [wake, setWake] = useState(0);

  /**
   * Goes on from what somebody else saved, what waits here on top of it. @returns what the document is then; null: it cannot be both
   */
  const goOn = useCallback((theirs: StoredDocument<D>): D | null => {
    const both = mergeOf(kept.current, latest.current, theirs.document);
    if (both === null) return null;
    version.current = theirs.version;
    kept.current = theirs.document;
    latest.current = both;
    setSave({ state: 'kept', at: theirs.updatedAt });
    return both;
  }, []);

  const send = useCallback(async (): Promise<void> => {
    if (busy.current || latest.current === kept.current) return;
    busy.current = true;
    const sent = latest.current;
    setSave({ state: 'keeping' });
    const answer = (await call(route, {
      params: { id: stored.id },
      body: sent as BodyOf<typeof route>,
      version: version.current,
    })) as Answer<StoredDocument<D>>;
    busy.current = false;
    if (answer.ok) {
      version.current = answer.value.version;
      kept.current = sent;
      setSave({ state: 'kept', at: answer.value.updatedAt });
      if (latest.current !== sent) setWake((n) => n + 1);
    } else if (answer.problem.current && same(answer.problem.current.document, sent)) {
      // Ours arrived before, and its answer was lost.
      const { version: at, updatedAt } = answer.problem.current;
      version.current = at;
      kept.current = sent;
      setSave({ state: 'kept', at: updatedAt });
    } else if (answer.problem.current) {
      const theirs = answer.problem.current as StoredDocument<D>;
      const both = replace ? goOn(theirs) : null;
      if (both === null) setSave({ state: 'conflict', theirs });
      else replace?.(both);
    } else setSave({ state: 'not-kept', why: whyNot(answer.problem) });
  }, [route, stored.id, replace, goOn]);

  useEffect(() => {
    latest.current = document;
    if (!enabled || document === kept.current || save.state === 'conflict') return;
    const timer = setTimeout(() => void send(), save.state === 'not-kept' ? RETRY_MS : PAUSE_MS);
    return () => clearTimeout(timer);
  }, [document, enabled, save, send, wake]);

  useEffect(() => {
    if (!enabled) return;
    const warn = (event: BeforeUnloadEvent): void => {
      if (latest.current !== kept.current) event.preventDefault();
    };
    window.addEventListener('beforeunload', warn);
    return () => window.removeEventListener('beforeunload', warn);
  }, [enabled]);

  /** Ends a conflict: ours is saved on top of theirs, or theirs is taken (the caller puts it into the document). */
  const resolve = useCallback(
    (keep: 'mine' | 'theirs', theirs: StoredDocument<D>, taken: D | null) => {
      version.current = theirs.version;
      if (keep === 'theirs' && taken) kept.current = taken;
      setSave(keep === 'theirs' ? { state: 'kept', at: theirs.updatedAt } : { state: 'keeping' });
      if (keep === 'mine') {
        kept.current = theirs.document;
        void send();
      }
    },
    [send],
  );

  /** Takes in what somebody else saved, where both can stand; else the next save says that they cannot. @returns whether it did */
  const follow = useCallback(
    (theirs: StoredDocument<D>): boolean => {
      if (busy.current || theirs.version <= version.current) return false;
      const both = goOn(theirs);
      if (both !== null) replace?.(both);
      return both !== null;
    },
    [goOn, replace],
  );

  // Kept is said only of what stands there now: an edit that still waits for its pause is not.
  const pending = enabled && document !== kept.current;
  const words =
    pending && save.state === 'kept'
      ? 'keeping…'
      : {
          kept: save.state === 'kept' ? `kept ${clock(save.at)}` : '',
          keeping: 'keeping…',
          'not-kept': 'not kept',
          conflict: 'not kept: saved elsewhere',
        }[save.state];
  return { save, words, resolve, follow, pending, version: version.current };
}
