import { API } from '@/server/api/endpoints';
import { uncertaintyInThread } from '@/server/jobs/pool';
import { answer, route } from '@/server/route';

export const POST = route(API.uncertainty, async ({ body }) =>
  answer(API.uncertainty, await uncertaintyInThread(body)),
);
