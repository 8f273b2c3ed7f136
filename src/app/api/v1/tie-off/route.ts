import { API } from '@/server/api/endpoints';
import { computeTieOff } from '@/server/api/tension';
import { answer, route } from '@/server/route';

export const POST = route(API.tieOff, async ({ body }) => answer(API.tieOff, computeTieOff(body)));
