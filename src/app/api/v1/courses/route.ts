import { pool } from '@/db/pool';
import { partPage } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentAnswer, readMarker, searchText, writeMarker } from '@/server/documents';
import { keepPart } from '@/server/kept-parts';
import { once } from '@/server/once';
import { answer, route } from '@/server/route';

export const GET = route(API.listCourses, async ({ request, member }) => {
  const asked = new URL(request.url).searchParams;
  const { parts, next } = await partPage(pool(), 'course', member.crewId, {
    search: searchText(asked),
    after: readMarker(asked, false),
  });
  return answer(API.listCourses, { courses: parts, next: writeMarker(next) });
});

export const POST = route(API.createCourse, async (call) =>
  once(call, async (db) =>
    documentAnswer(
      API.createCourse,
      await keepPart(db, 'course', call.member, call.body, call.now),
      201,
    ),
  ),
);
