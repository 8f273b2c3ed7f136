import { pool } from '@/db/pool';
import { partPage } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentAnswer, readMarker, searchText, writeMarker } from '@/server/documents';
import { keepPart } from '@/server/kept-parts';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listLoads, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams;
  const { parts, next } = await partPage(pool(), 'load', member.crewId, {
    search: searchText(asked),
    after: readMarker(asked, false),
  });
  return answer(API.listLoads, { loads: parts, next: writeMarker(next) });
});

export const POST = route(API.createLoad, async (call) =>
  once(call, async (db) =>
    documentAnswer(
      API.createLoad,
      await keepPart(db, 'load', call.member, call.body, call.now),
      201,
    ),
  ),
);
