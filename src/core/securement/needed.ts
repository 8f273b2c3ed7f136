import { withoutGear } from './gear-facts';
import { assess, type Assessment, lineFactsOf, ruleOpinion } from './assess';
import type { LockerWord } from './locker-word';
import type { Plan } from './plan';
import type { RuleSetId } from './rule-set-ids';
import { soundnessOf } from './soundness';
import type { Line } from './schema';

/** How much of what is there a rule set wants. */
export interface Needed {
  /** Over-lines like those of the plan, in all; null: as many as are tried are not enough. */
  readonly lines: number | null;
  /** Tension that every over-line must keep, as far as it may carry it, N; null: none is enough. */
  readonly keptN: number | null;
}

/** Lines are tried up to this many times as many as there are. */
const MOST_TIMES = 4;
/** The tension is found to this part of itself. */
const PRECISION = 0.01;

/**
 * What stands against a plan beside what is compared: pulled too far, pressed too hard. What is forbidden or unknown is no
 * question of how many.
 */
const TOO_MUCH = ['over-tension', 'load-crushed'];

const isMet = ({ rows, statics, findings }: Pick<Assessment, 'rows' | 'statics' | 'findings'>) =>
  rows.every((r) => r.verdict === 'holds') &&
  statics.every((r) => r.verdict === 'holds' || r.ruleStands) &&
  !findings.some((f) => TOO_MUCH.includes(f.code));

/** Statics are asked only where the rule's own comparisons hold: they take the most time. */
function met(plan: Plan, locker: LockerWord): boolean {
  const byRule = ruleOpinion(plan, locker);
  return isMet({ ...byRule, statics: [] }) && isMet(assess(plan, locker));
}

/** Over-lines that lie over something, in turn. */
const overLines = (plan: Plan): Line[] =>
  lineFactsOf(plan).flatMap((f) =>
    f.line.kind === 'over' && soundnessOf(f) === 'sound' ? [f.line] : [],
  );

/**
 * The plan with so many over-lines, each like one of those it has; where new ones lie is for the driver: on rings of their
 * own beside the old ones.
 */
function withLines(plan: Plan, overs: readonly Line[], count: number): Plan {
  const others = plan.lines.filter((l) => !overs.includes(l));
  const anchors = [...plan.deck.anchors];
  const lines = Array.from({ length: count }, (_, i): Line => {
    const like = overs[i % overs.length]!;
    if (i < overs.length) return like;
    const own = `#${i}`;
    const elements = withoutGear(like.elements).map((e) => {
      if (e.kind !== 'anchor' || e.at.on !== 'deck') return e;
      const { anchorId } = e.at;
      const ring = plan.deck.anchors.find((a) => a.id === anchorId);
      const id = `${anchorId}${own}`.slice(-40);
      if (ring && !anchors.some((a) => a.id === id)) anchors.push({ ...ring, id });
      return { ...e, at: { on: 'deck' as const, anchorId: id } };
    });
    return { ...like, id: `${like.id}${own}`.slice(-40), elements };
  });
  return { ...plan, deck: { ...plan.deck, anchors }, lines: [...others, ...lines] };
}

function linesNeeded(plan: Plan, overs: readonly Line[], locker: LockerWord): number | null {
  for (let count = 0; count <= MOST_TIMES * overs.length; count++)
    if (met(withLines(plan, overs, count), locker)) return count;
  return null;
}

/** What each over-line may keep at most, N, by id; those whose strength nobody knows stay as they are. */
function mostKept(plan: Plan, overs: readonly Line[]): ReadonlyMap<string, number> {
  return new Map(
    lineFactsOf(plan).flatMap((f) => {
      const wll = f.capacity.wll.value;
      return overs.includes(f.line) && wll !== null && wll > 0
        ? [[f.line.id, wll * (1 - f.line.settling)] as const]
        : [];
    }),
  );
}

/** The plan with every over-line kept at a tension, or at the most it may keep. */
const keptAt = (plan: Plan, most: ReadonlyMap<string, number>, keptN: number): Plan => ({
  ...plan,
  lines: plan.lines.map((l) => {
    const may = most.get(l.id);
    if (may === undefined) return l;
    return {
      ...l,
      reading: null,
      enteredPretensionN: Math.min(keptN, may) / (1 - l.settling),
    };
  }),
});

function keptNeeded(plan: Plan, overs: readonly Line[], locker: LockerWord): number | null {
  const may = mostKept(plan, overs);
  const holds = (keptN: number): boolean => met(keptAt(plan, may, keptN), locker);
  let most = Math.max(0, ...may.values());
  if (most <= 0) return null;
  if (holds(0)) return 0;
  // The most may drag or press too hard where less would hold.
  for (let i = 0; !holds(most); i++) {
    if (i > 6) return null;
    most /= 2;
  }
  let least = 0;
  while (most - least > PRECISION * most) {
    const middle = (least + most) / 2;
    if (holds(middle)) most = middle;
    else least = middle;
  }
  return most;
}

/**
 * How many over-lines like those of a plan a rule set asks for, and what tension they must keep, each found by judging the
 * changed plan. What the set forbids or nobody knows stays forbidden or unknown. Null where the plan has no over-line.
 */
export function neededUnder(plan: Plan, id: RuleSetId, locker: LockerWord): Needed | null {
  const under = { ...plan, ruleSet: id };
  const overs = overLines(under);
  if (overs.length === 0) return null;
  return {
    lines: linesNeeded(under, overs, locker),
    keptN: keptNeeded(under, overs, locker),
  };
}
