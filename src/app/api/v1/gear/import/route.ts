import { API } from '@/server/api/endpoints';
import { importGear } from '@/server/gear-import';
import { json, route } from '@/server/route';

export const POST = route(API.importGear, async ({ body, member, now }) =>
  json(await importGear(member, body, now)),
);
