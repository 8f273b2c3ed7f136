import type { Plan } from '@/core/securement/plan';
import type { LockerWord } from '@/core/securement/locker-word';
import { neededUnder } from '@/core/securement/needed';
import {
  changeUnder,
  type Governing,
  type SetOpinion,
  sideBySide,
} from '@/core/securement/side-by-side';
import { METRIC } from '@/core/units';
import { wordChange } from '@/wording/changes';
import { wordFinding } from '@/wording/findings';
import { wordOpinion } from '@/wording/headline';

function governingOut(governing: Governing | null) {
  if (governing === null) return null;
  if (governing.by === 'finding') {
    const { code, clause, lineId } = governing.finding;
    const message = wordFinding(governing.finding, METRIC);
    return { by: 'finding' as const, code, clause, ...(lineId ? { lineId } : {}), message };
  }
  const { row } = governing;
  const common = {
    direction: row.direction,
    clause: row.clause,
    unit: row.required.unit,
    required: row.required.value,
    margin: row.margin,
  };
  return 'provided' in row
    ? { by: 'rule' as const, code: row.code, ...common, provided: row.provided.value }
    : { by: 'statics' as const, ...common, provided: row.held.value };
}

function opinionOut(opinion: SetOpinion, plan: Plan, locker: LockerWord) {
  const needed = neededUnder(plan, opinion.ruleSet, locker);
  const change = opinion.verdict === 'holds' ? null : changeUnder(plan, opinion.ruleSet, locker);
  return {
    ruleSet: opinion.ruleSet,
    verdict: opinion.verdict,
    message: wordOpinion(opinion, METRIC).words,
    governing: governingOut(opinion.governing),
    marginPart: opinion.margin,
    needed,
    change: change && {
      code: change.code,
      values: change.values,
      verdict: change.verdict,
      cost: change.cost,
      message: wordChange(change, METRIC),
    },
  };
}

/** One plan under every rule set: verdict, what governs, what there is to spare, how much of what is there is enough, and the change that helps most. */
export function computeComparison(plan: Plan, locker: LockerWord) {
  return { sets: sideBySide(plan, locker).map((o) => opinionOut(o, plan, locker)) };
}
