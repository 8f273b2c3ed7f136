import { z } from 'zod';
import { endpoint, type Endpoint } from './endpoint';

/** What is new of something that several look at. */
const liveAnswer = z.strictObject({
  version: z.int(),
  updatedAt: z.iso.datetime({ precision: null }),
  updatedBy: z.string(),
  /** Who else looks at it now. */
  others: z.array(z.strictObject({ id: z.uuid(), name: z.string() })),
});

const live = <const P extends string>(path: P, what: string) =>
  ({
    live: endpoint({
      method: 'GET',
      path: `/${path}/{id}/live`,
      summary: `Which version of ${what} is kept now, by whom, and who else looks at it`,
      body: null,
      action: 'plan.read',
      answers: liveAnswer,
      answer: 'version, updatedAt, updatedBy, others[]',
    }),
    news: endpoint({
      method: 'GET',
      path: `/${path}/{id}/news`,
      summary: `Says when ${what}, what it uses, or who looks at it changed, as server-sent events`,
      body: null,
      action: 'plan.read',
      answers: null,
      answer: 'text/event-stream',
    }),
  }) as const;

const plan = live('plans', 'a plan');
const deck = live('decks', 'a kept deck');

/** Several people at one plan or deck. */
export const LIVE_API = {
  planLive: plan.live,
  planNews: plan.news,
  deckLive: deck.live,
  deckNews: deck.news,
} as const satisfies Record<string, Endpoint>;
