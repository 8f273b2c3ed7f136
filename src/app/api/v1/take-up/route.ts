import { API } from '@/server/api/endpoints';
import { computeTakeUp } from '@/server/api/tension';
import { json, route } from '@/server/route';

export const POST = route(API.takeUp, async ({ body }) => json(computeTakeUp(body)));
