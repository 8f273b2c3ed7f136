import { pool } from '@/db/pool';
import { talkRecordPage } from '@/db/queries/talk-records';
import { API } from '@/server/api/endpoints';
import { readMarker, writeMarker } from '@/server/documents';
import { answer, route } from '@/server/route';
import { beginTalk } from '@/server/talk/leading';

export const GET = route(API.listTalks, async ({ request, member: { crewId } }) => {
  const after = readMarker(new URL(request.url).searchParams, true);
  const { records, next } = await talkRecordPage(pool(), crewId, after);
  return answer(API.listTalks, { records, next: writeMarker(next) });
});

export const POST = route(API.beginTalk, async ({ body, member, now }) =>
  answer(API.beginTalk, await beginTalk(member, body.drills, now, Math.random), 201),
);
