import { transaction } from '@/db/pool';
import { setDeleted } from '@/db/queries/revisions';
import { riggingById } from '@/db/queries/riggings';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { route } from '@/server/route';

export const POST = route(API.restoreRigging, async ({ params, member }) =>
  documentResponse(
    API.restoreRigging,
    await transaction(async (db) => {
      await setDeleted(db, 'rigging', member.crewId, documentId(params), false);
      return riggingById(db, member.crewId, documentId(params));
    }),
  ),
);
