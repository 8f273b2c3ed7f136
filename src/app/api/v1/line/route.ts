import { computeLine } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { json, route } from '@/server/route';

export const POST = route(API.line, async ({ body }) => json(computeLine(body)));
