import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { changeRole, removeMember } from '@/server/members';
import { answer, route } from '@/server/route';

export const PUT = route(API.changeMember, async ({ params, body, member }) => {
  const id = documentId(params);
  await transaction((db) => changeRole(db, member, id, body.role));
  return answer(API.changeMember, { id, role: body.role });
});

export const DELETE = route(API.removeMember, async ({ params, member }) => {
  const id = documentId(params);
  await transaction((db) => removeMember(db, member, id));
  return answer(API.removeMember, { ok: true });
});
