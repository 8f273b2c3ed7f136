import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { talksCsv } from '@/server/records/talks';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportTalksCsv, async ({ member }) =>
  fileResponse(talksCsv(pool(), member.crewId), 'text/csv; charset=utf-8', 'toolbox-talks.csv'),
);
