import { transaction } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { removePart } from '@/server/kept-parts';
import { route } from '@/server/route';

export const POST = route(API.restoreCourse, async ({ params, member }) =>
  documentResponse(
    API.restoreCourse,
    await transaction(async (db) => {
      const id = documentId(params);
      await removePart(db, 'course', member, id, false);
      return partById(db, 'course', member.crewId, id);
    }),
  ),
);
