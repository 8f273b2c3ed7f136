import { z } from 'zod';
import { type Database, many, one } from '../pool';
import { afterValues, PAGE_SIZE, pageOf } from './documents';

/** What was held, as it is kept for good. */
export const talkRecordBody = z.strictObject({
  questions: z.array(
    z.strictObject({
      drill: z.string(),
      title: z.string(),
      answered: z.int(),
      right: z.int(),
    }),
  ),
  /** Who took part; `memberId` null: somebody who is not of the crew. */
  people: z.array(z.strictObject({ name: z.string(), memberId: z.uuid().nullable() })),
  note: z.string(),
});
export type TalkRecordBody = z.infer<typeof talkRecordBody>;

/** A talk that was held and signed. */
export interface TalkRecord {
  readonly id: string;
  readonly heldAt: string;
  readonly signedAt: string;
  readonly signedBy: string;
  readonly body: TalkRecordBody;
}

const row = z
  .object({
    talk_id: z.uuid(),
    held_at: z.date(),
    signed_at: z.date(),
    signed_by: z.string(),
    body: talkRecordBody,
  })
  .transform((r): TalkRecord => ({
    id: r.talk_id,
    heldAt: r.held_at.toISOString(),
    signedAt: r.signed_at.toISOString(),
    signedBy: r.signed_by,
    body: r.body,
  }));

const SELECT = `SELECT r.talk_id, r.held_at, r.signed_at, m.name AS signed_by, r.body
  FROM talk_record r JOIN member m ON m.id = r.signed_by`;

/** Keeps what was held. Call inside a transaction that holds the talk. */
export async function addTalkRecord(
  db: Database,
  held: {
    readonly talkId: string;
    readonly crewId: string;
    readonly heldAt: Date;
    readonly signedAt: Date;
    readonly signedBy: string;
    readonly body: TalkRecordBody;
  },
): Promise<void> {
  await db.query(
    'INSERT INTO talk_record (talk_id, crew_id, held_at, signed_at, signed_by, body) VALUES ($1, $2, $3, $4, $5, $6)',
    [held.talkId, held.crewId, held.heldAt, held.signedAt, held.signedBy, held.body],
  );
}

/** One record of a crew. @throws NotFoundError */
export const talkRecordById = (db: Database, crewId: string, id: string): Promise<TalkRecord> =>
  one(db, row, `${SELECT} WHERE r.crew_id = $1 AND r.talk_id = $2`, [crewId, id]);

/** SQL of a crew's records, newest first. $1 crew, $2 time and $3 id to go on after */
export const talkRecordPageSql = (limit: number): string =>
  `${SELECT} WHERE r.crew_id = $1 AND ($2::timestamptz IS NULL OR (r.held_at, r.talk_id) < ($2::timestamptz, $3::uuid))
   ORDER BY r.held_at DESC, r.talk_id DESC LIMIT ${limit}`;

/** A page of a crew's records, newest first, and the marker of the next page, or null at the end. */
export async function talkRecordPage(
  db: Database,
  crewId: string,
  after: readonly [string, string] | null,
): Promise<{ records: readonly TalkRecord[]; next: readonly [string, string] | null }> {
  const rows = await many(db, row, talkRecordPageSql(PAGE_SIZE + 1), [
    crewId,
    ...afterValues(after),
  ]);
  const { page, next } = pageOf(rows, (r) => [r.heldAt, r.id]);
  return { records: page, next };
}

/** All records of a crew, a page at a time. */
export async function* allTalkRecords(
  db: Database,
  crewId: string,
): AsyncGenerator<readonly TalkRecord[]> {
  let after: readonly [string, string] | null = null;
  do {
    const page: Awaited<ReturnType<typeof talkRecordPage>> = await talkRecordPage(
      db,
      crewId,
      after,
    );
    yield page.records;
    after = page.next;
  } while (after !== null);
}
