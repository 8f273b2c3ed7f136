import { pool, transaction } from '@/db/pool';
import { partById } from '@/db/queries/kept-parts';
import { API } from '@/server/api/endpoints';
import { documentId, documentResponse, ifMatch } from '@/server/documents';
import { changePart, removePart } from '@/server/kept-parts';
import { answer, route } from '@/server/route';

export const GET = route(API.readCourse, async ({ params, member }) =>
  documentResponse(
    API.readCourse,
    await partById(pool(), 'course', member.crewId, documentId(params)),
  ),
);

export const PUT = route(API.saveCourse, async ({ request, params, body, member, now }) => {
  const [id, version] = [documentId(params), ifMatch(request)];
  return documentResponse(
    API.saveCourse,
    await transaction((db) => changePart(db, 'course', member, id, version, body, now)),
  );
});

export const DELETE = route(API.deleteCourse, async ({ params, member }) => {
  await transaction((db) => removePart(db, 'course', member, documentId(params), true));
  return answer(API.deleteCourse, { ok: true });
});
