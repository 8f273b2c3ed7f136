import { API } from '@/server/api/endpoints';
import { markName } from '@/server/drills';
import { answer, route } from '@/server/route';

export const POST = route(API.markName, async ({ body }) => answer(API.markName, markName(body)));
