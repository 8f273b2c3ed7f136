import { API } from '@/server/api/endpoints';
import { computeTieOff } from '@/server/api/tension';
import { json, route } from '@/server/route';

export const POST = route(API.tieOff, async ({ body }) => json(computeTieOff(body)));
