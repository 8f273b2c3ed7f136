import type { Plan } from '../plan';
import type { KeptCheck } from './schema';

/** What checks have found on a line that still is on the plan. */
export interface FoundOnLine {
  readonly lineId: string;
  readonly name: string;
  /** How often it was found slack or had to be hauled again, of the last times it was looked at. */
  readonly slackTimes: number;
  /** The last check found it damaged. */
  readonly damaged: boolean;
}

/** A line that went slack so often does not hold what it promises. */
export const OFTEN_SLACK = 2;

/** So many of the last looks at a line say how it does. Common practice, no source. */
const LAST_LOOKS = 10;

/** What was found on each line of a plan, lines without anything left out. Checks in any order. */
export function foundOnLines(
  plan: { readonly lines: readonly Pick<Plan['lines'][number], 'id' | 'name'>[] },
  checks: readonly Pick<KeptCheck, 'at' | 'lines'>[],
): FoundOnLine[] {
  const inOrder = checks.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
  return plan.lines
    .map(({ id, name }): FoundOnLine => {
      const states = inOrder
        .flatMap((c) => c.lines.filter((l) => l.lineId === id).map((l) => l.state))
        .slice(-LAST_LOOKS);
      return {
        lineId: id,
        name,
        slackTimes: states.filter((s) => s === 'slack' || s === 're-hauled').length,
        damaged: states.at(-1) === 'damaged',
      };
    })
    .filter((f) => f.damaged || f.slackTimes > 0);
}

/** What a line that goes slack may be counted on for: so much more of its tension is taken to be lost. */
const MORE_LOST = 0.2;
const MOST_LOST = 0.9;

/** The plan counting on less of a line that went slack: more of what it is hauled to is lost as it settles. */
export const countedOnLess = (plan: Plan, lineId: string): Plan => ({
  ...plan,
  lines: plan.lines.map((l) =>
    l.id === lineId
      ? { ...l, settling: Math.round(Math.min(MOST_LOST, l.settling + MORE_LOST) * 100) / 100 }
      : l,
  ),
});
