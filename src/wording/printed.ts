import { knot } from '@/core/knot/knots';
import { knotsIn } from '@/core/line/elements';
import { assess } from '@/core/securement/assess';
import type { GearFacts } from '@/core/securement/locker-word';
import { standsOnWords, unitName } from '@/core/securement/load/describe';
import type { Plan } from '@/core/securement/plan';
import type { LineFacts } from '@/core/securement/rule-input';
import { type PrintedDeck, printedDeck } from '@/core/securement/stage/printed';
import { sceneOf } from '@/core/securement/stage/scene';
import { RULE_SET_TITLES } from '@/core/securement/rule-set-ids';
import type { TallyRow, Verdict } from '@/core/securement/verdict';
import { formatQuantity, formatTogether, type UnitChoice } from '@/core/units';
import { wordRow, wordRun, wordValue } from './figures';
import { wordFinding } from './findings';
import { headline } from './headline';
import { OPINION_WORDS, ROW_WORDS } from './verdicts';
import { grouped } from './grouped';
import { type OpinionRow, opinions, rowInWords } from './opinions';

/** A row of the table of lines, in words. */
export interface PrintedLine {
  readonly id: string;
  readonly name: string;
  readonly run: string;
  readonly places: string;
  /** Its knots, by name. */
  readonly knots: string;
  readonly wll: string;
  readonly weakest: string;
  readonly tension: string;
  readonly counts: string;
}

/** A row of what is held against what is needed, in words. */
export interface PrintedRow {
  readonly key: string;
  readonly what: string;
  readonly rule: string;
  readonly statics: string;
  readonly gives: string;
  readonly clause: string;
  readonly verdict: Verdict;
}

/** A plan as its print sheet says it: words alone, so that the page brings nothing that computes. */
export interface Printed {
  readonly title: string;
  readonly notes: string;
  readonly verdict: Verdict;
  readonly headline: string;
  readonly edition: string;
  readonly scope: string;
  readonly deckName: string;
  /** The deck as it is drawn. */
  readonly deck: PrintedDeck;
  readonly units: readonly { readonly id: string; readonly words: string }[];
  readonly lines: readonly PrintedLine[];
  readonly rows: readonly PrintedRow[];
  readonly findings: readonly { readonly words: string; readonly clause: string }[];
}

function lineOf({ line, capacity, tension }: LineFacts, units: UnitChoice): PrintedLine {
  const force = (v: number | null): string =>
    v === null ? 'not known' : formatQuantity(v, 'force', units, 'capacity');
  return {
    id: line.id,
    name: line.name,
    run: wordRun(line, units),
    places: capacity.places.map((p) => p.name).join(' – '),
    knots: line.elements.flatMap((e) => knotsIn(e).map((id) => knot(id).name)).join(', '),
    wll: force(capacity.wll.value),
    weakest:
      capacity.wll.value === null
        ? (capacity.places.find((p) => p.problem)?.name ?? '')
        : capacity.governing.map((i) => capacity.places[i]!.name).join(', '),
    tension: force(tension.hauled.value),
    counts: force(tension.pretension.value),
  };
}

const ruleWords = (row: TallyRow, units: UnitChoice): string => {
  const { provided, required } = wordRow(row, units);
  return `${provided} of ${required}`;
};

const wholeRow = (row: TallyRow, units: UnitChoice): PrintedRow => ({
  key: `all/${row.of ?? ''}/${row.code}`,
  what: `${row.of ?? 'All lines'}, ${ROW_WORDS[row.code]}`,
  rule: ruleWords(row, units),
  statics: '',
  gives: '',
  clause: row.clause,
  verdict: row.verdict,
});

function directionRow(row: OpinionRow, units: UnitChoice): PrintedRow {
  const { key, direction, rule, statics, verdict } = row;
  const held = statics?.held.value ?? null;
  return {
    key,
    what: `${OPINION_WORDS[direction]}${rule ? `, ${ROW_WORDS[rule.code]}` : ''}`,
    rule: rule ? ruleWords(rule, units) : 'by count and sum',
    statics: statics
      ? `${held === null ? 'none' : wordValue(held, 'g', units, 'capacity')} of ${wordValue(statics.required.value, 'g', units, 'demand')}`
      : 'not asked',
    gives: rowInWords(row),
    clause: rule?.clause ?? statics?.clause ?? '',
    verdict,
  };
}

/** Room for the deck on a sheet, in points. */
const PICTURE = { width: 250, height: 330 } as const;

/** The print sheet of a plan in a member's units, with what the locker says of its gear today. Never throws. */
export function printedOf(plan: Plan, facts: GearFacts, units: UnitChoice): Printed {
  const a = assess(plan, facts);
  const { whole, directions } = opinions(a);
  const { edition, scope } = RULE_SET_TITLES[plan.ruleSet];
  return {
    title: plan.title,
    notes: plan.notes,
    verdict: a.verdict,
    headline: headline(a, units),
    edition,
    scope,
    deckName: plan.deck.name,
    deck: printedDeck(sceneOf(plan, a), units, PICTURE),
    units: plan.units.map((u) => ({
      id: u.id,
      words: `${unitName(u)}: ${
        u.massKg === null ? 'mass not known' : formatQuantity(u.massKg, 'mass', units, 'demand')
      }, ${formatTogether([u.lengthM, u.widthM, u.heightM], 'length', units)}, on ${standsOnWords(u, plan)}.`,
    })),
    lines: a.lines.map((facts) => lineOf(facts, units)),
    rows: [
      ...whole.map((row) => wholeRow(row, units)),
      ...directions.map((row) => directionRow(row, units)),
    ],
    findings: grouped(a.findings).map((f) => ({ words: wordFinding(f, units), clause: f.clause })),
  };
}
