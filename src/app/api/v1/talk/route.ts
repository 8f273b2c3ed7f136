import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { takingPart, talkSeen } from '@/server/talk/taking-part';
import { talkToken } from '@/server/talk/token';

export const GET = route(API.talkNow, async ({ request }) =>
  answer(API.talkNow, await talkSeen(pool(), await takingPart(pool(), talkToken(request)))),
);
