import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { makeLink } from '@/server/members';
import { answer, route } from '@/server/route';

export const POST = route(API.makeResetLink, async ({ params, member, now }) => {
  const memberId = documentId(params);
  return answer(
    API.makeResetLink,
    await transaction((db) => makeLink(db, member, { memberId }, now)),
    201,
  );
});
