import { API } from '@/server/api/endpoints';
import { computeWraps } from '@/server/api/tension';
import { answer, route } from '@/server/route';

export const POST = route(API.wraps, async ({ body }) => answer(API.wraps, computeWraps(body)));
