import { computeLine } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';

export const POST = route(API.line, async ({ body }) => answer(API.line, computeLine(body)));
