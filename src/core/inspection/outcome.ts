import type { GearKind } from '../gear/schema';
import { type Condition, CONDITION_FACTORS } from '../rope/condition';
import { checkOf, type Consequence, INSPECTION_CHECKS } from './checks';

/** What an inspector met: which check, how bad, and where along the length if it has a place. */
export interface DamageFound {
  readonly check: string;
  readonly extent: string;
  /** From the tagged end, m; null: the whole length, or no length. */
  readonly atM: number | null;
}

export const OUTCOMES = ['pass', 'downgrade', 'isolate', 'retire'] as const;
export type Outcome = (typeof OUTCOMES)[number];

/** A reason for an outcome: the damage and what it leads to. */
export interface OutcomeReason {
  readonly found: DamageFound;
  readonly name: string;
  readonly extent: string;
  readonly then: Consequence;
}

/** What follows from an inspection, and why. */
export interface InspectionOutcome {
  readonly outcome: Outcome;
  readonly condition: Condition;
  /** Worst first. */
  readonly reasons: readonly OutcomeReason[];
  /** Lengths that stay sound when the isolated places are cut out, longest first, m. Empty when nothing is isolated. */
  readonly soundM: readonly number[];
  /** What there was to find and was not looked at. */
  readonly unchecked: number;
}

const RANK: Record<Consequence['does'], number> = { retire: 3, isolate: 2, downgrade: 1, note: 0 };

/** Rope that goes with a damaged place when it is cut out, to each side. Practice: a hand's width. */
const CUT_CLEAR_M = 0.1;

/** The worse of two conditions. */
export const worseCondition = (a: Condition, b: Condition): Condition =>
  CONDITION_FACTORS[a] <= CONDITION_FACTORS[b] ? a : b;

/** Lengths between damaged places when each is cut out with `CUT_CLEAR_M` to both sides, longest first. */
export function soundLengths(lengthM: number, placesM: readonly number[]): number[] {
  const at = placesM.toSorted((a, b) => a - b);
  const edges = [0, ...at.flatMap((p) => [p - CUT_CLEAR_M, p + CUT_CLEAR_M]), lengthM];
  const lengths: number[] = [];
  for (let i = 0; i < edges.length; i += 2) lengths.push(edges[i + 1]! - edges[i]!);
  return lengths.filter((l) => l > 0.5 * CUT_CLEAR_M).toSorted((a, b) => b - a);
}

function reasonsOf(kind: GearKind, found: readonly DamageFound[]): OutcomeReason[] {
  return found
    .flatMap((f) => {
      const check = checkOf(kind, f.check);
      const extent = check?.extents.find((e) => e.id === f.extent);
      return check && extent
        ? [{ found: f, name: check.name, extent: extent.name, then: extent.then }]
        : [];
    })
    .toSorted((a, b) => RANK[b.then.does] - RANK[a.then.does]);
}

/** What an inspection is judged by. `lengthM`: what is left of it; `answered`: ids of the checks that were looked at. */
export interface Inspected {
  readonly kind: GearKind;
  readonly before: Condition;
  readonly lengthM: number | null;
  readonly found: readonly DamageFound[];
  readonly answered: readonly string[];
}

/** What an inspection comes to: the worst damage decides, and it never comes out better than it was before. */
export function inspectionOutcome({
  kind,
  before,
  lengthM,
  found,
  answered,
}: Inspected): InspectionOutcome {
  const reasons = reasonsOf(kind, found);
  const places = reasons
    .filter((r) => r.then.does === 'isolate')
    .map((r) => r.found.atM)
    .filter((m) => m !== null);
  const condition = reasons.reduce<Condition>(
    (worst, { then }) => (then.does === 'downgrade' ? worseCondition(worst, then.to) : worst),
    before,
  );
  const common = {
    reasons,
    unchecked: INSPECTION_CHECKS[kind].filter((c) => !answered.includes(c.id)).length,
  };
  const worst = reasons[0]?.then.does ?? 'note';
  if (worst === 'retire') return { ...common, outcome: 'retire', condition: 'damaged', soundM: [] };
  if (worst === 'isolate')
    return {
      ...common,
      outcome: 'isolate',
      condition: 'damaged',
      soundM: lengthM === null ? [] : soundLengths(lengthM, places),
    };
  return { ...common, outcome: condition === before ? 'pass' : 'downgrade', condition, soundM: [] };
}
