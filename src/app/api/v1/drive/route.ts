import { API } from '@/server/api/endpoints';
import { driveInThread } from '@/server/jobs/pool';
import { answer, route } from '@/server/route';

export const POST = route(API.drive, async ({ body }) =>
  answer(API.drive, await driveInThread(body)),
);
