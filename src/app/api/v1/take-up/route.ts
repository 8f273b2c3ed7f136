import { API } from '@/server/api/endpoints';
import { computeTakeUp } from '@/server/api/tension';
import { answer, route } from '@/server/route';

export const POST = route(API.takeUp, async ({ body }) => answer(API.takeUp, computeTakeUp(body)));
