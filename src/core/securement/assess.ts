import type { Plan } from '../exchange/plan';
import type { AnchorFact, LineContext } from '../line/chain';
import { lineCapacity } from '../line/line';
import { ropeNeeded } from '../line/rope-needed';
import { lineTension } from '../line/tension';
import { traced } from '../working/working';
import { anchorSharing, lineShape } from './geometry';
import { gearFindings, type GearFacts, sharedRopes } from './gear-facts';
import { lineFindings } from './line-findings';
import { type LineFacts, ruleInputOf } from './rule-input';
import { ruleSet } from './rules';
import type { Line } from './schema';
import { type Finding, type TallyRow, type Verdict, worst } from './verdict';

/** What the plan comes to, with the working of every figure. */
export interface Assessment {
  readonly verdict: Verdict;
  readonly rows: readonly TallyRow[];
  readonly findings: readonly Finding[];
  readonly lines: readonly LineFacts[];
}

/** The context in which a plan's lines are judged. */
export function lineContext(plan: Plan, line: Line, sharing: ReadonlyMap<string, number>): LineContext {
  const rules = ruleSet(plan.ruleSet);
  return {
    basis: rules.basis(plan.strength), knotSchool: plan.strength.knotSchool, unmarkedByUsTable: rules.unmarkedByUsTable,
    temporary: line.temporary, anchors: new Map<string, AnchorFact>(plan.deck.anchors.map((a) => [a.id, a])), anchorSharing: sharing,
  };
}

/** Sharing of deck anchors between the lines of a plan. */
export function sharingOf(plan: Plan): Map<string, number> {
  return anchorSharing(plan.lines.map((line) => lineShape(line, plan.cargo, plan.deck)));
}

function lineFacts(plan: Plan): LineFacts[] {
  const shapes = plan.lines.map((line) => lineShape(line, plan.cargo, plan.deck));
  const sharing = anchorSharing(shapes);
  return plan.lines.map((line, i) => {
    const shape = shapes[i]!;
    const tension = lineTension(traced, line.elements, { ...line, routeLengthM: shape.routeLengthM });
    return {
      line, shape, tension, capacity: lineCapacity(traced, line.elements, lineContext(plan, line, sharing)),
      rope: ropeNeeded(traced, line.elements, shape.routeLengthM, tension.hauled),
    };
  });
}

/**
 * Judges a plan under its rule set: capacity and tension of every line, required against provided, findings, verdict.
 *
 * Pure and fast enough to run at every keystroke. An unknown makes the verdict CANNOT SAY only when it matters: the
 * plan HOLDS if it holds with every unknown at nothing, and is SHORT if it is short with every unknown at its best.
 * `gear`: what the locker says today of the things the plan uses; without it the plan is judged by what is written in it.
 */
export function assess(plan: Plan, gear: GearFacts | null = null): Assessment {
  const lines = lineFacts(plan);
  const rules = ruleSet(plan.ruleSet);
  const outcome = rules.assess(ruleInputOf(plan, lines));
  const findings = [...outcome.findings, ...lines.flatMap((facts) => lineFindings(facts, plan.cargo, rules.countsPretension)),
    ...sharedRopes(lines), ...(gear ? plan.lines.flatMap((line) => gearFindings(line, gear)) : [])];
  const effects = findings.flatMap((f) => (f.effect === 'notice' ? [] : [f.effect]));
  return { verdict: worst([...outcome.rows.map((r) => r.verdict), ...effects]), rows: outcome.rows, findings, lines };
}
