'use client';
import { useCallback, useMemo } from 'react';
import type { Plan } from '@/core/exchange/plan';
import type { LineElement } from '@/core/line/gear';
import { type Assessment, assess } from '@/core/securement/assess';
import type { Line } from '@/core/securement/schema';
import { type GearFacts, LOCKER_NOT_ASKED } from '@/core/securement/gear-facts';
import { useHistory } from '../history';
import type { LockerItem } from '../locker/useLockerList';
import { type FactEntries, useGearFacts } from './useGearFacts';

/** What views may do to a plan. `key` names the field being typed in. */
export interface PlanEditor {
  readonly plan: Plan;
  readonly assessment: Assessment;
  readonly readOnly: boolean;
  /** What the locker says of the things on the lines; null while that is not known. */
  readonly gear: GearFacts | null;
  /** Tells of a thing that is about to be put on a line, so that nobody has to ask again. */
  learnGear(item: LockerItem): void;
  edit(change: (plan: Plan) => Plan, key?: string): void;
  editLine(lineId: string, change: (line: Line) => Line, key?: string): void;
  editElement(lineId: string, elementId: string, change: (element: LineElement) => LineElement, key?: string): void;
  undo(): void;
  redo(): void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** State of the planner: the plan, its history, and what it comes to. */
export function usePlanner(initial: Plan, readOnly: boolean, firstFacts: FactEntries): PlanEditor {
  const { now: plan, edit: change, undo, redo, canUndo, canRedo } = useHistory(initial);
  const { facts: gear, learn: learnGear } = useGearFacts(plan, firstFacts);
  const assessment = useMemo(() => assess(plan, gear ?? LOCKER_NOT_ASKED), [plan, gear]);
  const edit = useCallback((edited: (plan: Plan) => Plan, key: string | null = null) => {
    if (!readOnly) change(edited, key);
  }, [readOnly, change]);
  const editLine = useCallback((id: string, edited: (line: Line) => Line, key?: string) =>
    edit((p) => ({ ...p, lines: p.lines.map((l) => (l.id === id ? edited(l) : l)) }), key), [edit]);
  const editElement = useCallback((lineId: string, id: string, edited: (e: LineElement) => LineElement, key?: string) =>
    editLine(lineId, (l) => ({ ...l, elements: l.elements.map((e) => (e.id === id ? edited(e) : e)) }), key), [editLine]);
  return useMemo(() => ({ plan, assessment, readOnly, gear, learnGear, edit, editLine, editElement, undo, redo, canUndo, canRedo }),
    [plan, assessment, readOnly, gear, learnGear, edit, editLine, editElement, undo, redo, canUndo, canRedo]);
}

/** An id that no item of the list has. */
export function freshId(stem: string, taken: readonly { readonly id: string }[]): string {
  const ids = new Set(taken.map((t) => t.id));
  for (let i = 1; ; i++) if (!ids.has(`${stem}${i}`)) return `${stem}${i}`;
}
