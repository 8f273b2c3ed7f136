import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { documentId } from '@/server/documents';
import { answer, route } from '@/server/route';
import { endToken } from '@/server/tokens';

export const DELETE = route(API.endToken, async ({ params, member }) => {
  await transaction((db) => endToken(db, member, documentId(params)));
  return answer(API.endToken, { ok: true });
});
