import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { exportCsv } from '@/server/gear-export';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportGearCsv, async ({ member }) =>
  fileResponse(exportCsv(pool(), member.crewId), 'text/csv; charset=utf-8', 'rope-locker.csv'),
);
