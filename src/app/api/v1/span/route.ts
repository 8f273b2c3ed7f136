import { API } from '@/server/api/endpoints';
import { computeSpan } from '@/server/api/tension';
import { answer, route } from '@/server/route';

export const POST = route(API.span, async ({ body }) => answer(API.span, computeSpan(body)));
