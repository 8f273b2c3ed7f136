import { API } from '@/server/api/endpoints';
import { planJsonSchema } from '@/server/api/openapi';
import { json, route } from '@/server/route';

export const GET = route(API.planSchema, async () => json(planJsonSchema()));
