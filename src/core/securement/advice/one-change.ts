import type { Plan } from '../plan';
import type { LockerWord } from '../locker-word';
import { type Assessment, assess } from '../assess';
import { partToSpare } from '../tightest';
import type { Verdict } from '../verdict';
import { type Candidate, candidatesFor, plateCandidates } from './candidates';
import { type Cost, costOf } from './costs';
import { ANY_KNOT, type MayTie } from './may-tie';

/** One change to a plan, what it is called, what the plan would surely be afterwards, and what it costs. */
export interface Change extends Candidate {
  readonly verdict: Verdict;
  /** Smallest margin over all rows, as a part of what is required; null when something is unknown. */
  readonly margin: number | null;
  readonly cost: Cost;
}

const RANK: Record<Verdict, number> = { barred: 0, short: 1, 'cannot-say': 2, holds: 3 };

/** Smallest margin as a part of what is required, by rule and by statics: advice must move whichever is worse. */
function smallestMargin(a: Assessment): number | null {
  const compared = [...a.rows, ...a.statics.filter((r) => !r.ruleStands)];
  const parts = compared.map(partToSpare);
  return parts.every((p) => p !== null) && parts.length > 0
    ? Math.min(...(parts as number[]))
    : null;
}

function better(a: Change, b: Change): number {
  return RANK[b.verdict] - RANK[a.verdict] || (b.margin ?? -Infinity) - (a.margin ?? -Infinity);
}

/** Whether a line that was not there before adds nothing by statics: such a line is no advice. */
function idleNewcomer(before: Plan, after: Assessment): boolean {
  const had = new Set(before.lines.map((l) => l.id));
  return after.findings.some(
    (f) => f.code === 'line-does-nothing' && f.lineId !== undefined && !had.has(f.lineId),
  );
}

/** Of several strengths of the same remedy the gentlest that holds, else the strongest. */
function pick(changes: readonly Change[]): Change[] {
  const kinds = new Map<string, Change[]>();
  for (const c of changes) {
    const key = [c.code, c.values['line'], c.values['anchor']].join('/');
    kinds.set(key, [...(kinds.get(key) ?? []), c]);
  }
  return [...kinds.values()].map(
    (list) =>
      list.find((c) => c.verdict === 'holds') ?? list.reduce((x, y) => (better(y, x) < 0 ? y : x)),
  );
}

/**
 * Plates that should be read: from which rating on the plan would hold. Until somebody has read them nothing is sure, so
 * that it stays CANNOT SAY and the plan stays as it is. Nothing where no rating that is tried would be enough.
 */
function platesToRead(plan: Plan, gear: LockerWord, now: Assessment): Change[] {
  if (now.verdict !== 'cannot-say') return [];
  for (const { plan: tried, ...c } of plateCandidates(plan)) {
    const after = assess(tried, gear);
    if (after.verdict === 'holds')
      return [
        { ...c, plan, verdict: 'cannot-say', margin: null, cost: costOf(c.code, now, after) },
      ];
  }
  return [];
}

/**
 * Single changes that would help, the most helpful first: each is judged by assessing the changed plan.
 * Changes that help nothing are left out. Nothing is said about a plan that HOLDS. `gear`: what the locker says today;
 * `mayTie`: knots that somebody of the crew is signed off in: no other is asked for.
 */
export function helpfulChanges(
  plan: Plan,
  gear: LockerWord,
  now: Assessment = assess(plan, gear),
  mayTie: MayTie = ANY_KNOT,
): Change[] {
  if (now.verdict === 'holds') return [];
  const before = { verdict: now.verdict, margin: smallestMargin(now) };
  const changes = candidatesFor(plan, now, mayTie).map((c): Change & { readonly idle: boolean } => {
    const after = assess(c.plan, gear);
    return {
      ...c,
      verdict: after.verdict,
      margin: smallestMargin(after),
      cost: costOf(c.code, now, after),
      idle: idleNewcomer(plan, after),
    };
  });
  // While something is forbidden, more strength is no help.
  const helps = (c: Change & { readonly idle: boolean }): boolean =>
    !c.idle &&
    (RANK[c.verdict] > RANK[before.verdict] ||
      (before.verdict !== 'barred' &&
        c.verdict === before.verdict &&
        c.margin !== null &&
        before.margin !== null &&
        c.margin > before.margin + 1e-6));
  const sure = pick(changes.filter(helps).map(({ idle: _, ...c }) => c)).sort(better);
  const plates = platesToRead(plan, gear, now);
  // A plate is read in a minute: it comes before whatever leaves the plan as unsure as it is.
  return [
    ...sure.filter((c) => c.verdict === 'holds'),
    ...plates,
    ...sure.filter((c) => c.verdict !== 'holds'),
  ];
}
