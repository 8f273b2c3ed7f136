import { API } from '@/server/api/endpoints';
import { markReckoning } from '@/server/drills';
import { answer, route } from '@/server/route';

export const POST = route(API.markReckoning, async ({ body }) =>
  answer(API.markReckoning, markReckoning(body)),
);
