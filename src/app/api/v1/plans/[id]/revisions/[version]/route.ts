import { pool } from '@/db/pool';
import { planById, planRevision } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId, documentVersion } from '@/server/documents';
import { json, route } from '@/server/route';

export const GET = route(API.planRevision, async ({ params, member }) => {
  const { id } = await planById(pool(), member.crewId, documentId(params));
  return json(await planRevision(pool(), member.crewId, id, documentVersion(params)));
});
