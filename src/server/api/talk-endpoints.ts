import { z } from 'zod';
import {
  proposalAnswer,
  talkBegunAnswer,
  talkRecordAnswer,
  talkRecordsAnswer,
  talkSeenAnswer,
  talkWallAnswer,
} from './answers/talk';
import { markBody, markExample } from './drill-schemas';
import { endpoint, type Endpoint } from './endpoint';
import { personName } from './schemas';

/** Questions of one talk. */
export const MOST_ITEMS = 12;

/** Where a talk goes: to a question, or to its answer. */
export const talkStepBody = z.strictObject({
  /** The version of the talk that was seen. */
  version: z.int().min(1),
  item: z.int().min(0).max(MOST_ITEMS),
  shown: z.boolean(),
});
export const talkRecordRequest = z.strictObject({
  /** Of who leads it. */
  password: z.string().min(1).max(200),
  note: z.string().trim().max(500).default(''),
});
export const talkJoinBody = z.strictObject({
  code: z.string().trim().min(4).max(20),
  /** Not asked of who is signed in on the phone. */
  name: personName.nullable().default(null),
});
export const talkAnswerBody = z.strictObject({
  item: z.int().min(0).max(MOST_ITEMS),
  answer: markBody,
});

/** Toolbox talks: questions on one big screen, answered by everybody on their phones. */
export const TALK_API = {
  proposeTalk: endpoint({
    method: 'GET',
    path: '/talks/proposal',
    query: ['plan', 'minutes'],
    summary:
      'What could be asked: what your crew answers wrong, where its lines came loose, what a plan needs: ?plan=&minutes=',
    body: null,
    action: 'talk.lead',
    answers: proposalAnswer,
    answer: 'items[]: drill, title, why',
  }),
  beginTalk: endpoint({
    method: 'POST',
    path: '/talks',
    summary: 'Begin a talk of these drills; people join by its code',
    body: z.strictObject({ drills: z.array(z.string().max(120)).min(1).max(MOST_ITEMS) }),
    action: 'talk.lead',
    example: { drills: ['look/bowline/facing-away', 'reckon/hauling'] },
    answers: talkBegunAnswer,
    answer: 'id, code',
  }),
  listTalks: endpoint({
    method: 'GET',
    path: '/talks',
    query: ['after'],
    summary: 'Talks that were held and signed, newest first: ?after=',
    body: null,
    action: 'skill.read',
    answers: talkRecordsAnswer,
    answer: 'records[], next',
  }),
  talkWall: endpoint({
    method: 'GET',
    path: '/talks/{id}',
    summary: 'What stands on the big screen',
    body: null,
    action: 'talk.lead',
    answers: talkWallAnswer,
    answer:
      'The question, how many are there and have answered; once it is shown what is right and what was answered',
  }),
  talkNews: endpoint({
    method: 'GET',
    path: '/talks/{id}/news',
    summary: 'Says when the big screen changed, as server-sent events',
    body: null,
    action: 'talk.lead',
    answers: null,
    answer: 'text/event-stream',
  }),
  stepTalk: endpoint({
    method: 'POST',
    path: '/talks/{id}/step',
    summary: 'Go to a question, or show its answer',
    body: talkStepBody,
    action: 'talk.lead',
    example: { version: 1, item: 0, shown: false },
    answers: talkWallAnswer,
    answer: 'What stands on the big screen then',
  }),
  signTalk: endpoint({
    method: 'POST',
    path: '/talks/{id}/record',
    summary: 'End a talk and sign for it; the record is never changed afterwards',
    body: talkRecordRequest,
    action: 'talk.lead',
    example: { password: 'the instructor’s own' },
    answers: talkRecordAnswer,
    answer: 'The record: what was asked, how it was answered, who took part',
  }),
  talkRecord: endpoint({
    method: 'GET',
    path: '/talks/{id}/record',
    summary: 'The record of a talk',
    body: null,
    action: 'skill.read',
    answers: talkRecordAnswer,
    answer: 'The record',
  }),
  talkSheet: endpoint({
    method: 'GET',
    path: '/talks/{id}/record.pdf',
    query: ['paper'],
    summary: 'The record of a talk to be printed: ?paper=a4|letter',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'PDF',
  }),
  exportTalksCsv: endpoint({
    method: 'GET',
    path: '/talks/export.csv',
    summary: 'Who took part in which talk, as a table',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'CSV',
  }),
  joinTalk: endpoint({
    method: 'POST',
    path: '/talk/join',
    summary: 'Take part in a talk by its code; what lets you back in is kept as a cookie',
    body: talkJoinBody,
    action: null,
    example: { code: 'K7M2QP', name: 'Ada Lund' },
    answers: talkSeenAnswer,
    answer: 'What you see',
  }),
  talkNow: endpoint({
    method: 'GET',
    path: '/talk',
    summary: 'What somebody sees who takes part in a talk',
    body: null,
    action: null,
    answers: talkSeenAnswer,
    answer: 'The question; once it is shown, what is said to your answer',
  }),
  answerTalk: endpoint({
    method: 'POST',
    path: '/talk/answers',
    summary: 'Answer the question of a talk, once',
    body: talkAnswerBody,
    action: null,
    example: { item: 0, answer: markExample },
    answers: talkSeenAnswer,
    answer: 'What you see',
  }),
  talkPhoneNews: endpoint({
    method: 'GET',
    path: '/talk/news',
    summary: 'Says when a talk went on, as server-sent events',
    body: null,
    action: null,
    answers: null,
    answer: 'text/event-stream',
  }),
} as const satisfies Record<string, Endpoint>;
