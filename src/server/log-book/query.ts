import { validate as isUuid } from 'uuid';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { LOG_KINDS } from '@/core/log/vocabulary';
import { nameKey } from '@/db/queries/crews';
import type { LinkKind, LogQuery } from '@/db/queries/log-entries';
import { daysLater } from '@/core/gear/due';
import { oneOf } from '../asked';
import { dayOf } from '../days';
import { isDay, readMarker, searchText } from '../documents';
import { refuse } from '../problem';

/** A day of an address; null where none is asked for. @throws Refusal 422 */
function dayAsked(search: URLSearchParams, name: 'from' | 'to'): string | null {
  const asked = search.get(name);
  if (asked === null || asked === '') return null;
  // The calendar of the database begins later than that of texts.
  if (!isDay(asked) || asked < '0001') throw refuse(422, 'invalid-format', {}, [name]);
  return asked;
}

function idAsked(search: URLSearchParams, name: string): string | null {
  const asked = search.get(name);
  if (asked === null || asked === '') return null;
  if (!isUuid(asked)) throw refuse(422, 'invalid-format', {}, [name]);
  return asked;
}

/** The one view that is asked for. @throws Refusal 422 for several */
function linkAsked(search: URLSearchParams): LogQuery['link'] {
  const deck = nameKey((search.get('deck') ?? '').replaceAll('\0', '').slice(0, 80));
  const views: readonly [LinkKind, string | null][] = [
    ['gear', idAsked(search, 'gear')],
    ['person', idAsked(search, 'person')],
    ['deck', deck || null],
    ['knot', oneOf(search, 'knot', ENTRY_IDS)],
  ];
  const asked = views.flatMap(([what, ref]) => (ref === null ? [] : [{ what, ref }]));
  if (asked.length > 1) throw refuse(422, 'one-view', {}, [asked[1]!.what]);
  return asked[0] ?? null;
}

/** What of the log is asked for, out of an address. @throws Refusal 422 with the place */
export const logQuery = (search: URLSearchParams): LogQuery => ({
  kind: oneOf(search, 'kind', LOG_KINDS),
  planId: idAsked(search, 'plan'),
  link: linkAsked(search),
  from: dayAsked(search, 'from'),
  to: dayAsked(search, 'to'),
  search: searchText(search),
  after: readMarker(search, true),
});

/** A season is what is counted where nobody says otherwise; two years at most. */
const SEASON_DAYS = 365;
const MOST_DAYS = 731;

/** From when until when is counted, both days included. @throws Refusal 422 */
export function countedDays(
  search: URLSearchParams,
  now: Date,
): { readonly from: string; readonly to: string } {
  const to = dayAsked(search, 'to') ?? dayOf(now);
  const from = dayAsked(search, 'from') ?? daysLater(to, -SEASON_DAYS);
  const days = (Date.parse(to) - Date.parse(from)) / 86_400_000;
  if (days < 0 || days > MOST_DAYS)
    throw refuse(422, 'out-of-range', { least: 0, most: MOST_DAYS, unit: 'days' }, ['from']);
  return { from, to };
}
