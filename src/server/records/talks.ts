import { guardCell } from '@/core/exchange/gear-csv/cells';
import type { Database } from '@/db/pool';
import type { Member } from '@/db/queries/members';
import { allTalkRecords, type TalkRecord } from '@/db/queries/talk-records';
import { csvText } from '../export-text';
import type { TalkSheetText } from './talk-sheet';

const COLUMNS = ['held on', 'led by', 'person', 'of the crew', 'questions', 'note', 'record'];

const rowsOf = ({ id, heldAt, signedBy, body }: TalkRecord): string[][] =>
  body.people.map(({ name, memberId }) =>
    [
      heldAt.slice(0, 10),
      signedBy,
      name,
      memberId === null ? 'no' : 'yes',
      body.questions.map((q) => q.title).join('; '),
      body.note,
      id,
    ].map(guardCell),
  );

/** Who took part in which talk, as a table that spreadsheets read and no spreadsheet runs, some rows at a time. */
export async function* talksCsv(db: Database, crewId: string): AsyncGenerator<string> {
  yield csvText([COLUMNS]);
  for await (const page of allTalkRecords(db, crewId)) {
    const rows = page.flatMap(rowsOf);
    if (rows.length > 0) yield csvText(rows);
  }
}

/** What stands on the printed record of a talk. */
export const talkSheetText = (
  { crewName }: Member,
  { id, heldAt, signedAt, signedBy, body }: TalkRecord,
): TalkSheetText => ({
  crew: crewName,
  heldOn: heldAt.slice(0, 10),
  questions: body.questions.map(({ title, answered, right }) => ({
    title,
    says: answered === 0 ? 'nobody answered' : `${right} of ${answered} right`,
  })),
  people: body.people.map(({ name, memberId }) => (memberId === null ? `${name} (guest)` : name)),
  note: body.note,
  signed: `Held and signed by ${signedBy} on ${signedAt.slice(0, 10)}.`,
  id,
});
