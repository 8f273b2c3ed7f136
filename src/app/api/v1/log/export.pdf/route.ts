import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { drawLogSheet } from '@/server/jobs/pool';
import { logSheetText } from '@/server/log-book/export';
import { logQuery } from '@/server/log-book/query';
import { fileResponse, route } from '@/server/route';

export const GET = route(API.exportLogPdf, async ({ request, member, now }) => {
  const query = logQuery(new URL(request.url).searchParams);
  const sheet = await logSheetText(pool(), member, query, now);
  const paper = member.units === 'us' ? 'letter' : 'a4';
  return fileResponse(await drawLogSheet({ sheet, paper }), 'application/pdf', 'log.pdf');
});
