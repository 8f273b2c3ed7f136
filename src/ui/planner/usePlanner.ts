'use client';
import { createContext, useCallback, useContext, useMemo, useState } from 'react';
import type { Plan } from '@/core/securement/plan';
import type { LineElement } from '@/core/line/schema';
import type { Assessment } from '@/core/securement/assess';
import type { LoadUnit } from '@/core/securement/load/schema';
import type { Line } from '@/core/securement/schema';
import { type GearFacts, type KeptFact, LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { useHistory } from '../history';
import { type FactEntries, useGearFacts } from '../locker/useGearFacts';
import { DraftStore } from '../deck/draft';
import { useAssessment } from './useAssessment';

/** What views may do to a plan; stays the same while it changes. `key` names the field being typed in. */
export interface PlanHand {
  readonly readOnly: boolean;
  /** Tells of what is about to be put into the plan, so that nobody has to ask again. */
  learn(id: string, fact: KeptFact): void;
  edit(change: (plan: Plan) => Plan, key?: string): void;
  editUnit(unitId: string, change: Partial<LoadUnit>, key?: string): void;
  editLine(lineId: string, change: (line: Line) => Line, key?: string): void;
  editElement(
    lineId: string,
    elementId: string,
    change: (element: LineElement) => LineElement,
    key?: string,
  ): void;
}

/**
 * A plan that is being worked on. Forms and buttons go by `plan`, which is always the newest; what is drawn of it goes by
 * `drawn` and `assessment`, which follow as soon as typing leaves time.
 */
export interface PlanEditor extends PlanHand {
  readonly hand: PlanHand;
  /** What is tried and not taken yet. */
  readonly draft: DraftStore;
  readonly plan: Plan;
  readonly drawn: Plan;
  /** Of `drawn`. */
  readonly assessment: Assessment;
  /** Its figures can be opened. */
  readonly whole: boolean;
  /** What judges a plan could not be fetched yet: the assessment stays that of the plan as it was opened. */
  readonly failing: boolean;
  /** What the locker says of the things on the lines; null while that is not known. */
  readonly gear: GearFacts | null;
  /** Puts what somebody else saved in the place of the plan. */
  replace(by: Plan): void;
  undo(): void;
  redo(): void;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** State of the planner: the plan, its history, and what it comes to. `news`: the locker is asked again when this grows. */
export function usePlanner(
  initial: Plan,
  readOnly: boolean,
  firstFacts: FactEntries,
  firstAssessment: Assessment,
  news: number,
): PlanEditor {
  const [served] = useState(() => ({ plan: initial, assessment: firstAssessment }));
  const [draft] = useState(() => new DraftStore());
  const { now: plan, edit: change, replace, undo, redo, canUndo, canRedo } = useHistory(initial);
  const { facts: gear, learn } = useGearFacts(plan, firstFacts, news);
  const { drawn, assessment, whole, failing } = useAssessment(
    plan,
    gear ?? LOCKER_NOT_ASKED,
    served,
  );
  const edit = useCallback(
    (edited: (plan: Plan) => Plan, key: string | null = null) => {
      if (!readOnly) change(edited, key);
    },
    [readOnly, change],
  );
  const editUnit = useCallback(
    (id: string, edited: Partial<LoadUnit>, key = `${id}/${Object.keys(edited).join()}`) =>
      edit(
        (p) => ({ ...p, units: p.units.map((u) => (u.id === id ? { ...u, ...edited } : u)) }),
        key,
      ),
    [edit],
  );
  const editLine = useCallback(
    (id: string, edited: (line: Line) => Line, key?: string) =>
      edit((p) => ({ ...p, lines: p.lines.map((l) => (l.id === id ? edited(l) : l)) }), key),
    [edit],
  );
  const editElement = useCallback(
    (lineId: string, id: string, edited: (e: LineElement) => LineElement, key?: string) =>
      editLine(
        lineId,
        (l) => ({ ...l, elements: l.elements.map((e) => (e.id === id ? edited(e) : e)) }),
        key,
      ),
    [editLine],
  );
  const hand = useMemo(
    () => ({ readOnly, learn, edit, editUnit, editLine, editElement }),
    [readOnly, learn, edit, editUnit, editLine, editElement],
  );
  return useMemo(
    () => ({
      ...hand,
      hand,
      draft,
      plan,
      drawn,
      assessment,
      whole,
      failing,
      gear,
      replace,
      undo,
      redo,
      canUndo,
      canRedo,
    }),
    [
      hand,
      draft,
      plan,
      drawn,
      assessment,
      whole,
      failing,
      gear,
      replace,
      undo,
      redo,
      canUndo,
      canRedo,
    ],
  );
}

const Editor = createContext<PlanEditor | null>(null);
export const EditorProvider = Editor.Provider;

/** The editor, for what is open inside a line: the line itself is drawn again only when something of it changes. */
export function useEditor(): PlanEditor {
  const editor = useContext(Editor);
  if (!editor) throw new Error('Broken invariant: a line is drawn outside the planner');
  return editor;
}
