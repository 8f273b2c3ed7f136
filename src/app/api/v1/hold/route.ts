import { API } from '@/server/api/endpoints';
import { computeHold } from '@/server/api/hold';
import { answer, route } from '@/server/route';

export const POST = route(API.hold, async ({ body }) => answer(API.hold, computeHold(body)));
