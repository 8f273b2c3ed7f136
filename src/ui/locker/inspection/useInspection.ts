'use client';
import { useEffect, useMemo, useState } from 'react';
import { type InspectionCheck, INSPECTION_CHECKS } from '@/core/inspection/checks';
import {
  type InspectionDraft,
  keptDraft,
  readInspectionDraft,
} from '@/core/exchange/inspection-draft';
import { outcomeOf } from '@/core/gear/history';
import type { DamageFound, InspectionOutcome } from '@/core/inspection/outcome';
import type { LockerItem } from '../useLockerList';

export type { InspectionDraft };

const fresh = (seen: string | null): InspectionDraft => ({
  at: 0,
  answered: [],
  found: [],
  seen,
  begunAt: new Date().toISOString(),
});

/** What was begun longer ago is put to the inspector: a rope that lay in the yard overnight is another rope. */
const FRESH_FOR_MS = 12 * 3_600_000;

/** What was begun on this device and not recorded yet: a telephone rings in the middle of a rope. */
function kept(key: string, checks: readonly InspectionCheck[]): InspectionDraft | null {
  try {
    const text = window.localStorage.getItem(key);
    const ids = checks.map((c) => c.id);
    const draft = readInspectionDraft(JSON.parse(text ?? 'null'), ids);
    if (!draft.ok) return null;
    return draft.value.answered.length + draft.value.found.length > 0 ? draft.value : null;
  } catch {
    return null;
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
  /** A draft of this device that is old, or that does not know the whole history; the inspector says what becomes of it. */
  readonly aged: InspectionDraft | null;
  /** Goes on with it, knowing what was recorded since. */
  goOn(): void;
  /** Has looked with everything in mind that is recorded up to this entry. */
  know(seen: string): void;
  clear(): void;
  mark(damage: DamageFound): void;
  unmark(damage: DamageFound): void;
  next(): void;
  back(): void;
  /** Forgets what was kept on this device. */
  forget(): void;
}

/** State of an inspection walk-through: one check after the other, nothing computed twice. */
export function useInspection(item: LockerItem, seen: string | null): InspectionState {
  const { document: gear, standing } = item;
  const checks = INSPECTION_CHECKS[gear.item.kind];
  const key = `inspection-${item.id}`;
  const [draft, setDraft] = useState(() => fresh(seen));
  const [aged, setAged] = useState<InspectionDraft | null>(null);
  const [restored, setRestored] = useState(false);
  const [walked, setWalked] = useState(false);
  useEffect(() => {
    const found = kept(key, checks);
    const old = found && Date.now() - Date.parse(found.begunAt) > FRESH_FOR_MS;
    if (found && (old || found.seen !== seen)) setAged(found);
    else if (found) setDraft(found);
    setRestored(true);
    // What is recorded while the page is open is told when the inspection is recorded.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key, checks]);
  useEffect(() => {
    if (restored && !aged) window.localStorage.setItem(key, JSON.stringify(keptDraft(draft)));
  }, [key, draft, restored, aged]);
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
    aged,
    goOn: () => {
      if (aged) setDraft({ ...aged, seen, begunAt: new Date().toISOString() });
      setAged(null);
    },
    know: (last) => setDraft((d) => ({ ...d, seen: last })),
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
    forget: () => {
      setAged(null);
      window.localStorage.removeItem(key);
    },
  };
}
