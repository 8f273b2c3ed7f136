import { z } from 'zod';
import type { GearFacts, KeptFact } from '@/core/securement/locker-word';
import { type Database, many } from '../pool';
import { gearByIds } from './gear';
import { partFacts } from './kept-parts';

/** What the locker says of these things, and the crew of decks and loads that it keeps, removed ones too; ids the crew never had are left out. Whether one is due is not asked here. */
export async function factsOf(
  db: Database,
  crewId: string,
  ids: readonly string[],
  partIds: readonly string[],
): Promise<GearFacts> {
  // What cannot be read is left out: of a thing that is not among the facts nothing good is assumed.
  const { gear } = await gearByIds(db, crewId, ids);
  return new Map<string, KeptFact>([
    ...gear.map((g): readonly [string, KeptFact] => [
      g.id,
      { gear: g.document, state: g.standing, due: null, removed: g.removed },
    ]),
    ...(await partFacts(db, crewId, partIds)),
  ]);
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

const keptRow = z.object({ id: z.uuid(), document: z.unknown() });
type KeptPlan = z.infer<typeof keptRow>;

/** Plans that use a thing, deleted ones too, held until the transaction ends, as they are kept. */
export const plansUsingHeld = (db: Database, crewId: string, gearId: string): Promise<KeptPlan[]> =>
  many(
    db,
    keptRow,
    'SELECT p.id, p.document FROM plan_gear l JOIN plan p ON p.id = l.plan_id WHERE l.gear_id = $2 AND l.crew_id = $1 ORDER BY p.id FOR UPDATE OF p',
    [crewId, gearId],
  );

/** Plans judged in one transaction. */
const AT_ONCE = 20;

/** A few plans of one crew whose verdict is of another edition, held; null when there are none. What others hold is left to them. */
export async function plansToJudgeAgain(
  db: Database,
  edition: string,
): Promise<{ crewId: string; plans: KeptPlan[] } | null> {
  const rows = await many(
    db,
    keptRow.extend({ crew_id: z.uuid() }),
    `SELECT p.id, p.crew_id, p.document FROM plan p WHERE p.judged_by < $1 OR p.judged_by > $1
     ORDER BY p.judged_by, p.id LIMIT ${AT_ONCE} FOR UPDATE SKIP LOCKED`,
    [edition],
  );
  const crewId = rows[0]?.crew_id;
  return crewId === undefined ? null : { crewId, plans: rows.filter((r) => r.crew_id === crewId) };
}

/** Keeps verdicts with the edition that found them. The documents, their versions and times stay as they are. */
export async function keepVerdicts(
  db: Database,
  crewId: string,
  verdicts: readonly { id: string; verdict: string }[],
  edition: string,
): Promise<void> {
  await db.query(
    `UPDATE plan p SET verdict = v.verdict, judged_by = $2
     FROM jsonb_to_recordset($3::jsonb) AS v (id uuid, verdict text) WHERE p.crew_id = $1 AND p.id = v.id`,
    [crewId, edition, JSON.stringify(verdicts)],
  );
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
