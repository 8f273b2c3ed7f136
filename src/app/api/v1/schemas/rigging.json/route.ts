import { API } from '@/server/api/endpoints';
import { riggingJsonSchema } from '@/server/api/openapi';
import { json, route } from '@/server/route';

export const GET = route(API.riggingSchema, async () => json(riggingJsonSchema()));
