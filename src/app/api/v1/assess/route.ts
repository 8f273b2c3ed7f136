import { gearIdsOf, LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { pool } from '@/db/pool';
import { gearFacts } from '@/db/queries/plan-gear';
import { computeAssessment } from '@/server/api/compute';
import { API } from '@/server/api/endpoints';
import { answer, route } from '@/server/route';
import { memberOfToken } from '@/server/session';

/** Anybody may ask; a member's own locker is asked too, because a plan HOLDS only on the word of the locker it uses. */
export const POST = route(API.assess, async ({ body, token, now }) => {
  const ids = gearIdsOf(body);
  const found = ids.length > 0 && token ? await memberOfToken(pool(), token, now) : null;
  return answer(
    API.assess,
    computeAssessment(
      body,
      found ? await gearFacts(pool(), found.member.crewId, ids) : LOCKER_NOT_ASKED,
    ),
  );
});
