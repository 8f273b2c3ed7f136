'use client';
import type { Plan } from '@/core/securement/plan';
import { assess } from '@/core/securement/assess';
import type { LockerWord } from '@/core/securement/locker-word';
import { formatQuantity, formatTogether, type UnitChoice } from '@/core/units';
import type { StoredPlan } from '../api';
import { useMember } from '../frame/MemberContext';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { VerdictMark } from '../kit/VerdictMark';

const sideOf = (plan: Plan, locker: LockerWord, units: UnitChoice): Side => ({
  mark: <VerdictMark verdict={assess(plan, locker).verdict} />,
  facts: [
    ['Name', plan.title],
    ['Rules', plan.ruleSet],
    ['Load', plan.cargo.name],
    [
      'Mass',
      plan.cargo.massKg === null ? 'not known' : formatQuantity(plan.cargo.massKg, 'mass', units),
    ],
    [
      'Size',
      formatTogether([plan.cargo.lengthM, plan.cargo.widthM, plan.cargo.heightM], 'length', units),
    ],
    [
      'Friction',
      plan.cargo.friction.known === 'pair'
        ? plan.cargo.friction.pair
        : plan.cargo.friction.known === 'entered'
          ? `μ ${plan.cargo.friction.mu}`
          : 'not known',
    ],
    ['Anchors', String(plan.deck.anchors.length)],
    ['Lines', plan.lines.map((l) => l.name).join('; ') || 'none'],
    ['Notes', plan.notes || 'none'],
  ],
});

/** Two versions of a plan, one of which somebody else saved first. */
export function PlanConflict({
  mine,
  theirs,
  locker,
  onKeep,
}: {
  mine: Plan;
  theirs: StoredPlan;
  locker: LockerWord;
  onKeep: (which: 'mine' | 'theirs') => void;
}) {
  const { units } = useMember();
  return (
    <ConflictSheet
      what="plan"
      by={theirs.updatedBy}
      mine={sideOf(mine, locker, units)}
      theirs={sideOf(theirs.document, locker, units)}
      onKeep={onKeep}
    >
      Both versions are here and what differs is marked. Theirs stays in the plan’s history either
      way; yours stays one undo away.
    </ConflictSheet>
  );
}
