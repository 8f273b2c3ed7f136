import { API } from '@/server/api/endpoints';
import { compareInThread } from '@/server/jobs/pool';
import { wordOfLocker } from '@/server/locker-word';
import { answer, route } from '@/server/route';

/** Anybody may ask; a member's own locker is asked too, as for one rule set. */
export const POST = route(API.compare, async ({ body, token, now }) => {
  const word = await wordOfLocker(body, token, now);
  return answer(API.compare, await compareInThread({ plan: body, facts: word && [...word] }));
});
