import { pool } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { othersAt } from '@/server/live';
import { answer, route } from '@/server/route';

export const GET = route(API.deckLive, async ({ params, member }) => {
  const id = documentId(params);
  const { version, updatedAt, updatedBy } = await partById(pool(), 'deck', member.crewId, id);
  const others = await othersAt(pool(), 'deck', id, member);
  return answer(API.deckLive, { version, updatedAt, updatedBy, others });
});
