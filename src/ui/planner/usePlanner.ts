'use client';
import { useCallback, useMemo } from 'react';
import type { Plan } from '@/core/exchange/plan';
import type { LineElement } from '@/core/line/gear';
import { type Assessment, assess } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';
import { useHistory } from '../history';

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
  const { now: plan, edit: change, undo, redo, canUndo, canRedo } = useHistory(initial);
  const assessment = useMemo(() => assess(plan), [plan]);
  const edit = useCallback((edited: (plan: Plan) => Plan, key: string | null = null) => {
    if (!readOnly) change(edited, key);
  }, [readOnly, change]);
  const editLine = useCallback((id: string, edited: (line: Line) => Line, key?: string) =>
    edit((p) => ({ ...p, lines: p.lines.map((l) => (l.id === id ? edited(l) : l)) }), key), [edit]);
  const editElement = useCallback((lineId: string, id: string, edited: (e: LineElement) => LineElement, key?: string) =>
    editLine(lineId, (l) => ({ ...l, elements: l.elements.map((e) => (e.id === id ? edited(e) : e)) }), key), [editLine]);
  return { plan, assessment, readOnly, edit, editLine, editElement, undo, redo, canUndo, canRedo };
}

/** An id that no item of the list has. */
export function freshId(stem: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((t) => t.id));
  for (let i = 1; ; i++) if (!ids.has(`${stem}${i}`)) return `${stem}${i}`;
}
