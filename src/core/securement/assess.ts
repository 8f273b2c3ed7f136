import type { Plan } from './plan';
import type { AnchorFact, LineContext } from '../line/context';
import { lineGaps } from '../line/complete';
import { lineCapacity } from '../line/line';
import { ropeNeeded } from '../line/rope-needed';
import { lineTension } from '../line/tension';
import { allAtOnce } from '../steps';
import { traced } from '../working/working';
import { anchorSharing } from './anchor-sharing';
import { gearFindings, sharedRopes } from './gear-facts';
import { keptFindings } from './kept/findings';
import type { LockerWord } from './locker-word';
import type { StaticsRow } from './hold/opinion';
import { staticsOpinion } from './hold/statics';
import { staticsLoadOf } from './hold/statics-load';
import { lineFindings } from './line-findings';
import { loadFindings } from './load/findings';
import { type Placed, placeUnits } from './load/placed';
import { hooksOf } from './route/run';
import { type LineShape, lineShape, namedAnchorIds } from './route/shape';
import { type ArticleInput, articlesOf, type LineFacts, tieDownOf } from './rule-input';
import { ruleSet } from './rules';
import type { RuleSet } from './rules/rule-set';
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
    lines.map((line, i) => ({
      legs: shapes[i]!.legs,
      // A hook on the way is pulled at from both sides, whether or not the load lies there.
      anchorIds: [
        ...namedAnchorIds(line.elements),
        ...hooksOf(line.elements).flatMap((h) => [h.anchorId, h.anchorId]),
      ],
    })),
  );

/** Sharing of deck anchors between the lines of a plan. */
export function sharingOf(plan: Plan): Map<string, number> {
  return sharingBetween(plan.lines, shapesOf(plan, placeUnits(plan.units)));
}

const shapesOf = (plan: Plan, load: readonly Placed[]): LineShape[] =>
  plan.lines.map((line) => lineShape(line, load, plan.deck));

/** Everything known about the lines of a plan, each by itself. */
export function lineFactsOf(
  plan: Plan,
  load: readonly Placed[] = placeUnits(plan.units),
): LineFacts[] {
  const shapes = shapesOf(plan, load);
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
  readonly load: readonly Placed[];
}

const effectsOf = (findings: readonly Finding[]): Verdict[] =>
  findings.flatMap((f) => (f.effect === 'notice' ? [] : [f.effect]));

/** What is said of the journey or of the set itself, whatever article is looked at. */
const OF_NO_ARTICLE: readonly Finding['code'][] = [
  'recheck-on-road',
  'guidance-only',
  'guidance-judges',
  'site-only',
];

/** What a rule set says of every article; what it says of several in the same words is said once. */
function articlesSay(
  rules: RuleSet,
  articles: readonly ArticleInput[],
): { readonly rows: TallyRow[]; readonly findings: Finding[] } {
  const says = articles.map((a) => ({ of: a.of, ...rules.assess(a) }));
  const findings = says.flatMap(({ of, findings: said }) =>
    said.map((f): Finding =>
      of === null || f.lineId !== undefined || OF_NO_ARTICLE.includes(f.code)
        ? f
        : { ...f, values: { ...f.values, unit: of } },
    ),
  );
  return {
    rows: says.flatMap(({ of, rows }) => (of === null ? rows : rows.map((r) => ({ ...r, of })))),
    findings: articles.length < 2 ? findings : onceEach(findings),
  };
}

const onceEach = (findings: readonly Finding[]): Finding[] => [
  ...new Map(findings.map((f) => [JSON.stringify(f), f])).values(),
];

/** The first of the two opinions: it takes a fraction of the time of the second, and where it denies, nothing can mend it. */
export const ruleOpinion = (plan: Plan, locker: LockerWord): RuleOpinion =>
  allAtOnce(ruleSaying(plan, locker));

/** The same in steps. */
function* ruleSaying(plan: Plan, locker: LockerWord): Generator<void, RuleOpinion> {
  const load = placeUnits(plan.units);
  const lines = lineFactsOf(plan, load);
  yield;
  const rules = ruleSet(plan.ruleSet);
  const { rows: ofArticles, findings: said } = articlesSay(rules, articlesOf(plan, load, lines));
  const ofLines = lines.flatMap(
    (l) => rules.rowsOfLine?.(tieDownOf(l), plan.strength.dynamicAllowance) ?? [],
  );
  const rows = [...ofLines, ...ofArticles];
  yield;
  const findings = [
    ...said,
    ...loadFindings(plan, load, lines),
    ...lines.flatMap((facts) => lineFindings(facts, plan.units, rules.countsPretension)),
    ...sharedRopes(lines),
    ...plan.lines.flatMap((line) => gearFindings(line, locker)),
    ...keptFindings(plan, locker),
  ];
  return {
    verdict: worst([...rows.map((r) => r.verdict), ...effectsOf(findings)]),
    rows,
    findings,
    lines,
    load,
  };
}

/**
 * Judges a plan under its rule set: capacity and tension of every line, required against provided by the rule and by
 * statics, findings, verdict. The verdict is the worse of both opinions.
 *
 * Pure and fast enough to run at every keystroke. An unknown makes the verdict CANNOT SAY only when it matters: the
 * plan HOLDS if it holds with every unknown at nothing, and is SHORT if short with every unknown at its best.
 * `locker`: what the locker says today of the things the plan uses, or that it was not asked; a plan that uses its
 * things HOLDS only on its word.
 */
export const assess = (plan: Plan, locker: LockerWord): Assessment =>
  allAtOnce(assessing(plan, locker));

/** The same in steps: on a full deck it takes longer than a page may be kept from answering a key. */
export function* assessing(plan: Plan, locker: LockerWord): Generator<void, Assessment> {
  const { verdict: byRule, rows, findings: said, lines, load } = yield* ruleSaying(plan, locker);
  yield;
  const statics = yield* staticsOpinion(
    staticsLoadOf(plan, load, lines),
    ruleSet(plan.ruleSet).statics,
  );
  const verdict = worst([
    byRule,
    ...statics.rows.filter((r) => !r.ruleStands).map((r) => r.verdict),
    ...effectsOf(statics.findings),
  ]);
  return { verdict, rows, statics: statics.rows, findings: [...statics.findings, ...said], lines };
}
