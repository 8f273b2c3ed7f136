import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { exportCsv } from '@/server/gear-import';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportGearCsv, async ({ member }) =>
  fileResponse(
    await exportCsv(pool(), member.crewId),
    'text/csv; charset=utf-8',
    'rope-locker.csv',
  ),
);
