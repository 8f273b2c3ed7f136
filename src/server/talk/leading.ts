import type { z } from 'zod';
import type { Chance } from '@/core/chance';
import { isDrillId } from '@/core/training/schedule/drill-ids';
import { skillsOfPlan } from '@/core/training/standing/plan-skills';
import type { SkillId } from '@/core/training/standing/skills';
import { type FoundSlack, proposeTalk, type TalkReason } from '@/core/training/talk/proposing';
import { ConstraintError, type Database, NotFoundError, pool, transaction } from '@/db/pool';
import { UnreadableError } from '@/db/unreadable';
import type { Member } from '@/db/queries/members';
import { tell } from '@/db/news';
import { planById, type StoredPlan } from '@/db/queries/plans';
import { addTalkRecord, type TalkRecord, talkRecordById } from '@/db/queries/talk-records';
import { crewAnswers, looseLines } from '@/db/queries/talk-sources';
import {
  countsOfTalk,
  endTalk,
  holdTalk,
  insertTalk,
  peopleOfTalk,
  stepTalk,
  talkById,
  type Talk,
  type TalkCount,
  type TalkItem,
} from '@/db/queries/talks';
import { drillTitle } from '@/wording/training';
import type { Answered } from '../api/endpoint';
import type { talkRecordRequest, TALK_API, talkStepBody } from '../api/talk-endpoints';
import { numberFor } from '../drills/numbers';
import { refuse } from '../problem';
import { checkOwnPassword } from '../sign-in';
import { newCode } from './codes';
import { askedNow, itemTitle, rightNow, spreadOf } from './questions';
import { answersTopic, stepTopic } from './topics';

/** What is looked back at. */
const LOOKED_BACK_MS = 90 * 86_400_000;

/** What could be asked, and why. */
export type Proposal = Answered<typeof TALK_API.proposeTalk>;
/** What stands on the big screen. */
export type TalkWall = Answered<typeof TALK_API.talkWall>;

/** A plan, unless it is gone or cannot be read: then nothing is known of its lines. */
async function readable(db: Database, crewId: string, id: string): Promise<StoredPlan | null> {
  try {
    return await planById(db, crewId, id);
  } catch (error) {
    if (error instanceof NotFoundError || error instanceof UnreadableError) return null;
    throw error;
  }
}

/** By form how often a line tied with it was found loose. */
async function slackByForm(db: Database, crewId: string, since: Date): Promise<FoundSlack[]> {
  const loose = await looseLines(db, crewId, since);
  const plans = new Map<string, StoredPlan | null>();
  for (const id of new Set(loose.map((l) => l.planId)))
    plans.set(id, await readable(db, crewId, id));
  const found = new Map<SkillId, number>();
  for (const { planId, lineId, found: times } of loose) {
    const lines = plans.get(planId)?.document.lines.filter((l) => l.id === lineId) ?? [];
    for (const { skill } of skillsOfPlan({ lines }))
      found.set(skill, (found.get(skill) ?? 0) + times);
  }
  return [...found].map(([skill, times]) => ({ skill, found: times }));
}

/** Why something is proposed, in words. */
function reasonWords(why: TalkReason): string {
  switch (why.is) {
    case 'answered wrong':
      return `Answered wrong ${why.wrong} of ${why.asked} times in the last 90 days.`;
    case 'found slack':
      return `On lines that checks found loose ${why.found === 1 ? 'once' : `${why.found} times`}.`;
    case 'in the plan':
      return `On ${why.lines === 1 ? 'a line' : `${why.lines} lines`} of the plan.`;
    case 'taught early':
      return 'Taught early.';
  }
}

/** Puts a talk together. @param planId what is to be done tomorrow, if said. @throws NotFoundError for no plan of the crew */
export async function propose(
  db: Database,
  { crewId }: Member,
  { planId, count }: { readonly planId: string | null; readonly count: number },
  now: Date,
  chance: Chance,
): Promise<Proposal> {
  const since = new Date(now.getTime() - LOOKED_BACK_MS);
  const answers = (await crewAnswers(db, crewId, since)).flatMap(({ drill, ...counts }) =>
    isDrillId(drill) ? [{ drill, ...counts }] : [],
  );
  const plan = planId === null ? null : await planById(db, crewId, planId);
  const sources = {
    answers,
    slack: await slackByForm(db, crewId, since),
    plan: plan
      ? skillsOfPlan(plan.document).map(({ skill, lineIds }) => ({ skill, lines: lineIds.length }))
      : [],
  };
  return {
    items: proposeTalk(sources, count, chance).map(({ drill, why }) => ({
      drill,
      title: drillTitle(drill),
      why: reasonWords(why),
    })),
  };
}

const MOST_TRIES = 5;

/** Begins a talk of these questions. @throws Refusal 422 for a drill there is not */
export async function beginTalk(
  { crewId, id }: Member,
  drills: readonly string[],
  now: Date,
  chance: Chance,
): Promise<{ readonly id: string; readonly code: string }> {
  const items = drills.map((drill, i): TalkItem => {
    if (!isDrillId(drill))
      throw refuse(422, 'drill-unknown', { drill: drill.slice(0, 80) }, ['drills', i]);
    return { drill, number: numberFor(drill, chance) };
  });
  for (let tries = 1; ; tries++) {
    const code = newCode();
    try {
      const begun = { crewId, ledBy: id, code, items, beganAt: now };
      return { id: await transaction((db) => insertTalk(db, begun)), code };
    } catch (error) {
      // Another talk has the code just now.
      if (!(error instanceof ConstraintError) || tries >= MOST_TRIES) throw error;
    }
  }
}

const answeredOf = (counts: readonly TalkCount[], item: number | null): TalkCount[] =>
  counts.filter((c) => c.item === item);
const sum = (counts: readonly TalkCount[]): number => counts.reduce((n, c) => n + c.count, 0);

/** What stands on the big screen: how many are there and have answered; what they answered only once it is shown, and nobody's name. */
export async function talkWall(db: Database, talk: Talk): Promise<TalkWall> {
  const counts = answeredOf(await countsOfTalk(db, talk.id), talk.item);
  const { id, code, units, items, item, shown, version, endedAt } = talk;
  return {
    id,
    units,
    code,
    version,
    titles: items.map(itemTitle),
    item,
    shown,
    ended: endedAt !== null,
    people: (await peopleOfTalk(db, id)).length,
    answered: sum(counts),
    asked: await askedNow(talk),
    right: shown ? await rightNow(talk) : null,
    spread: shown ? spreadOf(counts) : null,
  };
}

/**
 * Goes to a question, or shows its answer. @throws Refusal 409 where another screen was faster, or the talk is over; 422 beyond
 * the end, or back
 */
export async function step(
  by: Member,
  id: string,
  { version, item, shown }: z.infer<typeof talkStepBody>,
): Promise<TalkWall> {
  await transaction(async (db) => {
    const talk = await holdTalk(db, by.crewId, id);
    if (talk.endedAt !== null) throw refuse(409, 'talk-over');
    if (talk.version !== version) throw refuse(409, 'talk-moved-on', {}, ['version']);
    if (item >= talk.items.length)
      throw refuse(422, 'too-big', { what: 'number', most: talk.items.length - 1 }, ['item']);
    // A talk goes on, never back: whoever saw what is right answers no more.
    const wentBy = item < (talk.item ?? 0) || (item === talk.item && talk.shown && !shown);
    if (wentBy) throw refuse(422, 'talk-shown-before', {}, ['item']);
    await stepTalk(db, id, { item, shown });
    await tell(db, stepTopic(id));
    await tell(db, answersTopic(id));
  });
  return talkWall(pool(), await talkById(pool(), by.crewId, id));
}

/** How each question that was asked was answered, as it goes into the record. */
function questionsOf({ items, item: talkItem }: Talk, counts: readonly TalkCount[]) {
  return items.slice(0, talkItem === null ? 0 : talkItem + 1).map((item, i) => {
    const own = answeredOf(counts, i);
    return {
      drill: item.drill,
      title: itemTitle(item),
      answered: sum(own),
      right: sum(own.filter((c) => c.grade === 'good')),
    };
  });
}

/**
 * Ends a talk and signs for it: what was asked, how it was answered, who took part. @throws Refusal 409 once it is over; 422 for a
 * wrong password
 */
export async function signTalk(
  by: Member,
  id: string,
  { password, note }: z.infer<typeof talkRecordRequest>,
  at: { readonly who: string; readonly device: string | undefined; readonly now: Date },
): Promise<TalkRecord> {
  await checkOwnPassword(pool(), by, password, at.who, at.device);
  return transaction(async (db) => {
    const talk = await holdTalk(db, by.crewId, id);
    if (talk.endedAt !== null) throw refuse(409, 'talk-over');
    const people = await peopleOfTalk(db, id);
    await addTalkRecord(db, {
      talkId: id,
      crewId: by.crewId,
      heldAt: talk.beganAt,
      signedAt: at.now,
      signedBy: by.id,
      body: {
        questions: questionsOf(talk, await countsOfTalk(db, id)),
        people: people.map(({ name, memberId }) => ({ name, memberId })),
        note,
      },
    });
    await endTalk(db, id, at.now);
    await tell(db, stepTopic(id));
    await tell(db, answersTopic(id));
    return talkRecordById(db, by.crewId, id);
  });
}
