import { newGearSchema } from '@/core/exchange/locker';
import { recordSchema } from '@/core/gear/events';
import { GEAR } from '@/core/exchange/gear';
import { LOCKER } from '@/core/exchange/locker';
import { gearSchema } from '@/core/gear/schema';
import { endpoint, upgradeAt, upgradeOf } from './endpoint';
import {
  cutsBody,
  importBody,
  inspectionExample,
  newGearExample,
  strengthBody,
  strengthExample,
} from './gear-schemas';

/** A whole locker as a file. */
const IMPORT_BYTES = 8_000_000;

/** Endpoints of the rope locker. */
export const GEAR_API = {
  strength: endpoint({
    method: 'POST',
    path: '/strength',
    summary: 'What a rope may carry by every school, side by side',
    body: strengthBody,
    action: null,
    example: strengthExample,
    answer: 'schools[] with wllN, knottedN, doubledN and working',
  }),
  gearSchema: endpoint({
    method: 'GET',
    path: '/schemas/gear.json',
    summary: 'JSON Schema of the gear document',
    body: null,
    action: null,
    answer: 'JSON Schema 2020-12',
  }),
  listGear: endpoint({
    method: 'GET',
    path: '/gear',
    query: ['search', 'sort', 'after', 'type', 'kind', 'state', 'sizeM', 'leftM', 'due'],
    summary:
      'A page of your crew’s locker: ?search=&type=&kind=&state=in-service|set-aside|retired|all&sizeM=&leftM=&due=overdue|soon|later&sort=code|due&after=',
    body: null,
    action: 'gear.read',
    answer: 'gear[], next',
  }),
  createGear: endpoint({
    method: 'POST',
    path: '/gear',
    query: ['tagAgain'],
    summary:
      'Enter a thing in the locker; ?tagAgain=true where something that was removed wore its tag',
    body: newGearSchema,
    upgrade: upgradeAt('gear', GEAR),
    action: 'gear.write',
    example: newGearExample,
    answer: 'The thing; its version as ETag',
  }),
  fitGear: endpoint({
    method: 'GET',
    path: '/gear/fit',
    query: ['lengthM'],
    summary: 'Ropes for a length: ?lengthM=',
    body: null,
    action: 'gear.read',
    answer: 'ropes[]',
  }),
  gearStanding: endpoint({
    method: 'GET',
    path: '/gear/standing',
    query: ['ids'],
    summary: 'How things stand today: ?ids=, at most 200',
    body: null,
    action: 'gear.read',
    answer: 'gear[], removed things too, marked so; ids the locker never had are left out',
  }),
  importGear: endpoint({
    method: 'POST',
    path: '/gear/import',
    summary:
      'Look at or keep a table (CSV) or a locker (JSON); row by row, all or nothing or only the good rows',
    body: importBody,
    upgrade: upgradeAt('locker', LOCKER),
    action: 'gear.write',
    mostBytes: IMPORT_BYTES,
    example: {
      from: 'csv',
      keep: 'nothing',
      csv: 'Tag code,Material,Size (mm),Length (m)\nPE-12-9,polyester,12,30\n',
    },
    answer: 'columns[], rows, good, errors[], kept',
  }),
  exportGearCsv: endpoint({
    method: 'GET',
    path: '/gear/export.csv',
    summary: 'The locker as a table',
    body: null,
    action: 'gear.read',
    answer: 'CSV',
  }),
  exportGearJson: endpoint({
    method: 'GET',
    path: '/gear/export.json',
    summary: 'The locker with its history',
    body: null,
    action: 'gear.read',
    answer: 'A vast-cleat/locker document',
  }),
  tagSheet: endpoint({
    method: 'GET',
    path: '/gear/tags.pdf',
    query: ['ids', 'sheet', 'from'],
    summary: 'Tags to print: ?ids=&sheet=a4|letter&from=',
    body: null,
    action: 'gear.read',
    answer: 'PDF',
  }),
  recordCuts: endpoint({
    method: 'POST',
    path: '/gear/cuts',
    summary: 'Record a cutting plan on the ropes it cuts, all in one',
    body: cutsBody,
    action: 'gear.record',
    example: {
      cuts: [
        {
          gearId: '0190b5a0-0000-7000-8000-000000000000',
          pieces: [{ lengthM: '7 ft', what: 'utility cord' }],
        },
      ],
    },
    answer: 'gear[]',
  }),
  gearByCode: endpoint({
    method: 'GET',
    path: '/tags/{code}',
    summary: 'The thing that wears this tag',
    body: null,
    action: 'gear.read',
    answer: 'The thing; its version as ETag',
  }),
  readGear: endpoint({
    method: 'GET',
    path: '/gear/{id}',
    summary: 'One thing of the locker',
    body: null,
    action: 'gear.read',
    answer: 'The thing; its version as ETag',
  }),
  saveGear: endpoint({
    method: 'PUT',
    path: '/gear/{id}',
    query: ['tagAgain'],
    summary:
      'Change what a thing is; If-Match carries the version you started from; ?tagAgain=true as when entering',
    body: gearSchema,
    upgrade: upgradeOf(GEAR),
    action: 'gear.write',
    example: newGearExample.gear,
    answer: 'The thing, or 409 with the version that was saved first',
  }),
  deleteGear: endpoint({
    method: 'DELETE',
    path: '/gear/{id}',
    summary: 'Remove a thing that was entered by mistake; its history stays',
    body: null,
    action: 'gear.write',
    answer: 'Nothing',
  }),
  gearHistory: endpoint({
    method: 'GET',
    path: '/gear/{id}/history',
    summary: 'What happened to a thing, in order',
    body: null,
    action: 'gear.read',
    answer: 'history[]',
  }),
  recordGear: endpoint({
    method: 'POST',
    path: '/gear/{id}/history',
    summary:
      'Record an inspection, a cut, a move, an incident, a retirement, or a correction of an earlier entry',
    body: recordSchema,
    action: 'gear.record',
    example: inspectionExample,
    answer: 'The thing as it stands now',
  }),
  makeCalendar: endpoint({
    method: 'POST',
    path: '/calendar',
    summary: 'A calendar address of your own with inspections due; ends any before',
    body: null,
    action: 'gear.read',
    answer: 'path; shown once',
  }),
  endCalendar: endpoint({
    method: 'DELETE',
    path: '/calendar',
    summary: 'End your calendar address',
    body: null,
    action: 'gear.read',
    answer: 'Nothing',
  }),
  calendar: endpoint({
    method: 'GET',
    path: '/calendar/{token}',
    summary: 'Inspections due, for calendar programs; the token is the key',
    body: null,
    action: null,
    answer: 'iCalendar',
  }),
} as const;
