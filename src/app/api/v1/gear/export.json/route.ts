import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { exportLocker } from '@/server/gear-export';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportGearJson, async ({ member }) =>
  fileResponse(exportLocker(pool(), member.crewId), 'application/json', 'rope-locker.json'),
);
