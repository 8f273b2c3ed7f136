import { z } from 'zod';
import { DONE_UNDER_IDS, LEAST_TIMES } from '@/core/training/standing/done-under';
import { SKILL_IDS } from '@/core/training/standing/skills';
import {
  planPeopleAnswer,
  signOffAnswer,
  signOffsAnswer,
  standingAnswer,
} from './answers/training';
import { endpoint, type Endpoint } from './endpoint';

const skill = z.enum(SKILL_IDS);

/** What an instructor saw, and signs for. `points`: of each point of the skill, whether it was right. */
export const signOffRequest = z.strictObject({
  memberId: z.uuid(),
  skill,
  points: z.array(z.boolean()).max(20),
  times: z.int().min(LEAST_TIMES).max(100),
  under: z.array(z.enum(DONE_UNDER_IDS)).min(1).max(DONE_UNDER_IDS.length),
  note: z.string().trim().max(500).default(''),
  /** The instructor's own. */
  password: z.string().min(1).max(200),
});

/** Sign-offs, and how people stand by them. */
export const TRAINING_API = {
  standing: endpoint({
    method: 'GET',
    path: '/standing',
    query: ['course'],
    summary:
      'People by skills, what is current, lapsing, missing: ?course=transport|stage|farm|trades, or the id of a course of your own',
    body: null,
    action: 'skill.read',
    answers: standingAnswer,
    answer: 'skills[], people[].standing[] in their order',
  }),
  listSignOffs: endpoint({
    method: 'GET',
    path: '/sign-offs',
    query: ['member', 'after'],
    summary: 'Sign-offs of your crew, newest first: ?member=&after=',
    body: null,
    action: 'skill.read',
    answers: signOffsAnswer,
    answer: 'signOffs[], next',
  }),
  signOff: endpoint({
    method: 'POST',
    path: '/sign-offs',
    summary: 'Sign for what you saw somebody else do; it is never changed afterwards',
    body: signOffRequest,
    action: 'skill.sign',
    example: {
      memberId: '0190b5a0-0000-7000-8000-000000000000',
      skill: 'bowline/facing-away',
      points: [true, true, true],
      times: 3,
      under: ['on-a-bar', 'gloves'],
      password: 'the instructor’s own',
    },
    answers: signOffAnswer,
    answer: 'The sign-off',
  }),
  signOffById: endpoint({
    method: 'GET',
    path: '/sign-offs/{id}',
    summary: 'One sign-off',
    body: null,
    action: 'skill.read',
    answers: signOffAnswer,
    answer: 'The sign-off, with how it was taken back, if it was',
  }),
  revokeSignOff: endpoint({
    method: 'POST',
    path: '/sign-offs/{id}/revocation',
    summary: 'Take a sign-off back, with a reason; both stay on record',
    body: z.strictObject({ reason: z.string().trim().min(3).max(500) }),
    action: 'skill.sign',
    example: { reason: 'Ties it from the wrong side since.' },
    answers: signOffAnswer,
    answer: 'The sign-off with how it was taken back',
  }),
  exportSignOffsCsv: endpoint({
    method: 'GET',
    path: '/sign-offs/export.csv',
    summary: 'All sign-offs of your crew as a table',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'CSV',
  }),
  exportStatements: endpoint({
    method: 'GET',
    path: '/sign-offs/statements.json',
    summary: 'The same as statements of the Experience API 1.0.3, what was taken back voided',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'JSON, one statement a line',
  }),
  badge: endpoint({
    method: 'GET',
    path: '/sign-offs/{id}/badge.json',
    summary: 'A sign-off in the shape of an Open Badges 3.0 credential, unsigned',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'JSON',
  }),
  certificate: endpoint({
    method: 'GET',
    path: '/sign-offs/{id}/certificate.pdf',
    query: ['paper'],
    summary: 'A sign-off as a card to be printed: ?paper=a4|letter',
    body: null,
    action: 'skill.read',
    answers: null,
    answer: 'PDF',
  }),
  planPeople: endpoint({
    method: 'GET',
    path: '/plans/{id}/people',
    summary: 'Which knots a plan needs, who is current in each, and who in all',
    body: null,
    action: 'plan.read',
    answers: planPeopleAnswer,
    answer: 'skills[].current, able',
  }),
} as const satisfies Record<string, Endpoint>;
