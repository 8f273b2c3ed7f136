import { pool, transaction } from '@/db/pool';
import { insertPlan, planPage } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentResponse, writeMarker } from '@/server/documents';
import { admitGear } from '@/server/gear';
import { planQuery } from '@/server/plans';
import { json, route } from '@/server/route';

export const GET = route(API.listPlans, async ({ request, member }) => {
  const { plans, next } = await planPage(
    pool(),
    member.crewId,
    planQuery(new URL(request.url).searchParams),
  );
  return json({ plans, next: writeMarker(next) });
});

export const POST = route(API.createPlan, async ({ body, member }) =>
  documentResponse(
    await transaction(async (db) =>
      insertPlan(db, member.crewId, member.id, await admitGear(db, member.crewId, body, null)),
    ),
    201,
  ),
);
