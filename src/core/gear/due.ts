import { addDays } from 'date-fns/addDays';
import { addMonths } from 'date-fns/addMonths';
import { lightFormat } from 'date-fns/lightFormat';
import { parseISO } from 'date-fns/parseISO';
import type { Gear } from './schema';
import type { GearState } from './history';
import type { InspectionIntervals } from './intervals';

/** When the next recorded inspection is due, and from what that follows. */
export interface InspectionDue {
  /** ISO day; null: retired, never due again. */
  readonly on: string | null;
  readonly because: 'interval' | 'never-inspected' | 'incident' | 'retired';
  readonly months: number;
  /** The day it is counted from; null when it was never inspected. */
  readonly from: string | null;
}

/** The calendar day of a date that was read from one: both by the clock of this place, so that the place says nothing. */
const dayOf = (date: Date): string => lightFormat(date, 'yyyy-MM-dd');

/** The same day `months` later; the last of the month when there is no such day (31 Jan + 1 month is the end of February). */
export const monthsLater = (day: string, months: number): string =>
  dayOf(addMonths(parseISO(day), months));

/**
 * When a thing must be inspected next. Never inspected, or something happened to it: now, which is `enteredOn` or the
 * day of the incident as far as the record knows; otherwise its last inspection and the interval of its use.
 */
export function inspectionDue(
  gear: Pick<Gear, 'use' | 'item'>,
  state: Pick<GearState, 'state' | 'suspect' | 'inspectedOn'>,
  intervals: InspectionIntervals,
  enteredOn: string,
): InspectionDue {
  const months = gear.use === 'daily' ? intervals.dailyMonths : intervals.normalMonths;
  const common = { months, from: state.inspectedOn };
  if (state.state === 'retired') return { ...common, on: null, because: 'retired' };
  if (state.suspect) return { ...common, on: state.inspectedOn ?? enteredOn, because: 'incident' };
  if (state.inspectedOn === null) return { ...common, on: enteredOn, because: 'never-inspected' };
  return { ...common, on: monthsLater(state.inspectedOn, months), because: 'interval' };
}

export const DUE_STATES = ['overdue', 'soon', 'later', 'never'] as const;
export type DueState = (typeof DUE_STATES)[number];
/** Days ahead in which a due inspection is called soon. */
export const SOON_DAYS = 30;

/** `days` after a day. */
export const daysLater = (day: string, days: number): string => dayOf(addDays(parseISO(day), days));

/** How near a due day is, seen from `today`. */
export function dueState(on: string | null, today: string): DueState {
  if (on === null) return 'never';
  if (on <= today) return 'overdue';
  return on <= daysLater(today, SOON_DAYS) ? 'soon' : 'later';
}
