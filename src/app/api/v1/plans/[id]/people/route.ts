import { pool } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { peopleForPlan } from '@/server/training';

export const GET = route(API.planPeople, async ({ params, member: { crewId }, now }) => {
  const { document } = await planById(pool(), crewId, documentId(params));
  return answer(API.planPeople, await peopleForPlan(pool(), crewId, document, now));
});
