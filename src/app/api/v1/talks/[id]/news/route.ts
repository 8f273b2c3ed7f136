import { pool } from '@/db/pool';
import { talkById } from '@/db/queries/talks';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { newsHead, newsResponse } from '@/server/live';
import { route } from '@/server/route';
import { answersTopic } from '@/server/talk/topics';

export const GET = route(API.talkNews, async ({ request, params, member }) => {
  const { id } = await talkById(pool(), member.crewId, documentId(params));
  return newsResponse(answersTopic(id), member.id, request.signal);
});

/** Whoever only asks for its head opens no stream. */
export const HEAD = route(API.talkNews, async ({ params, member }) => {
  await talkById(pool(), member.crewId, documentId(params));
  return newsHead();
});
