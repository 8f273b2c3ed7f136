'use client';
import type { Plan } from '@/core/securement/plan';
import { unitName } from '@/core/securement/load/describe';
import type { LoadUnit } from '@/core/securement/load/schema';
import { assess } from '@/core/securement/assess';
import type { LockerWord } from '@/core/securement/locker-word';
import { formatQuantity, formatTogether, type UnitChoice } from '@/core/units';
import type { StoredPlan } from '../api';
import { sceneOf } from '@/core/securement/stage/scene';
import { StillDeck } from '../deck/StillDeck';
import { useMember } from '../frame/MemberContext';
import { ConflictSheet, type Side } from '../kit/ConflictSheet';
import { VerdictMark } from '../kit/VerdictMark';

function unitWords(unit: LoadUnit, units: UnitChoice): string {
  const mass = unit.massKg === null ? 'mass not known' : formatQuantity(unit.massKg, 'mass', units);
  const size = formatTogether([unit.lengthM, unit.widthM, unit.heightM], 'length', units);
  return `${unitName(unit)}, ${mass}, ${size}`;
}

const frictionWords = ({ friction }: LoadUnit): string =>
  friction.known === 'pair'
    ? friction.pair
    : friction.known === 'entered'
      ? `μ ${friction.mu}`
      : 'not known';

function sideOf(plan: Plan, locker: LockerWord, units: UnitChoice): Side {
  const assessment = assess(plan, locker);
  const drawn = (
    <>
      <VerdictMark verdict={assessment.verdict} />
      <StillDeck scene={sceneOf(plan, assessment)} label={`The deck of “${plan.title}”`} />
    </>
  );
  return { mark: drawn, facts: factsOf(plan, units) };
}

const factsOf = (plan: Plan, units: UnitChoice): Side['facts'] => [
  ['Name', plan.title],
  ['Rules', plan.ruleSet],
  ['Load', plan.units.map((u) => unitWords(u, units)).join('; ')],
  ['Friction', plan.units.map(frictionWords).join('; ')],
  ['Anchors', String(plan.deck.anchors.length)],
  ['Lines', plan.lines.map((l) => l.name).join('; ') || 'none'],
  ['Notes', plan.notes || 'none'],
];

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
