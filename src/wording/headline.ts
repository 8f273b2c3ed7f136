import type { Assessment } from '@/core/securement/assess';
import type { StaticsRow } from '@/core/securement/hold/opinion';
import type { SetOpinion } from '@/core/securement/side-by-side';
import { type Comparison, forbidden, partToSpare, tightest } from '@/core/securement/tightest';
import type { TallyRow } from '@/core/securement/verdict';
import type { UnitChoice } from '@/core/units';
import { wordFinding } from './findings';
import { capital } from './text';
import { mechanismClause, withSubject, wordMoving } from './mechanism';
import { DIRECTION_WORDS, OPINION_WORDS, ROW_WORDS } from './verdicts';
import { wordRow, wordValue } from './figures';

/** The verdict in one sentence: where and by how much; what to do stands in "what would help most". */
export function headline(a: Assessment, units: UnitChoice): string {
  const decisive = a.findings.find((f) => f.effect === a.verdict);
  if (a.verdict === 'barred' && decisive) return firstSentence(wordFinding(decisive, units));
  if (a.verdict === 'holds') return whenItHolds(a, units);
  if (a.verdict === 'short') {
    const [rule, statics] = [
      tightest(a.rows.filter((r) => r.verdict === 'short')),
      tightest(a.statics.filter((r) => r.verdict === 'short')),
    ];
    if (rule) return `${nameOf(rule)}: short by ${wordRow(rule, units).margin}.`;
    if (decisive) return firstSentence(wordFinding(decisive, units));
    if (statics) return denied(statics, a, units);
  }
  return whenNobodyCanSay(a, units);
}

const nameOf = (r: TallyRow): string =>
  withSubject(r.of ?? '', `${DIRECTION_WORDS[r.direction]} ${ROW_WORDS[r.code]}`.trim());

/** The figures of one comparison. */
function wordComparison(row: Comparison, units: UnitChoice): string {
  if ('provided' in row) {
    const { margin } = wordRow(row, units);
    return `${nameOf(row)}: ${row.verdict === 'short' ? `short by ${margin}` : `${margin} to spare`}.`;
  }
  const [held, required] = [
    wordValue(row.held.value, 'g', units, 'capacity'),
    wordValue(row.required.value, 'g', units, 'demand'),
  ];
  return withSubject(
    wordMoving(row),
    `${OPINION_WORDS[row.direction]}, by statics: ${held} of ${required}.`,
  );
}

/** What decides under one rule set, in a sentence, and its clause: of the same comparison that its margin is of. */
export function wordOpinion(
  { assessment, verdict, governing }: Pick<SetOpinion, 'assessment' | 'verdict' | 'governing'>,
  units: UnitChoice,
): { readonly words: string; readonly clause: string } {
  if (governing?.by === 'comparison' && verdict !== 'cannot-say' && governing.row.margin !== null)
    return { words: wordComparison(governing.row, units), clause: governing.row.clause };
  const clause = governing?.by === 'finding' ? governing.finding.clause : '';
  return { words: headline(assessment, units), clause };
}

/** What the rule lets pass and statics do not. */
function denied(row: StaticsRow, a: Assessment, units: UnitChoice): string {
  const met = a.rows.some((r) => r.direction !== 'all')
    ? 'The rule’s formula is met, but '
    : 'The rule is met, but ';
  const but = row.mechanism ? mechanismClause(row.mechanism) : 'it is not balanced';
  const figures =
    row.held.value === null
      ? ''
      : `: ${wordValue(row.held.value, 'g', units, 'capacity')} of ${wordValue(row.required.value, 'g', units, 'demand')}`;
  // Where the rule cannot say it is not met either.
  const isMet = a.rows.every((r) => r.verdict === 'holds') && !forbidden(a.findings);
  const moving = wordMoving(row);
  if (moving !== '') return `${isMet ? met : ''}${moving}: ${but}${figures}.`;
  return isMet ? `${met}${but}${figures}.` : `${capital(but)}${figures}.`;
}

/** What the rule alone carries is said first; else the least to spare of both opinions. */
function whenItHolds(a: Assessment, units: UnitChoice): string {
  const open = a.findings.find((f) => f.code === 'tension-enough' || f.code === 'tension-needed');
  if (open) return `The rule is met. ${firstSentence(wordFinding(open, units))}`;
  // A count met exactly has nothing to spare and is no news.
  const [rule, statics] = [
    tightest(a.rows.filter((r) => r.unit !== 'count')),
    tightest(a.statics.filter((r) => !r.ruleStands)),
  ];
  const spare = (r: TallyRow | StaticsRow | null): number => (r && partToSpare(r)) ?? Infinity;
  if (statics && spare(statics) < spare(rule))
    return `Least margin: ${withSubject(wordMoving(statics), OPINION_WORDS[statics.direction])} by statics, ${wordValue(statics.margin, 'g', units, 'capacity')} to spare.`;
  return rule
    ? `Least margin: ${nameOf(rule)}, ${wordRow(rule, units).margin} to spare.`
    : 'Enter what is not known: mass, friction, ratings.';
}

function whenNobodyCanSay(a: Assessment, units: UnitChoice): string {
  const decisive = a.findings.find((f) => f.effect === 'cannot-say');
  const unknown =
    decisive ??
    a.findings.find((f) => f.lineId !== undefined && f.elementId !== undefined) ??
    a.findings.find((f) => f.lineId !== undefined && f.code !== 'line-does-nothing');
  return unknown
    ? firstSentence(wordFinding(unknown, units))
    : 'Enter what is not known: mass, friction, ratings.';
}

/** What to do; the reason stands in the findings below. */
const firstSentence = (text: string): string => /^.*?\.(?= |$)/.exec(text)?.[0] ?? text;
