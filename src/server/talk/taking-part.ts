import type { z } from 'zod';
import { isDrillId } from '@/core/training/schedule/drill-ids';
import { type Database, transaction } from '@/db/pool';
import { countAttempt, takeBackAttempt } from '@/db/queries/sign-in';
import type { Member } from '@/db/queries/members';
import { tell } from '@/db/news';
import {
  addTalkAnswer,
  joinTalk,
  ownTalkAnswer,
  personOfToken,
  type Talk,
  talkByCode,
  type TalkPerson,
} from '@/db/queries/talks';
import { markBody } from '../api/drill-schemas';
import type { Answered } from '../api/endpoint';
import type { TALK_API, talkAnswerBody } from '../api/talk-endpoints';
import { markOf } from '../drills/marks';
import { waitFor } from '../limiter';
import { refuse } from '../problem';
import { newToken, tokenHash } from '../session';
import { codeTyped } from './codes';
import { askedNow } from './questions';
import { answersTopic } from './topics';

/** Where somebody who takes part stands. */
export type TalkSeen = Answered<typeof TALK_API.talkNow>;

/** After so long nobody joins a talk any more that was never ended. */
const OPEN_MS = 4 * 3_600_000;

/** A whole yard joins at once from one address; of 85 million codes nobody guesses one in so many tries. */
const CODE_PATIENCE = { free: 200, mostSeconds: 900 };

/** Wrong codes make the next one wait. @throws Refusal 429; 404 where no talk is held under it */
async function talkOfCode(db: Database, typed: string, who: string, now: Date): Promise<Talk> {
  const key = `talk-code:${who}`;
  const seconds = await countAttempt(db, key, CODE_PATIENCE);
  if (seconds > 0) throw waitFor(seconds);
  const talk = await talkByCode(db, codeTyped(typed), new Date(now.getTime() - OPEN_MS));
  if (!talk) throw refuse(404, 'talk-code-unknown', {}, ['code']);
  await takeBackAttempt(db, key);
  return talk;
}

/**
 * Lets somebody in by the code. `member`: who is signed in on the phone, if anybody is.
 * @returns the token that the phone keeps. @throws Refusal 404 for a code of no talk; 422 without a name; 429 after too many
 */
export async function join(
  db: Database,
  { code, name }: { readonly code: string; readonly name: string | null },
  member: Member | null,
  { who, now }: { readonly who: string; readonly now: Date },
): Promise<string> {
  const talk = await talkOfCode(db, code, who, now);
  const ours = member?.crewId === talk.crewId ? member : null;
  const called = ours?.name ?? name;
  if (!called) throw refuse(422, 'missing', {}, ['name']);
  const token = newToken();
  const person = { name: called, memberId: ours?.id ?? null };
  await transaction(async (t) => {
    await joinTalk(t, talk.id, person, tokenHash(token), now);
    await tell(t, answersTopic(talk.id));
  });
  return token;
}

/** Whoever a phone's token lets in. @throws Refusal 401 for everybody else */
export async function takingPart(
  db: Database,
  token: string | undefined,
): Promise<{ readonly person: TalkPerson; readonly talk: Talk }> {
  const found = token ? await personOfToken(db, tokenHash(token)) : null;
  if (!found) throw refuse(401, 'talk-code-needed');
  return found;
}

/** What somebody sees on the phone: the same question as on the screen, and once it is shown, what is said to their own answer. */
export async function talkSeen(
  db: Database,
  { person, talk }: { readonly person: TalkPerson; readonly talk: Talk },
): Promise<TalkSeen> {
  const { item, items, shown, endedAt, units } = talk;
  const common = { name: person.name, units, of: items.length };
  if (endedAt !== null)
    return { ...common, at: 'over', item: null, asked: null, answered: false, marked: null };
  if (item === null)
    return { ...common, at: 'gathering', item, asked: null, answered: false, marked: null };
  const own = await ownTalkAnswer(db, talk.id, item, person.id);
  const said = shown && own ? markBody.safeParse(own.answer) : null;
  return {
    ...common,
    at: shown ? 'shown' : 'asked',
    item,
    asked: await askedNow(talk),
    answered: own !== null,
    marked: said?.success ? (await markOf(said.data)).marked : null,
  };
}

/**
 * Keeps an answer; what is sent again counts no second time. @throws Refusal 409 once the answer is shown or another question is
 * asked; 422 for an answer to something else
 */
export async function answerTalk(
  part: { readonly person: TalkPerson; readonly talk: Talk },
  { item, answer }: z.infer<typeof talkAnswerBody>,
  now: Date,
): Promise<void> {
  const { person, talk } = part;
  const asked = talk.items[item];
  if (!asked || !isDrillId(asked.drill) || asked.number !== answer.number)
    throw refuse(422, 'talk-other-question', {}, ['answer']);
  const { drill, marked, instead } = await markOf(answer);
  if (drill !== asked.drill) throw refuse(422, 'talk-other-question', {}, ['answer']);
  const said = { answer, grade: marked.grade, instead };
  const open = await transaction(async (db) => {
    const ids = { talkId: talk.id, item, personId: person.id };
    if (!(await addTalkAnswer(db, { ...ids, ...said, at: now }))) return false;
    await tell(db, answersTopic(talk.id));
    return true;
  });
  if (!open) throw refuse(409, 'talk-moved-on', {}, ['item']);
}
