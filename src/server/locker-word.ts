import { gearIdsOf, type GearFacts } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { pool } from '@/db/pool';
import { gearFacts } from '@/db/queries/plan-gear';
import { memberOfToken } from './session';

/**
 * What the locker of whoever asks says of the things a plan uses; null where there is nobody signed in to ask for, or
 * nothing to ask about.
 */
export async function wordOfLocker(
  plan: Pick<Plan, 'lines'>,
  token: string | undefined,
  now: Date,
): Promise<GearFacts | null> {
  const ids = gearIdsOf(plan);
  const found = ids.length > 0 && token ? await memberOfToken(pool(), token, now) : null;
  return found ? gearFacts(pool(), found.member.crewId, ids) : null;
}
