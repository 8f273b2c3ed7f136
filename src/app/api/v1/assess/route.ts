import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { computeAssessment } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { wordOfLocker } from '@/server/locker-word';
import { answer, route } from '@/server/route';

/** Anybody may ask; a member's own locker is asked too, because a plan HOLDS only on the word of the locker it uses. */
export const POST = route(API.assess, async ({ body, token, now }) => {
  const word = await wordOfLocker(body, token, now);
  return answer(API.assess, computeAssessment(body, word ?? LOCKER_NOT_ASKED));
});
