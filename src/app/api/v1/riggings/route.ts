import { pool, transaction } from '@/db/pool';
import { insertRigging, riggingPage } from '@/db/queries/riggings';
import { API } from '@/server/api/endpoints';
import { documentResponse, readMarker, searchText, writeMarker } from '@/server/documents';
import { json, route } from '@/server/route';

export const GET = route(API.listRiggings, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams;
  const { riggings, next } = await riggingPage(pool(), member.crewId, {
    search: searchText(asked),
    after: readMarker(asked, false),
  });
  return json({ riggings, next: writeMarker(next) });
});

export const POST = route(API.createRigging, async ({ body, member }) =>
  documentResponse(
    await transaction((db) => insertRigging(db, member.crewId, member.id, body)),
    201,
  ),
);
