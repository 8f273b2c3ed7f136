import { pool, transaction } from '@/db/pool';
import { planById, setPlanDeleted, updatePlan } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { ifMatch, planId, planResponse } from '@/server/plans';
import { json, route } from '@/server/route';

export const GET = route(API.readPlan, async ({ params, member }) => planResponse(await planById(pool(), member.crewId, planId(params))));

export const PUT = route(API.savePlan, async ({ request, params, body, member }) => {
  const [id, version] = [planId(params), ifMatch(request)];
  return planResponse(await transaction((db) => updatePlan(db, member.crewId, member.id, id, version, body)));
});

export const DELETE = route(API.deletePlan, async ({ params, member }) => {
  await setPlanDeleted(pool(), member.crewId, planId(params), true);
  return json({ ok: true });
});
