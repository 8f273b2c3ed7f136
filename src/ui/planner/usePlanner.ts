'use client';
import { useCallback, useMemo, useReducer } from 'react';
import type { Plan } from '@/core/exchange/plan';
import type { LineElement } from '@/core/line/gear';
import { type Assessment, assess } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';

export interface History {
  readonly past: readonly Plan[];
  readonly plan: Plan;
  readonly future: readonly Plan[];
  /** What was edited last: typing on in the same field makes one step of undo, not one a letter. */
  readonly lastKey: string | null;
}

export type Step =
  | { readonly type: 'edit'; readonly edit: (plan: Plan) => Plan; readonly key: string | null }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' };

const MOST_STEPS = 200;

/** One step of editing, undoing or redoing; pure, so that it is tested without a page. */
export function step(h: History, s: Step): History {
  if (s.type === 'undo') {
    const before = h.past.at(-1);
    return before ? { past: h.past.slice(0, -1), plan: before, future: [h.plan, ...h.future], lastKey: null } : h;
  }
  if (s.type === 'redo') {
    const [next, ...rest] = h.future;
    return next ? { past: [...h.past, h.plan], plan: next, future: rest, lastKey: null } : h;
  }
  const plan = s.edit(h.plan);
  if (plan === h.plan) return h;
  const merge = s.key !== null && s.key === h.lastKey;
  return { past: merge ? h.past : [...h.past, h.plan].slice(-MOST_STEPS), plan, future: [], lastKey: s.key };
}

/** What views may do to a plan. `key` names the field being typed in. */
export interface PlanEditor {
  readonly plan: Plan;
  readonly assessment: Assessment;
  readonly readOnly: boolean;
  edit(change: (plan: Plan) => Plan, key?: string): void;
  editLine(lineId: string, change: (line: Line) => Line, key?: string): void;
  editElement(lineId: string, elementId: string, change: (element: LineElement) => LineElement, key?: string): void;
  undo(): void;
  redo(): void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** State of the planner: the plan, its history, and what it comes to. */
export function usePlanner(initial: Plan, readOnly: boolean): PlanEditor {
  const [h, dispatch] = useReducer(step, { past: [], plan: initial, future: [], lastKey: null });
  const assessment = useMemo(() => assess(h.plan), [h.plan]);
  const edit = useCallback((change: (plan: Plan) => Plan, key: string | null = null) => {
    if (!readOnly) dispatch({ type: 'edit', edit: change, key });
  }, [readOnly]);
  const editLine = useCallback((id: string, change: (line: Line) => Line, key?: string) =>
    edit((p) => ({ ...p, lines: p.lines.map((l) => (l.id === id ? change(l) : l)) }), key), [edit]);
  const editElement = useCallback((lineId: string, id: string, change: (e: LineElement) => LineElement, key?: string) =>
    editLine(lineId, (l) => ({ ...l, elements: l.elements.map((e) => (e.id === id ? change(e) : e)) }), key), [editLine]);
  return {
    plan: h.plan, assessment, readOnly, edit, editLine, editElement,
    undo: useCallback(() => dispatch({ type: 'undo' }), []), redo: useCallback(() => dispatch({ type: 'redo' }), []),
    canUndo: h.past.length > 0, canRedo: h.future.length > 0,
  };
}

/** An id that no item of the list has. */
export function freshId(stem: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((t) => t.id));
  for (let i = 1; ; i++) if (!ids.has(`${stem}${i}`)) return `${stem}${i}`;
}
