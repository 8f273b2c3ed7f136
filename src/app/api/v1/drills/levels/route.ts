import { API } from '@/server/api/endpoints';
import { markOneLevel } from '@/server/drills/marks';
import { answer, route } from '@/server/route';

export const POST = route(API.markLevel, async ({ body }) =>
  answer(API.markLevel, markOneLevel(body)),
);
