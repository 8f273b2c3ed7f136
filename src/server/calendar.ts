import { createHash, randomBytes } from 'node:crypto';
import ical, { ICalCalendarMethod } from 'ical-generator';
import { daysLater } from '@/core/gear/due';
import { pool } from '@/db/pool';
import { crewOfCalendar, setCalendarFeed } from '@/db/queries/calendar';
import type { Member } from '@/db/queries/members';
import { dueByDay } from '@/db/queries/gear-list';
import { dayOf } from './days';
import { lapsesUntil } from './training';
import { refuse } from './problem';

/** How far ahead the feed reaches. */
const AHEAD_DAYS = 400;
/** Tags named in the title of a day; the rest stand in its text. */
const TITLE_TAGS = 3;
const TEXT_TAGS = 200;

const tokenHash = (token: string): Buffer => createHash('sha256').update(token).digest();

/** Makes a member's calendar address, ending any before. @returns the path; it is shown once, only its hash is kept. */
export async function makeCalendar(member: Member, now: Date): Promise<string> {
  const token = randomBytes(24).toString('base64url');
  await setCalendarFeed(pool(), member.crewId, member.id, tokenHash(token), now);
  return `/api/v1/calendar/${token}`;
}

function textOf(codes: readonly string[]): string {
  const more = codes.length - TEXT_TAGS;
  return `${codes.slice(0, TEXT_TAGS).join('\n')}${more > 0 ? `\nand ${more} more` : ''}`;
}

function titleOf(codes: readonly string[], overdue: boolean): string {
  const rest = codes.length - TITLE_TAGS;
  return `${overdue ? 'Overdue: inspect' : 'Inspect'} ${codes.slice(0, TITLE_TAGS).join(', ')}${rest > 0 ? ` and ${rest} more` : ''}`;
}

/**
 * Inspections due and sign-offs that lapse as an iCalendar file: of inspections one whole-day entry a day, so that a yard of gear does
 * not flood a calendar. @throws Refusal 404
 */
export async function calendarOf(token: string, now: Date): Promise<string> {
  const feed = await crewOfCalendar(pool(), tokenHash(token));
  if (!feed) throw refuse(404, 'calendar-unknown', {}, ['token']);
  const today = dayOf(now);
  const calendar = ical({
    name: `Inspections and sign-offs, ${feed.crewName}`,
    prodId: { company: 'Vast Cleat', product: 'Rope locker', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: 3600,
  });
  for (const { day, codes } of await dueByDay(pool(), feed.crewId, daysLater(today, AHEAD_DAYS))) {
    calendar.createEvent({
      id: `inspection-${feed.crewId}-${day}@vast-cleat`,
      stamp: now,
      start: new Date(`${day}T00:00:00Z`),
      end: new Date(`${daysLater(day, 1)}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      summary: titleOf(codes, day <= today),
      description: textOf(codes),
    });
  }
  for (const { id, day, person, title } of await lapsesUntil(
    pool(),
    feed.crewId,
    daysLater(today, AHEAD_DAYS),
    now,
  ))
    calendar.createEvent({
      id: `sign-off-${id}@vast-cleat`,
      stamp: now,
      start: new Date(`${day}T00:00:00Z`),
      end: new Date(`${daysLater(day, 1)}T00:00:00Z`),
      allDay: true,
      timezone: 'UTC',
      summary: `${day <= today ? 'Lapsed' : 'Lapses'}: ${title}, ${person}`,
      description: 'To be seen done and signed again.',
    });
  return calendar.toString();
}
