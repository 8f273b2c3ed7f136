import { API } from '@/server/api/endpoints';
import { computeSpan } from '@/server/api/tension';
import { json, route } from '@/server/route';

export const POST = route(API.span, async ({ body }) => json(computeSpan(body)));
