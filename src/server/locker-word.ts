import { gearIdsOf, type GearFacts, partIdsOf } from '@/core/securement/locker-word';
import type { Plan } from '@/core/securement/plan';
import { pool } from '@/db/pool';
import { factsOf } from '@/db/queries/plan-gear';
import { memberOfToken } from './session';

/**
 * What the locker of whoever asks says of the things a plan uses; null where there is nobody signed in to ask for, or
 * nothing to ask about.
 */
export async function wordOfLocker(
  plan: Pick<Plan, 'lines' | 'deck' | 'units'>,
  token: string | undefined,
  now: Date,
): Promise<GearFacts | null> {
  const [ids, partIds] = [gearIdsOf(plan), partIdsOf(plan)];
  const found =
    ids.length + partIds.length > 0 && token ? await memberOfToken(pool(), token, now) : null;
  return found ? factsOf(pool(), found.member.crewId, ids, partIds) : null;
}
