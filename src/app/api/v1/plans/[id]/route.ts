import { pool, transaction } from '@/db/pool';
import { planById, setPlanDeleted, updatePlan } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { json, route } from '@/server/route';

export const GET = route(API.readPlan, async ({ params, member }) => documentResponse(await planById(pool(), member.crewId, documentId(params))));

export const PUT = route(API.savePlan, async ({ request, params, body, member }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(await transaction((db) => updatePlan(db, member.crewId, member.id, id, version, body)));
});

export const DELETE = route(API.deletePlan, async ({ params, member }) => {
  await setPlanDeleted(pool(), member.crewId, documentId(params), true);
  return json({ ok: true });
});
