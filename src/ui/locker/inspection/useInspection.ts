'use client';
import { useEffect, useMemo, useState } from 'react';
import { type InspectionCheck, INSPECTION_CHECKS } from '@/core/inspection/checks';
import { outcomeOf } from '@/core/gear/history';
import type { DamageFound, InspectionOutcome } from '@/core/inspection/outcome';
import type { LockerItem } from '../useLockerList';

/** Where a walk-through stands: which check, what was answered, what was found. */
export interface InspectionDraft {
  readonly at: number;
  readonly answered: readonly string[];
  readonly found: readonly DamageFound[];
}

const FRESH: InspectionDraft = { at: 0, answered: [], found: [] };

/** What was begun on this device and not recorded yet: a telephone rings in the middle of a rope. */
function kept(key: string, checks: readonly InspectionCheck[]): InspectionDraft {
  try {
    const draft = JSON.parse(window.localStorage.getItem(key) ?? 'null') as InspectionDraft | null;
    const known =
      draft?.answered.every((id) => checks.some((c) => c.id === id)) &&
      draft.at <= checks.length &&
      Array.isArray(draft.found);
    return draft && known ? draft : FRESH;
  } catch {
    return FRESH;
  }
}

export interface InspectionState {
  readonly checks: readonly InspectionCheck[];
  /** Null at the end, where the outcome stands. */
  readonly check: InspectionCheck | null;
  readonly draft: InspectionDraft;
  readonly outcome: InspectionOutcome;
  /** Damage of the check in hand. */
  readonly here: readonly DamageFound[];
  /** Somebody has gone from one check to another since the page opened. */
  readonly walked: boolean;
  clear(): void;
  mark(damage: DamageFound): void;
  unmark(damage: DamageFound): void;
  next(): void;
  back(): void;
  /** Forgets what was kept on this device. */
  forget(): void;
}

/** State of an inspection walk-through: one check after the other, nothing computed twice. */
export function useInspection(item: LockerItem): InspectionState {
  const { document: gear, standing } = item;
  const checks = INSPECTION_CHECKS[gear.item.kind];
  const key = `inspection-${item.id}`;
  const [draft, setDraft] = useState(FRESH);
  const [restored, setRestored] = useState(false);
  const [walked, setWalked] = useState(false);
  useEffect(() => {
    setDraft(kept(key, checks));
    setRestored(true);
  }, [key, checks]);
  useEffect(() => {
    if (restored) window.localStorage.setItem(key, JSON.stringify(draft));
  }, [key, draft, restored]);
  const check = checks[draft.at] ?? null;
  const outcome = useMemo(
    () => outcomeOf(gear, standing, { found: [...draft.found], answered: [...draft.answered] }),
    [gear, standing, draft],
  );
  const answer = (d: InspectionDraft, id: string): InspectionDraft => ({
    ...d,
    answered: d.answered.includes(id) ? d.answered : [...d.answered, id],
  });
  const goTo = (at: number): void => {
    setWalked(true);
    setDraft((d) => ({ ...d, at: Math.max(0, Math.min(checks.length, at)) }));
  };
  return {
    checks,
    check,
    draft,
    outcome,
    here: check ? draft.found.filter((f) => f.check === check.id) : [],
    walked,
    clear: () => {
      if (!check) return;
      setWalked(true);
      setDraft((d) => ({
        ...answer(d, check.id),
        at: d.at + 1,
        found: d.found.filter((f) => f.check !== check.id),
      }));
    },
    mark: (damage) =>
      setDraft((d) => ({ ...answer(d, damage.check), found: [...d.found, damage] })),
    unmark: (damage) =>
      setDraft((d) => ({
        ...d,
        found: d.found.filter((f) => f !== damage),
        answered: d.found.some((f) => f !== damage && f.check === damage.check)
          ? d.answered
          : d.answered.filter((id) => id !== damage.check),
      })),
    next: () => goTo(draft.at + 1),
    back: () => goTo(draft.at - 1),
    forget: () => window.localStorage.removeItem(key),
  };
}
