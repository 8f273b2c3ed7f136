import { pool } from '@/db/pool';
import { talkById } from '@/db/queries/talks';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { talkWall } from '@/server/talk/leading';

export const GET = route(API.talkWall, async ({ params, member: { crewId } }) =>
  answer(API.talkWall, await talkWall(pool(), await talkById(pool(), crewId, documentId(params)))),
);
