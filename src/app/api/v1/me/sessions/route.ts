import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { endOthers } from '@/server/members';
import { answer, route } from '@/server/route';

export const DELETE = route(API.endSessions, async ({ member, token }) =>
  answer(API.endSessions, { ended: await transaction((db) => endOthers(db, member, token!)) }),
);
