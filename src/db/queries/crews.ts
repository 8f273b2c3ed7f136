import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { intervalsSchema } from '@/core/gear/intervals';
import { defaultsSchema } from '@/core/securement/defaults';
import { type Strength, strengthSchema } from '@/core/securement/schema';
import { ConflictError, type Database, maybeOne, one } from '../pool';

/** How names are compared: case and spacing do not matter. */
export const nameKey = (name: string): string =>
  name.trim().replace(/\s+/g, ' ').toLocaleLowerCase('en');

const idRow = z.object({ id: z.uuid() });

/** Creates a crew. @throws ConstraintError when the name is taken. */
export async function insertCrew(
  db: Database,
  crew: { name: string; strength: Strength; demo?: boolean },
): Promise<string> {
  const row = await one(
    db,
    idRow,
    'INSERT INTO crew (id, name, name_key, strength, demo) VALUES ($1, $2, $3, $4, $5) RETURNING id',
    [uuid(), crew.name, nameKey(crew.name), crew.strength, crew.demo ?? false],
  );
  return row.id;
}

/** A crew's default school, design factor and knot school. */
export async function crewStrength(db: Database, crewId: string): Promise<Strength> {
  const row = await one(
    db,
    z.object({ strength: strengthSchema }),
    'SELECT strength FROM crew WHERE id = $1',
    [crewId],
  );
  return row.strength;
}

const settingsRow = z.object({
  version: z.number(),
  strength: strengthSchema,
  intervals: intervalsSchema,
  defaults: defaultsSchema,
});
/** What a crew has settled for itself, and the version whoever changes it must have seen. */
export type CrewSettings = z.infer<typeof settingsRow>;

/** A crew's settings: where new plans get their working loads from, and how often it inspects. */
export const crewSettings = (db: Database, crewId: string): Promise<CrewSettings> =>
  one(db, settingsRow, 'SELECT version, strength, intervals, defaults FROM crew WHERE id = $1', [
    crewId,
  ]);

/**
 * Saves a crew's settings; what is due for inspection moves with the intervals. Call inside a transaction.
 * @throws ConflictError with the settings of today when somebody else saved since `version`
 */
export async function saveCrewSettings(
  db: Database,
  crewId: string,
  { version, strength, intervals, defaults }: CrewSettings,
): Promise<CrewSettings> {
  const saved = await maybeOne(
    db,
    settingsRow,
    `UPDATE crew SET strength = $3, intervals = $4, defaults = $5, version = version + 1 WHERE id = $1 AND version = $2
    RETURNING version, strength, intervals, defaults`,
    [crewId, version, strength, intervals, defaults],
  );
  if (!saved) throw new ConflictError(await crewSettings(db, crewId));
  await db.query(
    `UPDATE gear SET due_on = (standing->>'inspectedOn')::date + make_interval(months => CASE document->>'use' WHEN 'daily' THEN $2::int ELSE $3::int END)
    WHERE crew_id = $1 AND state <> 'retired' AND standing->>'inspectedOn' IS NOT NULL AND NOT (standing->>'suspect')::boolean`,
    [crewId, intervals.dailyMonths, intervals.normalMonths],
  );
  return saved;
}

export async function anyCrew(db: Database): Promise<boolean> {
  return (await maybeOne(db, idRow, 'SELECT id FROM crew LIMIT 1')) !== null;
}
