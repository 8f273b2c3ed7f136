import { API } from '@/server/api/endpoints';
import { computeTackle } from '@/server/api/tension';
import { json, route } from '@/server/route';

export const POST = route(API.tackle, async ({ body }) => json(computeTackle(body)));
