import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { changePassword } from '@/server/members';
import { answer, route } from '@/server/route';

export const PUT = route(API.changePassword, async ({ body, member, token }) =>
  answer(API.changePassword, {
    ended: await transaction((db) => changePassword(db, member, body, token!)),
  }),
);
