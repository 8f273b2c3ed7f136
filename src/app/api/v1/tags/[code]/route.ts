import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { documentResponse } from '@/server/documents';
import { gearWithTag, standingOn } from '@/server/gear';
import { route } from '@/server/route';

export const GET = route(API.gearByCode, async ({ params, member, now }) =>
  documentResponse(
    API.gearByCode,
    standingOn(await gearWithTag(pool(), member.crewId, params['code'] ?? ''), now),
  ),
);
