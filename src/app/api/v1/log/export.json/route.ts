import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { jsonList } from '@/server/export-text';
import { logItems } from '@/server/log-book/export';
import { logQuery } from '@/server/log-book/query';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportLogJson, async ({ request, member }) => {
  const query = logQuery(new URL(request.url).searchParams);
  const items = jsonList(logItems(pool(), member.crewId, query));
  return fileResponse(items, 'application/json', 'log.json');
});
