import { transaction } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { makeLink } from '@/server/members';
import { answer, route } from '@/server/route';

export const POST = route(API.makeJoinLink, async ({ body, member, now }) =>
  answer(
    API.makeJoinLink,
    await transaction((db) => makeLink(db, member, { role: body.role }, now)),
    201,
  ),
);
