import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { liveTopic, lookingResponse, newsHead } from '@/server/live';
import { route } from '@/server/route';

export const GET = route(API.planNews, async ({ request, params, member }) => {
  const id = documentId(params);
  await planById(pool(), member.crewId, id);
  return lookingResponse(liveTopic('plan', id), member, request.signal);
});

/** Whoever only asks for its head opens no stream, and is seen by nobody. */
export const HEAD = route(API.planNews, async ({ params, member }) => {
  const id = documentId(params);
  await planById(pool(), member.crewId, id);
  return newsHead();
});
