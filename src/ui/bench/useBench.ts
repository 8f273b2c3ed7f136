'use client';
import { useCallback, useMemo, useRef, useState } from 'react';
import {
  benchFigures,
  type BenchFigures,
  type BenchLine,
  capacityOf,
  ownLine,
} from '@/core/bench/figures';
import type { BenchSystem, RiggingDocument } from '@/core/bench/rigging';
import type { FormId } from '@/core/tackle/systems';
import { type Editing, useHistory } from '../history';
import { formTitle, isFormTitle, withForm } from '@/core/bench/compose';

/** The bench as its views see it. */
export interface Bench extends Pick<
  Editing<RiggingDocument>,
  'undo' | 'redo' | 'canUndo' | 'canRedo'
> {
  readonly doc: RiggingDocument;
  readonly figures: BenchFigures;
  /** The line the system stands on. */
  readonly line: BenchLine;
  /** Whether the hand has let go and the lock holds. */
  readonly tied: boolean;
  readonly tie: (tied: boolean) => void;
  /** Changes the document; `key` names what is being changed, so that a pull of the hand is one step of undo. */
  edit(change: Partial<RiggingDocument>, key?: string): void;
  editSystem(change: Partial<BenchSystem>, key?: string): void;
  /** Another system in the place of this one; the hand and, as far as it goes, the rest stay. */
  choose(form: FormId): void;
  replace(doc: RiggingDocument): void;
  pull(handForceN: number, handAngleRad?: number): void;
}

/** The most the hand’s scale shows: two people on a rope. */
export const MOST_HAND_N = 1000;

/** State of the bench: the rigging, its history, and what it comes to. `lineOf`: where it stands, if that is not a line of its own. */
export function useBench(
  initial: RiggingDocument,
  lineOf: (doc: RiggingDocument) => BenchLine = ownLine,
): Bench {
  const { now: doc, edit: change, undo, redo, canUndo, canRedo } = useHistory(initial);
  const [tied, tie] = useState(false);
  // Strength does not change while the hand pulls: found once for everything but the pull.
  const still = useKept(doc, stillKey(doc));
  const line = useMemo(() => lineOf(still), [still, lineOf]);
  const capacity = useMemo(() => capacityOf(line), [line]);
  const figures = useMemo(() => benchFigures(doc, line, capacity), [doc, line, capacity]);
  const edit = useCallback(
    (next: Partial<RiggingDocument>, key?: string) => change((d) => ({ ...d, ...next }), key),
    [change],
  );
  const editSystem = useCallback(
    (next: Partial<BenchSystem>, key?: string) =>
      change((d) => ({ ...d, system: { ...d.system, ...next } as BenchSystem }), key),
    [change],
  );
  const choose = useCallback(
    (form: FormId) => {
      tie(false);
      change((d) => ({
        ...d,
        system: withForm(d.system, form),
        title: isFormTitle(d.title) ? formTitle(form) : d.title,
      }));
    },
    [change],
  );
  const replace = useCallback(
    (next: RiggingDocument) => {
      tie(false);
      change(() => next);
    },
    [change],
  );
  const pull = useCallback(
    (handForceN: number, handAngleRad?: number) => {
      tie(false);
      const force = Math.max(1, Math.min(5000, Math.round(handForceN)));
      change(
        (d) => ({
          ...d,
          system: {
            ...d.system,
            handForceN: force,
            ...(handAngleRad === undefined ? {} : { handAngleRad }),
          },
        }),
        'pull',
      );
    },
    [change],
  );
  return {
    doc,
    figures,
    line,
    tied,
    tie,
    edit,
    editSystem,
    choose,
    replace,
    pull,
    undo,
    redo,
    canUndo,
    canRedo,
  };
}

/** All of a rigging but how hard the hand pulls. */
const stillKey = (doc: RiggingDocument): string =>
  JSON.stringify({ ...doc, system: { ...doc.system, handForceN: 0 } });

/** A value that stays the same object for as long as its key is the same. */
function useKept<T>(value: T, key: string): T {
  const kept = useRef({ value, key });
  if (kept.current.key !== key) kept.current = { value, key };
  return kept.current.value;
}

/** The bench for views that do not show the pull: the same object while only the hand moves, so that they rest. Its actions stay good. */
export function useStill(bench: Bench): Bench {
  return useKept(bench, `${stillKey(bench.doc)}/${bench.tied}/${bench.canUndo}/${bench.canRedo}`);
}
