import { API } from '@/server/api/endpoints';
import { openApi } from '@/server/api/openapi';
import { json, route } from '@/server/route';

export const GET = route(API.openapi, async () => json(openApi()));
