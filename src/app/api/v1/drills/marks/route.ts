import { API } from '@/server/api/endpoints';
import { markOf } from '@/server/drills/marks';
import { answer, route } from '@/server/route';

export const POST = route(API.markAnswer, async ({ body }) =>
  answer(API.markAnswer, (await markOf(body)).marked),
);
