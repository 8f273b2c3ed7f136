import { API } from '@/server/api/endpoints';
import { computeRun } from '@/server/api/rope-run';
import { answer, route } from '@/server/route';

export const POST = route(API.run, async ({ body }) => answer(API.run, computeRun(body)));
