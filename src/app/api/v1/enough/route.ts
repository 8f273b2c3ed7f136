import { API } from '@/server/api/endpoints';
import { enoughInThread } from '@/server/jobs/pool';
import { answer, route } from '@/server/route';

export const POST = route(API.enough, async ({ body }) =>
  answer(API.enough, await enoughInThread(body)),
);
