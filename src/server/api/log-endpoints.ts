import { newEntrySchema } from '@/core/log/schema';
import { logAnswer, logCountsAnswer, logEntryAnswer } from './answers/log';
import { endpoint, type Endpoint } from './endpoint';

/** What narrows the log; a page and its exports take the same. */
export const LOG_FILTER = [
  'kind',
  'plan',
  'gear',
  'person',
  'deck',
  'knot',
  'from',
  'to',
  'search',
] as const;
const ASKED = `?kind=&plan=&from=&to=&search= and one of gear=|person=|deck=|knot=`;
/** An entry with four pictures. */
const ENTRY_BYTES = 18_000_000;

const exported = <const P extends string, const A extends string>(path: P, answer: A) =>
  endpoint({
    method: 'GET',
    path,
    query: LOG_FILTER,
    summary: `The log as ${answer}: ${ASKED}`,
    body: null,
    action: 'log.read',
    answers: null,
    answer,
  });

/** What was done and what happened, only ever added to. */
export const LOG_API = {
  listLog: endpoint({
    method: 'GET',
    path: '/log',
    query: [...LOG_FILTER, 'after'],
    summary: `A page of your crew’s log, newest first: ${ASKED}, &after=`,
    body: null,
    action: 'log.read',
    answers: logAnswer,
    answer: 'entries[], next',
  }),
  addLogEntry: endpoint({
    method: 'POST',
    path: '/log',
    summary:
      'Write into the log: a load that was secured, a line hauled again, an incident, a note, or a correction of an entry',
    body: newEntrySchema,
    mostBytes: ENTRY_BYTES,
    action: 'log.write',
    example: {
      entry: {
        kind: 'incident',
        grade: 'near-miss',
        cause: 'slip-loop-wrong-side',
        knot: 'slip-loop',
        what: 'The loop closed while hauling; nobody stood in line with it.',
      },
      madeAt: '2026-11-30T06:40:00Z',
    },
    answers: logEntryAnswer,
    answer: 'The entry',
  }),
  logEntry: endpoint({
    method: 'GET',
    path: '/log/{id}',
    summary: 'One entry of the log',
    body: null,
    action: 'log.read',
    answers: logEntryAnswer,
    answer: 'The entry',
  }),
  logPhoto: endpoint({
    method: 'GET',
    path: '/log/photos/{id}',
    summary: 'A picture of an entry',
    body: null,
    action: 'log.read',
    answers: null,
    answer: 'JPEG',
  }),
  logCounts: endpoint({
    method: 'GET',
    path: '/log/counts',
    query: ['from', 'to'],
    summary: 'What the log comes to between two days, at most two years: ?from=&to=',
    body: null,
    action: 'log.read',
    answers: logCountsAnswer,
    answer: 'found[], failed[], loosest[]',
  }),
  exportLogCsv: exported('/log/export.csv', 'CSV'),
  exportLogJson: exported('/log/export.json', 'JSON'),
  exportLogPdf: exported('/log/export.pdf', 'PDF'),
} as const satisfies Record<string, Endpoint>;
