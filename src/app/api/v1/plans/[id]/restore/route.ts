import { transaction } from '@/db/pool';
import { planById } from '@/db/queries/plans';
import { setDeleted } from '@/db/queries/revisions';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { route } from '@/server/route';

export const POST = route(API.restorePlan, async ({ params, member }) =>
  documentResponse(
    API.restorePlan,
    await transaction(async (db) => {
      await setDeleted(db, 'plan', member.crewId, documentId(params), false);
      return planById(db, member.crewId, documentId(params));
    }),
  ),
);
