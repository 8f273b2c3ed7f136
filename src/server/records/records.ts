import { badgeOf } from '@/core/exchange/badge';
import { guardCell } from '@/core/exchange/gear-csv/cells';
import { monthsLater } from '@/core/gear/due';
import { DONE_UNDER } from '@/core/training/standing/done-under';
import type { Database } from '@/db/pool';
import { crewSettings } from '@/db/queries/crews';
import type { Member } from '@/db/queries/members';
import { allSignOffs } from '@/db/queries/sign-offs';
import { allStatements } from '@/db/queries/statements';
import { csvText, jsonList } from '../export-text';
import { homeOf } from '../statements';
import { shown, type SignOff } from '../training';
import type { CertificateText } from './certificate';

const doneOf = ({ times, under }: SignOff): string =>
  `${times} times clean, ${under.map((u) => DONE_UNDER[u]).join(', ')}`;

const untilOf = async (db: Database, crewId: string, { signedAt }: SignOff): Promise<string> =>
  monthsLater(signedAt.slice(0, 10), (await crewSettings(db, crewId)).intervals.signOffMonths);

const COLUMNS = [
  'person',
  'skill',
  'skill id',
  'signed on',
  'signed by',
  'good until',
  'times',
  'done',
  'note',
  'taken back on',
  'taken back by',
  'reason',
  'record',
];

/** All sign-offs of a crew as a table that spreadsheets read and no spreadsheet runs, some rows at a time. */
export async function* signOffsCsv(db: Database, crewId: string): AsyncGenerator<string> {
  const { intervals } = await crewSettings(db, crewId);
  yield csvText([COLUMNS]);
  for await (const page of allSignOffs(db, crewId))
    if (page.length > 0)
      yield csvText(
        page
          .map(shown)
          .map((s) =>
            [
              s.memberName,
              s.title,
              s.skill,
              s.signedAt.slice(0, 10),
              s.signedBy,
              monthsLater(s.signedAt.slice(0, 10), intervals.signOffMonths),
              String(s.times),
              s.under.map((u) => DONE_UNDER[u]).join('; '),
              s.note,
              s.revoked?.at.slice(0, 10) ?? '',
              s.revoked?.by ?? '',
              s.revoked?.reason ?? '',
              s.id,
            ].map(guardCell),
          ),
      );
}

/** All statements of a crew as JSON, one a line. */
export async function* statementsJson(db: Database, crewId: string): AsyncGenerator<string> {
  yield* jsonList(allStatements(db, crewId));
  yield '\n';
}

/** A sign-off as a credential. */
export async function badge(db: Database, { crewId, crewName }: Member, signed: SignOff) {
  return badgeOf({
    id: signed.id,
    home: homeOf(process.env),
    crew: crewName,
    who: { id: signed.memberId, name: signed.memberName },
    skill: signed.skill,
    title: signed.title,
    points: signed.points,
    done: doneOf(signed),
    signedBy: signed.signedBy,
    signedAt: signed.signedAt,
    until: await untilOf(db, crewId, signed),
    revoked: signed.revoked,
  });
}

/** What stands on the certificate of a sign-off. */
export async function certificateText(
  db: Database,
  { crewId, crewName }: Member,
  signed: SignOff,
): Promise<CertificateText> {
  return {
    name: signed.memberName,
    crew: crewName,
    title: signed.title,
    points: signed.points,
    done: `${doneOf(signed)}.`,
    signedBy: signed.signedBy,
    signedOn: signed.signedAt.slice(0, 10),
    until: await untilOf(db, crewId, signed),
    takenBack: signed.revoked && `Taken back on ${signed.revoked.at.slice(0, 10)}.`,
    note: signed.note,
    id: signed.id,
  };
}
