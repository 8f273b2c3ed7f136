import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type AnswerGrade, GRADES } from '@/core/training/schedule/memory';
import { type Database, many, maybeOne, one } from '../pool';
import { UNIT_SYSTEMS, type UnitSystem } from './members';

/** A question of a talk: always the same for everybody. */
const item = z.strictObject({ drill: z.string(), number: z.int() });
export type TalkItem = z.infer<typeof item>;

/** A talk that is held. */
export interface Talk {
  readonly id: string;
  readonly crewId: string;
  readonly ledBy: string;
  /** Units of who leads it: everybody is asked in the same. */
  readonly units: UnitSystem;
  readonly code: string;
  readonly beganAt: Date;
  readonly endedAt: Date | null;
  readonly items: readonly TalkItem[];
  /** Which question is asked, the first is 0; null while people gather. */
  readonly item: number | null;
  readonly shown: boolean;
  readonly version: number;
}

const talkRow = z
  .object({
    id: z.uuid(),
    crew_id: z.uuid(),
    led_by: z.uuid(),
    units: z.enum(UNIT_SYSTEMS),
    code: z.string(),
    began_at: z.date(),
    ended_at: z.date().nullable(),
    items: z.array(item),
    item: z.int().nullable(),
    shown: z.boolean(),
    version: z.int(),
  })
  .transform((r): Talk => ({
    id: r.id,
    crewId: r.crew_id,
    ledBy: r.led_by,
    units: r.units,
    code: r.code,
    beganAt: r.began_at,
    endedAt: r.ended_at,
    items: r.items,
    item: r.item,
    shown: r.shown,
    version: r.version,
  }));

const TALK = `SELECT t.id, t.crew_id, t.led_by, m.units, t.code, t.began_at, t.ended_at, t.items, t.item, t.shown, t.version
  FROM talk t JOIN member m ON m.id = t.led_by`;

/** Begins a talk. @throws ConstraintError `talk_code` where the code is another's just now */
export async function insertTalk(
  db: Database,
  talk: Pick<Talk, 'crewId' | 'ledBy' | 'code' | 'items' | 'beganAt'>,
): Promise<string> {
  const id = uuid();
  await many(
    db,
    z.object({}),
    'INSERT INTO talk (id, crew_id, led_by, code, began_at, items) VALUES ($1, $2, $3, $4, $5, $6)',
    [id, talk.crewId, talk.ledBy, talk.code, talk.beganAt, JSON.stringify(talk.items)],
  );
  return id;
}

/** A talk of a crew. @throws NotFoundError */
export const talkById = (db: Database, crewId: string, id: string): Promise<Talk> =>
  one(db, talkRow, `${TALK} WHERE t.crew_id = $1 AND t.id = $2`, [crewId, id]);

/** The same, held until the transaction ends. @throws NotFoundError */
export const holdTalk = (db: Database, crewId: string, id: string): Promise<Talk> =>
  one(db, talkRow, `${TALK} WHERE t.crew_id = $1 AND t.id = $2 FOR UPDATE OF t`, [crewId, id]);

/** The talk that people join by a code: begun since then, and not ended; null where there is none. */
export const talkByCode = (db: Database, code: string, since: Date): Promise<Talk | null> =>
  maybeOne(db, talkRow, `${TALK} WHERE t.code = $1 AND t.ended_at IS NULL AND t.began_at > $2`, [
    code,
    since,
  ]);

/** Goes to a question, or shows its answer. Call inside a transaction that holds the talk. */
export async function stepTalk(
  db: Database,
  id: string,
  step: Pick<Talk, 'item' | 'shown'>,
): Promise<void> {
  await db.query('UPDATE talk SET item = $2, shown = $3, version = version + 1 WHERE id = $1', [
    id,
    step.item,
    step.shown,
  ]);
}

/** Ends a talk: nobody joins any more, and whose answer was whose is forgotten. Call inside a transaction that holds the talk. */
export async function endTalk(db: Database, id: string, now: Date): Promise<void> {
  await db.query('UPDATE talk SET ended_at = $2, version = version + 1 WHERE id = $1', [id, now]);
  await db.query('DELETE FROM talk_answer WHERE talk_id = $1', [id]);
}

/** Somebody who takes part. */
export interface TalkPerson {
  readonly id: string;
  readonly name: string;
  readonly memberId: string | null;
}
const personRow = z
  .object({ id: z.uuid(), name: z.string(), member_id: z.uuid().nullable() })
  .transform((r): TalkPerson => ({ id: r.id, name: r.name, memberId: r.member_id }));

/** Lets somebody in; who is of the crew and was let in before is the same person on another phone. */
export async function joinTalk(
  db: Database,
  talkId: string,
  person: Pick<TalkPerson, 'name' | 'memberId'>,
  tokenHash: Buffer,
  now: Date,
): Promise<void> {
  await db.query(
    `INSERT INTO talk_person (id, talk_id, member_id, name, token_hash, joined_at) VALUES ($1, $2, $3, $4, $5, $6)
     ON CONFLICT (talk_id, member_id) WHERE member_id IS NOT NULL DO UPDATE SET token_hash = excluded.token_hash`,
    [uuid(), talkId, person.memberId, person.name, tokenHash, now],
  );
}

/** Whoever holds a token, and the talk they take part in; null where nobody does. */
export async function personOfToken(
  db: Database,
  tokenHash: Buffer,
): Promise<{ readonly person: TalkPerson; readonly talk: Talk } | null> {
  const person = await maybeOne(
    db,
    z.object({
      id: z.uuid(),
      name: z.string(),
      member_id: z.uuid().nullable(),
      talk_id: z.uuid(),
      crew_id: z.uuid(),
    }),
    `SELECT p.id, p.name, p.member_id, p.talk_id, t.crew_id FROM talk_person p JOIN talk t ON t.id = p.talk_id
     WHERE p.token_hash = $1`,
    [tokenHash],
    'talk-person',
  );
  if (!person) return null;
  const { id, name, member_id: memberId, talk_id: talkId, crew_id: crewId } = person;
  return { person: { id, name, memberId }, talk: await talkById(db, crewId, talkId) };
}

/** Everybody who takes part, in the order they came. */
export const peopleOfTalk = (db: Database, talkId: string): Promise<TalkPerson[]> =>
  many(
    db,
    personRow,
    'SELECT id, name, member_id FROM talk_person WHERE talk_id = $1 ORDER BY joined_at, id',
    [talkId],
  );

/** What somebody answered. */
export interface TalkAnswer {
  readonly answer: unknown;
  readonly grade: AnswerGrade;
  /** What was said instead of what is right. */
  readonly instead: string | null;
}

/**
 * Keeps an answer, once, and only while its question is asked. Call inside a transaction.
 * @returns false where the question is not, or no longer, asked
 */
export async function addTalkAnswer(
  db: Database,
  said: TalkAnswer & {
    readonly talkId: string;
    readonly item: number;
    readonly personId: string;
    readonly at: Date;
  },
): Promise<boolean> {
  // Held so that the answer is not shown in between; many may answer at once.
  const open = await maybeOne(
    db,
    z.object({ id: z.uuid() }),
    'SELECT id FROM talk WHERE id = $1 AND item = $2 AND NOT shown AND ended_at IS NULL FOR SHARE',
    [said.talkId, said.item],
  );
  if (!open) return false;
  await db.query(
    `INSERT INTO talk_answer (talk_id, item, person_id, at, answer, grade, instead) VALUES ($1, $2, $3, $4, $5, $6, $7)
     ON CONFLICT DO NOTHING`,
    [
      said.talkId,
      said.item,
      said.personId,
      said.at,
      JSON.stringify(said.answer),
      said.grade,
      said.instead,
    ],
  );
  return true;
}

const grade = z.enum(GRADES);

/** What somebody answered to a question of a talk; null where they did not. */
export const ownTalkAnswer = (
  db: Database,
  talkId: string,
  ofItem: number,
  personId: string,
): Promise<TalkAnswer | null> =>
  maybeOne(
    db,
    z.object({ answer: z.unknown(), grade, instead: z.string().nullable() }),
    'SELECT answer, grade, instead FROM talk_answer WHERE talk_id = $1 AND item = $2 AND person_id = $3',
    [talkId, ofItem, personId],
  );

/** How often the same was said. `instead` null: what is right. */
export interface TalkCount {
  readonly item: number;
  readonly grade: AnswerGrade;
  readonly instead: string | null;
  readonly count: number;
}

/** What was answered in a talk: by question how often the same was said, the most often first. Nobody's name is in it. */
export const countsOfTalk = (db: Database, talkId: string): Promise<TalkCount[]> =>
  many(
    db,
    z.object({ item: z.int(), grade, instead: z.string().nullable(), count: z.int() }),
    `SELECT item, grade, instead, count(*)::integer AS count FROM talk_answer WHERE talk_id = $1
     GROUP BY item, grade, instead ORDER BY item, count DESC, instead NULLS FIRST`,
    [talkId],
  );
