import { pool } from '@/db/pool';
import { insertPlan, planPage } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentAnswer, writeMarker } from '@/server/documents';
import { admitGear } from '@/server/gear';
import { planQuery } from '@/server/plans';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listPlans, async ({ request, member }) => {
  const { plans, next } = await planPage(
    pool(),
    member.crewId,
    planQuery(new URL(request.url).searchParams),
  );
  return answer(API.listPlans, { plans, next: writeMarker(next) });
});

export const POST = route(API.createPlan, async (call) => {
  const { crewId, id } = call.member;
  return once(call, async (db) =>
    documentAnswer(
      API.createPlan,
      await insertPlan(db, crewId, id, await admitGear(db, crewId, call.body, null)),
      201,
    ),
  );
});
