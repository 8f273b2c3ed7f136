import {
  markAnswer,
  markBody,
  markExample,
  reviewAnswer,
  reviewBody,
  reviewExample,
  reviewsAnswer,
  todayAnswer,
} from './drill-schemas';
import { endpoint, type Endpoint } from './endpoint';

/** Drills: questions that are marked, and answers that are remembered. */
export const DRILL_API = {
  markAnswer: endpoint({
    method: 'POST',
    path: '/drills/marks',
    summary: 'Mark an answer to a numbered question of the drills; nothing is stored',
    body: markBody,
    action: null,
    example: markExample,
    answers: markAnswer,
    answer:
      'grade (again, hard, good), and by the manner of asking what is right: for a figure the mistake that gives such a one and every step, for a knot its name and what tells it, for a choice why each suits or not',
  }),
  today: endpoint({
    method: 'GET',
    path: '/drills/today',
    summary: 'What there is to be asked of you today, and what is to be expected',
    body: null,
    action: 'drill.do',
    answers: todayAnswer,
    answer: 'due, fresh, answeredToday, begun, forecast of questions by day, leeches',
  }),
  listReviews: endpoint({
    method: 'GET',
    path: '/drills/reviews',
    query: ['after'],
    summary: 'Your answers as they were kept, newest first: ?after=',
    body: null,
    action: 'drill.do',
    answers: reviewsAnswer,
    answer: 'reviews[], next',
  }),
  review: endpoint({
    method: 'POST',
    path: '/drills/reviews',
    summary: 'Mark an answer and keep it; a question answered before counts no second time',
    body: reviewBody,
    action: 'drill.do',
    example: reviewExample,
    answers: reviewAnswer,
    answer:
      'What is said to it, whether it was kept, when it is asked again, and how you stand today',
  }),
} as const satisfies Record<string, Endpoint>;
