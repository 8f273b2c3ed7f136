import { pool } from '@/db/pool';
import { planById, planRevisions } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { json, route } from '@/server/route';

export const GET = route(API.planHistory, async ({ params, member }) => {
  const { id } = await planById(pool(), member.crewId, documentId(params));
  return json({ revisions: await planRevisions(pool(), member.crewId, id) });
});
