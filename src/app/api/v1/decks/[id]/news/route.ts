import { pool } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { liveTopic, lookingResponse, newsHead } from '@/server/live';
import { route } from '@/server/route';

export const GET = route(API.deckNews, async ({ request, params, member }) => {
  const id = documentId(params);
  await partById(pool(), 'deck', member.crewId, id);
  return lookingResponse(liveTopic('deck', id), member, request.signal);
});

/** Whoever only asks for its head opens no stream, and is seen by nobody. */
export const HEAD = route(API.deckNews, async ({ params, member }) => {
  const id = documentId(params);
  await partById(pool(), 'deck', member.crewId, id);
  return newsHead();
});
