import { transaction } from '@/db/pool';
import { setGoesOut } from '@/db/queries/going-out';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';

export const PUT = route(API.goingOut, async ({ params, member, body }) => {
  await transaction((db) => setGoesOut(db, member.crewId, documentId(params), body.at));
  return answer(API.goingOut, { ok: true });
});
