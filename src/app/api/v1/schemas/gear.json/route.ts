import { API } from '@/server/api/endpoints';
import { gearJsonSchema } from '@/server/api/openapi';
import { json, route } from '@/server/route';

export const GET = route(API.gearSchema, async () => json(gearJsonSchema()));
