import type { Due } from '@/core/today/due';

/** What kind of thing is due, on its tag. */
export const DUE_KINDS: Record<Due['kind'], string> = {
  check: 'Check on the road',
  'going-out': 'Goes out',
  inspection: 'Inspect',
  lapse: 'Sign-off lapses',
  drills: 'Drills',
};

/** Tags named on one tag. */
const MOST_CODES = 3;

const some = (n: number, one: string, more: string): string => `${n} ${n === 1 ? one : more}`;

/** What it is of. */
export function dueTitle(due: Due): string {
  switch (due.kind) {
    case 'check':
    case 'going-out':
      return due.title;
    case 'inspection': {
      const more = due.codes.length - MOST_CODES;
      const named = due.codes.slice(0, MOST_CODES).join(', ');
      return more > 0 ? `${named} and ${more} more` : named;
    }
    case 'lapse':
      return `${due.person}: ${due.title}`;
    case 'drills':
      return [
        ...(due.due > 0 ? [some(due.due, 'question asked again', 'questions asked again')] : []),
        ...(due.fresh > 0 ? [`${due.fresh} new`] : []),
      ].join(', ');
  }
}

/** Where it is done. */
export function dueHref(due: Due): string {
  switch (due.kind) {
    case 'check':
      return `/loads/${due.planId}/check`;
    case 'going-out':
      return `/loads/${due.planId}`;
    case 'inspection':
      return '/locker';
    case 'lapse':
      return '/drills/standing';
    case 'drills':
      return '/drills/today';
  }
}

const CLOCK = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
const DAY = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const WHOLE_DAY = new Intl.DateTimeFormat('en-GB', {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
});

const YEAR = new Intl.DateTimeFormat('en-GB', { year: 'numeric', timeZone: 'UTC' });

/** When it is due by the clock of who looks: an hour, with its day where it is not this one; a day where it is of no hour. */
export function dueWhen({ at }: Due, now: Date): string {
  if (at === null) return 'any time';
  if (!at.includes('T')) {
    const day = new Date(`${at}T00:00:00Z`);
    const year = YEAR.format(day);
    return `${WHOLE_DAY.format(day)}${year === YEAR.format(now) ? '' : ` ${year}`}`;
  }
  const time = new Date(at);
  const clock = CLOCK.format(time);
  return DAY.format(time) === DAY.format(now) ? clock : `${DAY.format(time)}, ${clock}`;
}

/** The time now, by the clock of who looks. */
export const nowWords = (now: Date): string => `${DAY.format(now)}, ${CLOCK.format(now)}`;
