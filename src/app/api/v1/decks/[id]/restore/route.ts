import { transaction } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse } from '@/server/documents';
import { removePart } from '@/server/kept-parts';
import { route } from '@/server/route';

export const POST = route(API.restoreDeck, async ({ params, member }) =>
  documentResponse(
    API.restoreDeck,
    await transaction(async (db) => {
      const id = documentId(params);
      await removePart(db, 'deck', member, id, false);
      return partById(db, 'deck', member.crewId, id);
    }),
  ),
);
