import { pool } from '@/db/pool';
import { logPage } from '@/db/queries/log-entries';
import { API } from '@/server/api/endpoints';
import { recorded, writeMarker } from '@/server/documents';
import { pictures } from '@/server/log-book/photos';
import { logQuery } from '@/server/log-book/query';
import { recordEntry } from '@/server/log-book/record';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listLog, async ({ request, member }) => {
  const query = logQuery(new URL(request.url).searchParams);
  const { entries, next } = await logPage(pool(), member.crewId, query);
  return answer(API.listLog, { entries, next: writeMarker(next) });
});

export const POST = route(API.addLogEntry, async (call) => {
  const { body, member, now } = call;
  const photos = await pictures(body.photos);
  return once(call, async (db) =>
    recorded(API.addLogEntry, await recordEntry(db, member, body, photos, now), 201),
  );
});
