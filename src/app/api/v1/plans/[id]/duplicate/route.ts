import { transaction } from '@/db/pool';
import { insertPlan, planById } from '@/db/queries/plans';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { route } from '@/server/route';

export const POST = route(API.duplicatePlan, async ({ params, member }) =>
  documentResponse(
    API.duplicatePlan,
    await transaction(async (db) => {
      const { document } = await planById(db, member.crewId, documentId(params));
      return insertPlan(db, member.crewId, member.id, {
        ...document,
        title: `${document.title.slice(0, 113)} (copy)`,
      });
    }),
    201,
  ),
);
