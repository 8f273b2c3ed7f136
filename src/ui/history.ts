'use client';
import { useCallback, useReducer } from 'react';

/** A document with its past and its future. */
export interface History<D> {
  readonly past: readonly D[];
  readonly now: D;
  readonly future: readonly D[];
  /** What was edited last: typing on in the same field makes one step of undo, not one a letter. */
  readonly lastKey: string | null;
}

export type Step<D> =
  | { readonly type: 'edit'; readonly edit: (now: D) => D; readonly key: string | null }
  /** Somebody else's is put in its place: what was before it would take theirs back, so there is nothing to undo. */
  | { readonly type: 'replace'; readonly by: D }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' };

const MOST_STEPS = 200;

/** One step of editing, undoing or redoing; pure, so that it is tested without a page. */
export function step<D>(h: History<D>, s: Step<D>): History<D> {
  if (s.type === 'undo') {
    const before = h.past.at(-1);
    return before === undefined
      ? h
      : { past: h.past.slice(0, -1), now: before, future: [h.now, ...h.future], lastKey: null };
  }
  if (s.type === 'redo') {
    const [next, ...rest] = h.future;
    return next === undefined
      ? h
      : { past: [...h.past, h.now], now: next, future: rest, lastKey: null };
  }
  if (s.type === 'replace') return { past: [], now: s.by, future: [], lastKey: null };
  const now = s.edit(h.now);
  if (now === h.now) return h;
  const merge = s.key !== null && s.key === h.lastKey;
  return {
    past: merge ? h.past : [...h.past, h.now].slice(-MOST_STEPS),
    now,
    future: [],
    lastKey: s.key,
  };
}

/** A document that can be edited and taken back. `key` names the field being edited. */
export interface Editing<D> {
  readonly now: D;
  edit(change: (now: D) => D, key?: string | null): void;
  /** Puts what somebody else saved in its place, and forgets what was before. */
  replace(by: D): void;
  undo(): void;
  redo(): void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** History of a document as state of a component. */
export function useHistory<D>(initial: D): Editing<D> {
  const [h, dispatch] = useReducer(step<D>, { past: [], now: initial, future: [], lastKey: null });
  return {
    now: h.now,
    canUndo: h.past.length > 0,
    canRedo: h.future.length > 0,
    edit: useCallback(
      (edit: (now: D) => D, key: string | null = null) => dispatch({ type: 'edit', edit, key }),
      [],
    ),
    replace: useCallback((by: D) => dispatch({ type: 'replace', by }), []),
    undo: useCallback(() => dispatch({ type: 'undo' }), []),
    redo: useCallback(() => dispatch({ type: 'redo' }), []),
  };
}
