import { pool } from '@/db/pool';
import { insertRigging, riggingPage } from '@/db/queries/riggings';
import { API } from '@/server/api/endpoints';
import { documentAnswer, readMarker, searchText, writeMarker } from '@/server/documents';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listRiggings, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams;
  const { riggings, next } = await riggingPage(pool(), member.crewId, {
    search: searchText(asked),
    after: readMarker(asked, false),
  });
  return answer(API.listRiggings, { riggings, next: writeMarker(next) });
});

export const POST = route(API.createRigging, async (call) => {
  const { crewId, id } = call.member;
  return once(call, async (db) =>
    documentAnswer(API.createRigging, await insertRigging(db, crewId, id, call.body), 201),
  );
});
