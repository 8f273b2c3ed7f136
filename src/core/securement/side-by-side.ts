import { helpfulChanges, type Change } from './advice/one-change';
import { assess, type Assessment } from './assess';
import type { LockerWord } from './locker-word';
import type { Plan } from './plan';
import { RULE_SET_IDS, type RuleSetId } from './rule-set-ids';
import { type Comparison, partToSpare, tightest } from './tightest';
import type { Finding, Verdict } from './verdict';

/** What decides the verdict of a plan: a comparison by the rule or by statics, or something found. */
export type Governing =
  | { readonly by: 'comparison'; readonly row: Comparison }
  | { readonly by: 'finding'; readonly finding: Finding };

/** One plan under one rule set. */
export interface SetOpinion {
  readonly ruleSet: RuleSetId;
  readonly assessment: Assessment;
  readonly verdict: Verdict;
  /** Null where nothing is compared and nothing found. */
  readonly governing: Governing | null;
  /** What the governing comparison has to spare (negative: is short of), as a part of what is required; null where nobody can say. */
  readonly margin: number | null;
}

/**
 * What decides a verdict: the tightest comparison that says it, or else what was found; what is barred is always found.
 * A count met exactly has nothing to spare and is no news: where something else is compared too, that is named.
 */
export function governingOf(a: Assessment): Governing | null {
  const finding = a.findings.find((f) => f.effect === a.verdict);
  const compared = [...a.rows, ...a.statics.filter((r) => !r.ruleStands)];
  const saying = compared.filter((r) => r.verdict === a.verdict);
  const measured = saying.filter((r) => r.required.unit !== 'count');
  const row = tightest<Comparison>(
    a.verdict === 'holds' && measured.length > 0 ? measured : saying,
  );
  if (row) return { by: 'comparison', row };
  return finding ? { by: 'finding', finding } : null;
}

/** The plan as it stands, judged under another rule set. */
export function opinionUnder(plan: Plan, id: RuleSetId, locker: LockerWord): SetOpinion {
  const assessment = assess({ ...plan, ruleSet: id }, locker);
  const governing = governingOf(assessment);
  return {
    ruleSet: id,
    assessment,
    verdict: assessment.verdict,
    governing,
    margin:
      governing?.by === 'comparison' && assessment.verdict !== 'cannot-say'
        ? partToSpare(governing.row)
        : null,
  };
}

/** One plan under every rule set, in the order they are offered. */
export const sideBySide = (plan: Plan, locker: LockerWord): SetOpinion[] =>
  RULE_SET_IDS.map((id) => opinionUnder(plan, id, locker));

/** The change that helps most under a rule set; null where it holds already, or where no single change that is tried helps. */
export function changeUnder(plan: Plan, id: RuleSetId, locker: LockerWord): Change | null {
  const under = { ...plan, ruleSet: id };
  return helpfulChanges(under, locker)[0] ?? null;
}
