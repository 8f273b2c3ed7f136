import { transaction } from '@/db/pool';
import { planById, setPlanDeleted } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { planId, planResponse } from '@/server/plans';
import { route } from '@/server/route';

export const POST = route(API.restorePlan, async ({ params, member }) =>
  planResponse(await transaction(async (db) => {
    await setPlanDeleted(db, member.crewId, planId(params), false);
    return planById(db, member.crewId, planId(params));
  })));
