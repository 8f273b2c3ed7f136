import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { othersAt } from '@/server/live';
import { answer, route } from '@/server/route';

export const GET = route(API.planLive, async ({ params, member }) => {
  const id = documentId(params);
  const { version, updatedAt, updatedBy } = await planById(pool(), member.crewId, id);
  const others = await othersAt(pool(), 'plan', id, member);
  return answer(API.planLive, { version, updatedAt, updatedBy, others });
});
