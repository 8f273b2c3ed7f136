import type { Plan } from './plan';
import type { AnchorFact, LineContext } from '../line/context';
import { lineGaps } from '../line/complete';
import { lineCapacity } from '../line/line';
import { ropeNeeded } from '../line/rope-needed';
import { lineTension } from '../line/tension';
import { traced } from '../working/working';
import { anchorSharing } from './anchor-sharing';
import { type LineShape, lineShape, namedAnchorIds } from './geometry';
import { gearFindings, sharedRopes } from './gear-facts';
import type { LockerWord } from './locker-word';
import type { StaticsRow } from './hold/opinion';
import { staticsOpinion } from './hold/statics';
import { lineFindings } from './line-findings';
import { type LineFacts, ruleInputOf } from './rule-input';
import { ruleSet } from './rules';
import type { RuleInput } from './rules/rule-set';
import type { Line } from './schema';
import { type Finding, type TallyRow, type Verdict, worst } from './verdict';

/** What the plan comes to, with the working of every figure. */
export interface Assessment {
  readonly verdict: Verdict;
  /** What the rule set's own formulas compare. */
  readonly rows: readonly TallyRow[];
  /** What statics say beside them, in every direction the set asks for. */
  readonly statics: readonly StaticsRow[];
  readonly findings: readonly Finding[];
  readonly lines: readonly LineFacts[];
}

/** The context in which a plan's lines are judged. */
export function lineContext(
  plan: Plan,
  line: Line,
  sharing: ReadonlyMap<string, number>,
): LineContext {
  const rules = ruleSet(plan.ruleSet);
  return {
    basis: rules.basis(plan.strength),
    knotSchool: plan.strength.knotSchool,
    unmarkedByUsTable: rules.unmarkedByUsTable,
    temporary: line.temporary,
    anchors: new Map<string, AnchorFact>(plan.deck.anchors.map((a) => [a.id, a])),
    anchorSharing: sharing,
  };
}

const sharingBetween = (
  lines: readonly Line[],
  shapes: readonly LineShape[],
): Map<string, number> =>
  anchorSharing(
    lines.map((line, i) => ({ legs: shapes[i]!.legs, anchorIds: namedAnchorIds(line.elements) })),
  );

/** Sharing of deck anchors between the lines of a plan. */
export function sharingOf(plan: Plan): Map<string, number> {
  return sharingBetween(
    plan.lines,
    plan.lines.map((line) => lineShape(line, plan.cargo, plan.deck)),
  );
}

/** Everything known about the lines of a plan, each by itself. */
export function lineFactsOf(plan: Plan): LineFacts[] {
  const shapes = plan.lines.map((line) => lineShape(line, plan.cargo, plan.deck));
  const sharing = sharingBetween(plan.lines, shapes);
  const asksBreaking = ruleSet(plan.ruleSet).statics.boxes.some((b) => b.strength === 'breaking');
  return plan.lines.map((line, i) => {
    const shape = shapes[i]!;
    const context = lineContext(plan, line, sharing);
    const tension = lineTension(traced, line.elements, {
      ...line,
      routeLengthM: shape.routeLengthM,
    });
    return {
      line,
      shape,
      tension,
      capacity: lineCapacity(traced, line.elements, context),
      gaps: lineGaps(line.elements),
      // An over-line holds by the tension it keeps: where it would part adds nothing.
      breaking:
        asksBreaking && line.kind !== 'over'
          ? lineCapacity(traced, line.elements, { ...context, limit: 'breaking' })
          : null,
      rope: ropeNeeded(traced, line.elements, shape.routeLengthM, tension.hauled),
    };
  });
}

/** What the rule set, the lines and the locker say of a plan, before statics are asked. */
export interface RuleOpinion {
  readonly verdict: Verdict;
  readonly rows: readonly TallyRow[];
  readonly findings: readonly Finding[];
  readonly lines: readonly LineFacts[];
  readonly input: RuleInput;
}

const effectsOf = (findings: readonly Finding[]): Verdict[] =>
  findings.flatMap((f) => (f.effect === 'notice' ? [] : [f.effect]));

/** The first of the two opinions: it takes a fraction of the time of the second, and where it denies, nothing can mend it. */
export function ruleOpinion(plan: Plan, locker: LockerWord): RuleOpinion {
  const lines = lineFactsOf(plan);
  const rules = ruleSet(plan.ruleSet);
  const input = ruleInputOf(plan, lines);
  const { rows, findings: said } = rules.assess(input);
  const findings = [
    ...said,
    ...lines.flatMap((facts) => lineFindings(facts, plan.cargo, rules.countsPretension)),
    ...sharedRopes(lines),
    ...plan.lines.flatMap((line) => gearFindings(line, locker)),
  ];
  return {
    verdict: worst([...rows.map((r) => r.verdict), ...effectsOf(findings)]),
    rows,
    findings,
    lines,
    input,
  };
}

/**
 * Judges a plan under its rule set: capacity and tension of every line, required against provided by the rule and by
 * statics, findings, verdict. The verdict is the worse of both opinions.
 *
 * Pure and fast enough to run at every keystroke. An unknown makes the verdict CANNOT SAY only when it matters: the
 * plan HOLDS if it holds with every unknown at nothing, and is SHORT if it is short with every unknown at its best.
 * `locker`: what the locker says today of the things the plan uses, or that it was not asked; a plan that uses its
 * things HOLDS only on its word.
 */
export function assess(plan: Plan, locker: LockerWord): Assessment {
  const { verdict: byRule, rows, findings: said, lines, input } = ruleOpinion(plan, locker);
  const statics = staticsOpinion(input, plan.deck, ruleSet(plan.ruleSet).statics);
  const verdict = worst([
    byRule,
    ...statics.rows.filter((r) => !r.ruleStands).map((r) => r.verdict),
    ...effectsOf(statics.findings),
  ]);
  return { verdict, rows, statics: statics.rows, findings: [...statics.findings, ...said], lines };
}
