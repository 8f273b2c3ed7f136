import { gearIdsOf } from '@/core/securement/locker-word';
import { pool } from '@/db/pool';
import { gearFacts } from '@/db/queries/plan-gear';
import { API } from '@/server/api/endpoints';
import { compareInThread } from '@/server/jobs/pool';
import { answer, route } from '@/server/route';
import { memberOfToken } from '@/server/session';

/** Anybody may ask; a member's own locker is asked too, as for one rule set. */
export const POST = route(API.compare, async ({ body, token, now }) => {
  const ids = gearIdsOf(body);
  const found = ids.length > 0 && token ? await memberOfToken(pool(), token, now) : null;
  const facts = found ? await gearFacts(pool(), found.member.crewId, ids) : null;
  return answer(API.compare, await compareInThread({ plan: body, facts: facts && [...facts] }));
});
