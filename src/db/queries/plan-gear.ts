import { z } from 'zod';
import { planSchema } from '@/core/securement/plan';
import type { GearFact, GearFacts } from '@/core/securement/locker-word';
import { gearIdsOf } from '@/core/securement/locker-word';
import { assess } from '@/core/securement/assess';
import { type Database, many } from '../pool';
import { gearByIds } from './gear';

/** What the locker says of these things, removed ones too; ids the crew never had are left out. Whether one is due is not asked here. */
export async function gearFacts(
  db: Database,
  crewId: string,
  ids: readonly string[],
): Promise<GearFacts> {
  const found = await gearByIds(db, crewId, ids);
  return new Map(
    found.map((g): [string, GearFact] => [
      g.id,
      { gear: g.document, state: g.standing, due: null, removed: g.removed },
    ]),
  );
}

/** Notes which things a plan uses; ids the crew does not have are left out. Call inside a transaction. */
export async function linkGear(
  db: Database,
  crewId: string,
  planId: string,
  ids: readonly string[],
): Promise<void> {
  await db.query('DELETE FROM plan_gear WHERE plan_id = $1 AND NOT gear_id = ANY($2)', [
    planId,
    ids,
  ]);
  await db.query(
    'INSERT INTO plan_gear (plan_id, gear_id, crew_id) SELECT $1, g.id, $2 FROM gear g WHERE g.crew_id = $2 AND g.id = ANY($3) ON CONFLICT DO NOTHING',
    [planId, crewId, ids],
  );
}

/** Judges every plan that uses a thing anew, in the transaction that changed it: no plan stands a moment on rope that is gone. */
export async function rejudgePlansUsing(
  db: Database,
  crewId: string,
  gearId: string,
): Promise<void> {
  const plans = await many(
    db,
    z.object({ id: z.uuid(), document: planSchema }),
    'SELECT p.id, p.document FROM plan_gear l JOIN plan p ON p.id = l.plan_id WHERE l.gear_id = $2 AND l.crew_id = $1 ORDER BY p.id FOR UPDATE OF p',
    [crewId, gearId],
  );
  for (const { id, document } of plans) {
    const { verdict } = assess(document, await gearFacts(db, crewId, gearIdsOf(document)));
    await db.query(
      'UPDATE plan SET verdict = $3 WHERE crew_id = $1 AND id = $2 AND verdict <> $3',
      [crewId, id, verdict],
    );
  }
}

/** A plan that uses a thing, as its page names it. */
export interface UsingPlan {
  readonly id: string;
  readonly title: string;
}

/** Plans that use a thing, by name. */
export async function plansUsing(
  db: Database,
  crewId: string,
  gearId: string,
): Promise<UsingPlan[]> {
  return many(
    db,
    z.object({ id: z.uuid(), title: z.string() }),
    'SELECT p.id, p.title FROM plan_gear l JOIN plan p ON p.id = l.plan_id WHERE l.gear_id = $2 AND l.crew_id = $1 AND p.deleted_at IS NULL ORDER BY p.title_key, p.id LIMIT 100',
    [crewId, gearId],
  );
}
