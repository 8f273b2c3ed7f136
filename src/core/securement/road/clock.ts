import type { RuleSetId } from '../rule-set-ids';
import { type CheckInterval, checkInterval } from './intervals';
import type { KeptCheck } from './schema';

/** How a load stands with its checks. */
export type RoadClock =
  /** Nothing is driven under this rule set. */
  | { readonly state: 'not-driven' }
  /** Check before driving. */
  | { readonly state: 'before-driving' }
  | {
      readonly state: 'on-the-road';
      readonly dueAt: string;
      /** Metres driven since driving off at which it is due if that comes first; null: only time counts. */
      readonly dueAtM: number | null;
      /** It is the first after driving off. */
      readonly first: boolean;
      readonly interval: CheckInterval;
    }
  | { readonly state: 'arrived'; readonly at: string };

type Made = Pick<KeptCheck, 'occasion' | 'at' | 'drivenM'>;

/** Checks since the last time somebody drove off, in the order they were made; none where nobody has. */
function sinceDrivingOff(checks: readonly Made[]): readonly Made[] {
  const inOrder = checks.toSorted((a, b) => Date.parse(a.at) - Date.parse(b.at));
  const off = inOrder.findLastIndex((c) => c.occasion === 'before-driving');
  return off < 0 ? [] : inOrder.slice(off);
}

/**
 * When the next check is due, by the rule set and what was checked so far.
 * @param checks in any order
 * @param crewMinutes the crew's own interval, for rule sets that name none
 */
export function roadClock(
  ruleSet: RuleSetId,
  checks: readonly Made[],
  crewMinutes: number,
): RoadClock {
  const interval = checkInterval(ruleSet, crewMinutes);
  if (interval === null) return { state: 'not-driven' };
  const trip = sinceDrivingOff(checks);
  const last = trip.at(-1);
  if (!last) return { state: 'before-driving' };
  if (last.occasion === 'arrived') return { state: 'arrived', at: last.at };
  const first = trip.length === 1;
  const [afterM, afterS] = first
    ? [interval.firstM, interval.firstS]
    : [interval.thenM, interval.thenS];
  const drivenM = first ? 0 : last.drivenM;
  return {
    state: 'on-the-road',
    dueAt: new Date(Date.parse(last.at) + afterS * 1000).toISOString(),
    dueAtM: afterM === null || drivenM === null ? null : drivenM + afterM,
    first,
    interval,
  };
}
