import { tell } from '@/db/news';
import { pool, transaction } from '@/db/pool';
import { planById, updatePlan } from '@/db/queries/plans';
import { setDeleted } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { admitGear } from '@/server/gear';
import { liveTopic } from '@/server/live';
import { refreshCheckDue } from '@/server/road-checks';
import { answer, route } from '@/server/route';

export const GET = route(API.readPlan, async ({ params, member }) =>
  documentResponse(API.readPlan, await planById(pool(), member.crewId, documentId(params))),
);

export const PUT = route(API.savePlan, async ({ request, params, body, member }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.savePlan,
    await transaction(async (db) => {
      const before = await planById(db, member.crewId, id);
      const saved = await updatePlan(
        db,
        member.crewId,
        member.id,
        id,
        version,
        await admitGear(db, member.crewId, body, before.document),
      );
      if (saved.document.ruleSet !== before.document.ruleSet)
        await refreshCheckDue(db, member.crewId, id, saved.document);
      await tell(db, liveTopic('plan', id));
      return saved;
    }),
  );
});

export const DELETE = route(API.deletePlan, async ({ params, member }) => {
  await setDeleted(pool(), 'plan', member.crewId, documentId(params), true);
  return answer(API.deletePlan, { ok: true });
});
