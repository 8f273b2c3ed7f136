import { pool } from '@/db/pool';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { answerTalk, takingPart, talkSeen } from '@/server/talk/taking-part';
import { talkToken } from '@/server/talk/token';

export const POST = route(API.answerTalk, async ({ request, body, now }) => {
  const token = talkToken(request);
  await answerTalk(await takingPart(pool(), token), body, now);
  return answer(API.answerTalk, await talkSeen(pool(), await takingPart(pool(), token)));
});
