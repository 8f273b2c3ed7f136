import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { logCsv } from '@/server/log-book/export';
import { logQuery } from '@/server/log-book/query';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportLogCsv, async ({ request, member }) => {
  const query = logQuery(new URL(request.url).searchParams);
  return fileResponse(logCsv(pool(), member.crewId, query), 'text/csv; charset=utf-8', 'log.csv');
});
