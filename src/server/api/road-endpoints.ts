import { checkSchema } from '@/core/securement/road/schema';
import { checkAnswer, checksAnswer } from './answers/road';
import { endpoint, type Endpoint } from './endpoint';

/** What goes along on the road, under the plan it is of: checks, and the card. */
export const ROAD_API = {
  listChecks: endpoint({
    method: 'GET',
    path: '/plans/{id}/checks',
    query: ['after'],
    summary: 'Checks of a plan on the road, newest first, and when the next is due: ?after=',
    body: null,
    action: 'plan.read',
    answers: checksAnswer,
    answer: 'checks[], clock, next',
  }),
  card: endpoint({
    method: 'GET',
    path: '/plans/{id}/card.pdf',
    query: ['paper'],
    summary: 'The card of a plan on one page, as it is kept: ?paper=a4|letter',
    body: null,
    action: 'plan.read',
    answers: null,
    answer: 'PDF',
  }),
  recordCheck: endpoint({
    method: 'POST',
    path: '/plans/{id}/checks',
    summary: 'Record a check; it is never changed afterwards',
    body: checkSchema,
    action: 'check.record',
    example: {
      occasion: 'before-driving',
      lines: [{ lineId: 'l1', state: 'tight', readingN: '1.2 kN' }],
    },
    answers: checkAnswer,
    answer: 'The check, and when the next is due',
  }),
} as const satisfies Record<string, Endpoint>;
