import { API } from '@/server/api/endpoints';
import { computeTackle } from '@/server/api/tension';
import { answer, route } from '@/server/route';

export const POST = route(API.tackle, async ({ body }) => answer(API.tackle, computeTackle(body)));
