import type { Assessment } from '@/core/securement/assess';
import type { StaticsRow } from '@/core/securement/hold/opinion';
import type { Direction } from '@/core/securement/vocabulary';
import { forbidden, tightest } from '@/core/securement/tightest';
import type { TallyRow } from '@/core/securement/verdict';
import { mechanismClause, withSubject, wordMoving } from './mechanism';
import { ROW_WORDS } from './verdicts';

/** One direction with both opinions: the tightest the rule compares there, and the tightest statics find. */
export interface OpinionRow {
  readonly key: string;
  readonly direction: Direction | 'sideways' | 'down';
  readonly rule: TallyRow | null;
  readonly statics: StaticsRow | null;
  /** The worse of the two; where the rule's word stands, the rule's. */
  readonly verdict: TallyRow['verdict'];
  /** Whether nothing the rule itself says stands against the plan here. */
  readonly ruleMet: boolean;
}

const RANK = { short: 0, 'cannot-say': 1, holds: 2 } as const;
const worse = (a: TallyRow['verdict'], b: TallyRow['verdict']): TallyRow['verdict'] =>
  RANK[a] <= RANK[b] ? a : b;

/** What the rule says of the whole: its count and sum, and whether anything it forbids stands against the plan. */
interface OfWhole {
  readonly verdict: TallyRow['verdict'];
  readonly denied: boolean;
}

function opinion(
  direction: OpinionRow['direction'],
  rule: TallyRow | null,
  statics: StaticsRow | null,
  whole: OfWhole,
): OpinionRow {
  const byRule = rule?.verdict ?? whole.verdict;
  return {
    key: direction,
    direction,
    rule,
    statics,
    ruleMet: byRule === 'holds' && !whole.denied,
    verdict: statics === null || statics.ruleStands ? byRule : worse(byRule, statics.verdict),
  };
}

/** What gives way there, and where the two opinions differ, which of them decides. */
export function rowInWords(row: OpinionRow): string {
  const { rule, statics, verdict } = row;
  const byRule = statics === null || (verdict === 'short' && statics.verdict !== 'short');
  const subject = byRule ? (rule?.of ?? '') : wordMoving(statics);
  return withSubject(subject, whatGives(row));
}

function whatGives({ rule, statics, verdict, ruleMet }: OpinionRow): string {
  if (statics === null) return rule ? ROW_WORDS[rule.code] : '';
  const clause = statics.mechanism ? mechanismClause(statics.mechanism) : 'enter what it weighs';
  const itsWord = rule === null ? 'the rule' : 'the formula';
  if (statics.ruleStands) {
    const open =
      statics.strength === 'breaking'
        ? 'whether its lines stand that is not known'
        : 'whether tension holds it is not known';
    return ruleMet ? `the rule is met; ${open}` : open;
  }
  if (statics.verdict === 'short') return ruleMet ? `${itsWord} is met, but ${clause}` : clause;
  if (verdict === 'short')
    return `${itsWord} falls short; ${statics.verdict === 'holds' ? 'statics hold it' : `with what is known ${clause}`}`;
  if (!clause.startsWith('it ')) return clause;
  return `${statics.verdict === 'holds' ? 'beyond that' : 'with what is known'} ${clause}`;
}

/** Two sides that say the same, shown once. */
const alike = (a: OpinionRow, b: OpinionRow): boolean =>
  a.verdict === b.verdict &&
  a.statics?.mechanism?.kind === b.statics?.mechanism?.kind &&
  a.statics?.moving.join() === b.statics?.moving.join() &&
  Math.abs((a.statics?.held.value ?? 0) - (b.statics?.held.value ?? 0)) < 1e-6 &&
  a.statics?.ruleStands === b.statics?.ruleStands;

/** Comparisons that are of no direction (count, sum; of several articles the tightest), and a row for each direction with what rule and statics say of it. */
export function opinions({
  rows,
  statics,
  findings,
}: Pick<Assessment, 'rows' | 'statics' | 'findings'>): {
  readonly whole: readonly TallyRow[];
  readonly directions: readonly OpinionRow[];
} {
  const whole = rows.filter((r) => r.direction === 'all');
  // Where the rule compares nothing by direction, its word for each is its word for the whole. What it forbids has a clause.
  const ofWhole: OfWhole = {
    verdict: whole.reduce<TallyRow['verdict']>((v, r) => worse(v, r.verdict), 'holds'),
    denied: forbidden(findings),
  };
  const of = (direction: Direction | 'down'): OpinionRow => {
    const named = direction === 'left' || direction === 'right' ? 'sideways' : direction;
    return opinion(
      direction,
      tightest(rows.filter((r) => r.direction === named)),
      tightest(statics.filter((r) => r.direction === direction)),
      ofWhole,
    );
  };
  const [left, right] = [of('left'), of('right')];
  const sides: OpinionRow[] = alike(left, right)
    ? [{ ...left, key: 'sideways', direction: 'sideways' }]
    : [left, right];
  const down = of('down');
  return {
    whole: [...new Set(whole.map((r) => r.code))].map((code) =>
      tightest(whole.filter((r) => r.code === code))!,
    ),
    directions: [
      of('forward'),
      of('rearward'),
      ...sides,
      ...(down.rule || down.statics ? [down] : []),
    ],
  };
}
