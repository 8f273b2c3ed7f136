import { wordDue } from './due';
import type { RoadClock } from '@/core/securement/road/clock';
import { type FoundOnLine, OFTEN_SLACK } from '@/core/securement/road/found';
import { checkInterval } from '@/core/securement/road/intervals';
import type { RuleSetId } from '@/core/securement/rule-set-ids';
import type { CheckOccasion, LineState } from '@/core/securement/road/vocabulary';

export const OCCASION_WORDS: Record<CheckOccasion, string> = {
  'before-driving': 'before driving',
  'on-the-road': 'on the road',
  'change-of-duty': 'at a change of duty',
  arrived: 'on arriving',
};

export const STATE_WORDS: Record<LineState, string> = {
  tight: 'tight',
  're-hauled': 're-hauled',
  slack: 'slack found',
  damaged: 'damaged',
};

const METRES = { mile: 1609.344, km: 1000 } as const;

/** A distance on the road, as people drive it. */
export const wordRoad = (metres: number, system: 'metric' | 'us'): string =>
  system === 'us'
    ? `${Math.floor(metres / METRES.mile + 1e-9)} miles`
    : `${Math.floor(metres / METRES.km + 1e-9)} km`;

/** How a load stands with its checks. */
export function wordClock(clock: RoadClock, now: Date, system: 'metric' | 'us'): string {
  switch (clock.state) {
    case 'not-driven':
      return 'For what stands still: nothing is checked on the road.';
    case 'before-driving':
      return 'Check every line before driving.';
    case 'arrived':
      return 'Arrived. Check every line before driving on.';
    case 'on-the-road': {
      const { dueAt, dueAtM, interval } = clock;
      const due = wordDue(dueAt, now);
      const also = [
        ...(dueAtM === null ? [] : [`at ${wordRoad(dueAtM, system)} driven`]),
        ...(interval.atChangeOfDuty ? ['at a change of duty'] : []),
      ];
      const sooner = also.length > 0 ? `, or ${also.join(', or ')}, whichever is first` : '';
      return `${due[0]!.toUpperCase()}${due.slice(1)}${sooner} (${interval.source}).`;
    }
  }
}

/** What checks found on a line: what to do first, then why. */
export function wordFound({ name, slackTimes, damaged }: FoundOnLine): string {
  if (damaged)
    return `${name}: do not drive on with it. The last check found it damaged; the verdict is of the plan, not of this line.`;
  return slackTimes >= OFTEN_SLACK
    ? `${name}: count on less of it, or lock it in another way. It was found slack ${slackTimes} times of late.`
    : `${name}: look at it first. It was found slack once.`;
}

/** How often lines are looked at, for a card that goes along: each is a line with room for initials. */
export function wordChecksToCome(
  ruleSet: RuleSetId,
  clock: RoadClock,
  system: 'metric' | 'us',
): readonly string[] {
  if (clock.state === 'not-driven') return [];
  const { firstM = null, thenM = null } = checkInterval(ruleSet, 0) ?? {};
  const next =
    clock.state === 'on-the-road'
      ? [`Next: by ${clock.dueAt.slice(11, 16)} UTC`]
      : ['Before driving'];
  return firstM === null || thenM === null
    ? [
        ...next,
        'After the first hour at the latest',
        'Then at your crew’s interval',
        'When weather changes',
      ]
    : [
        ...next,
        `Within the first ${wordRoad(firstM, system)}`,
        `Then every ${wordRoad(thenM, system)} or 3 h`,
        'At a change of duty',
      ];
}
