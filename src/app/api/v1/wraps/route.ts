import { API } from '@/server/api/endpoints';
import { computeWraps } from '@/server/api/tension';
import { json, route } from '@/server/route';

export const POST = route(API.wraps, async ({ body }) => json(computeWraps(body)));
