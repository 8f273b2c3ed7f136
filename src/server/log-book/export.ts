import { guardCell } from '@/core/exchange/gear-csv/cells';
import type { LogEntry } from '@/core/log/kept';
import { UNIT_CHOICES } from '@/core/units';
import type { Database } from '@/db/pool';
import { allEntries, type LogQuery } from '@/db/queries/log-entries';
import type { Member } from '@/db/queries/members';
import { entryTitle, LOG_KIND_WORDS, wordEntry } from '@/wording/log';
import { wordUtc } from '@/wording/text';
import { csvText } from '../export-text';
import type { LogSheetText } from './sheet';

const COLUMNS = [
  'at',
  'recorded at',
  'by',
  'kind',
  'load',
  'plan version',
  'deck',
  'ropes',
  'people',
  'says',
  'corrected',
  'photos',
  'record',
];

const correctedWords = ({ correctedBy: c }: LogEntry): string =>
  c === null ? '' : `${c.withdrawn ? 'never happened' : 'was otherwise'}: ${c.reason} (${c.by})`;

const rowOf = (e: LogEntry): string[] =>
  [
    e.at,
    e.recordedAt,
    e.by.name,
    LOG_KIND_WORDS[e.kind],
    e.facts.plan?.title ?? '',
    String(e.facts.plan?.version ?? ''),
    e.facts.plan?.deck ?? '',
    e.facts.gear.map((g) => g.code).join('; '),
    e.facts.people.map((p) => p.name).join('; '),
    wordEntry(e, UNIT_CHOICES.metric),
    correctedWords(e),
    String(e.photos.length),
    e.id,
  ].map(guardCell);

/** The log as a table that spreadsheets read and no spreadsheet runs, some rows at a time. */
export async function* logCsv(
  db: Database,
  crewId: string,
  query: LogQuery,
): AsyncGenerator<string> {
  yield csvText([COLUMNS]);
  for await (const page of allEntries(db, crewId, query))
    if (page.length > 0) yield csvText(page.map(rowOf));
}

async function* flat<T>(pages: AsyncIterable<readonly T[]>): AsyncGenerator<T> {
  for await (const page of pages) yield* page;
}

/** Entries one by one. */
export const logItems = (db: Database, crewId: string, query: LogQuery): AsyncGenerator<LogEntry> =>
  flat(allEntries(db, crewId, query));

/** A printed log holds so many entries: more is no paper that somebody reads. */
const MOST_PRINTED = 1000;

/** What stands on the printed log. */
export async function logSheetText(
  db: Database,
  { crewId, crewName, units }: Member,
  query: LogQuery,
  now: Date,
): Promise<LogSheetText> {
  const entries: LogSheetText['entries'][number][] = [];
  let more = false;
  for await (const page of allEntries(db, crewId, query)) {
    more = entries.length + page.length > MOST_PRINTED;
    for (const e of page.slice(0, MOST_PRINTED - entries.length))
      entries.push({
        at: wordUtc(e.at),
        by: e.by.name,
        title: entryTitle(e),
        says: wordEntry(e, UNIT_CHOICES[units]),
        corrected: correctedWords(e),
      });
    if (more) break;
  }
  return { crew: crewName, madeAt: wordUtc(now.toISOString()), entries, more };
}
