import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { intervalsSchema } from '@/core/gear/intervals';
import { type Strength, strengthSchema } from '@/core/securement/schema';
import { ConflictError, type Database, many, maybeOne, one } from '../pool';

export const ROLES = ['lead', 'instructor', 'keeper', 'hand', 'trainee'] as const;
export type Role = (typeof ROLES)[number];
export const UNIT_SYSTEMS = ['metric', 'us'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

const memberRow = z.object({
  id: z.uuid(),
  crew_id: z.uuid(),
  crew_name: z.string(),
  name: z.string(),
  role: z.enum(ROLES),
  units: z.enum(UNIT_SYSTEMS),
  cautioned: z.boolean(),
});

/** A member as the rest of the program knows one. */
export interface Member {
  readonly id: string;
  readonly crewId: string;
  readonly crewName: string;
  readonly name: string;
  readonly role: Role;
  readonly units: UnitSystem;
  /** Has acknowledged the present wording of the cautions. */
  readonly cautioned: boolean;
}

export const memberOf = (row: z.infer<typeof memberRow>): Member => ({
  id: row.id,
  crewId: row.crew_id,
  crewName: row.crew_name,
  name: row.name,
  role: row.role,
  units: row.units,
  cautioned: row.cautioned,
});

/** Columns of a member; $1 is the version of the cautions. */
const MEMBER = `SELECT m.id, m.crew_id, c.name AS crew_name, m.name, m.role, m.units,
  EXISTS (SELECT 1 FROM caution_acknowledgement a WHERE a.member_id = m.id AND a.wording_version = $1) AS cautioned
  FROM member m JOIN crew c ON c.id = m.crew_id`;

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

/** Adds a member to a crew. @throws ConstraintError when the crew has one of that name. */
export async function insertMember(
  db: Database,
  crewId: string,
  member: { name: string; role: Role; passwordHash: string; units?: UnitSystem; demo?: boolean },
): Promise<string> {
  const row = await one(
    db,
    idRow,
    'INSERT INTO member (id, crew_id, name, name_key, role, password_hash, units, demo) VALUES ($1, $2, $3, $4, $5, $6, $7, $8) RETURNING id',
    [
      uuid(),
      crewId,
      member.name,
      nameKey(member.name),
      member.role,
      member.passwordHash,
      member.units ?? 'metric',
      member.demo ?? false,
    ],
  );
  return row.id;
}

/** Members of any crew who go by this name, with their password hashes: for sign-in only. */
export async function membersByName(
  db: Database,
  name: string,
): Promise<{ id: string; passwordHash: string }[]> {
  const rows = await many(
    db,
    z.object({ id: z.uuid(), password_hash: z.string() }),
    'SELECT id, password_hash FROM member WHERE name_key = $1 ORDER BY id LIMIT 5',
    [nameKey(name)],
  );
  return rows.map((r) => ({ id: r.id, passwordHash: r.password_hash }));
}

/** Members of one crew, by name. */
export async function membersOfCrew(
  db: Database,
  crewId: string,
  cautionsVersion: number,
): Promise<Member[]> {
  return (
    await many(db, memberRow, `${MEMBER} WHERE m.crew_id = $2 ORDER BY m.name_key LIMIT 500`, [
      cautionsVersion,
      crewId,
    ])
  ).map(memberOf);
}

/** People of the demo who may be stepped in as. */
export async function demoMembers(db: Database, cautionsVersion: number): Promise<Member[]> {
  return (
    await many(db, memberRow, `${MEMBER} WHERE m.demo ORDER BY m.id LIMIT 20`, [cautionsVersion])
  ).map(memberOf);
}

/** One demo member, or null when there is none of that id or it is no demo member. */
export async function demoMember(db: Database, id: string): Promise<string | null> {
  return (
    (await maybeOne(db, idRow, 'SELECT id FROM member WHERE id = $1 AND demo', [id]))?.id ?? null
  );
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
});
/** What a crew has settled for itself, and the version whoever changes it must have seen. */
export type CrewSettings = z.infer<typeof settingsRow>;

/** A crew's settings: where new plans get their working loads from, and how often it inspects. */
export const crewSettings = (db: Database, crewId: string): Promise<CrewSettings> =>
  one(db, settingsRow, 'SELECT version, strength, intervals FROM crew WHERE id = $1', [crewId]);

/**
 * Saves a crew's settings; what is due for inspection moves with the intervals. Call inside a transaction.
 * @throws ConflictError with the settings of today when somebody else saved since `version`
 */
export async function saveCrewSettings(
  db: Database,
  crewId: string,
  { version, strength, intervals }: CrewSettings,
): Promise<CrewSettings> {
  const saved = await maybeOne(
    db,
    settingsRow,
    `UPDATE crew SET strength = $3, intervals = $4, version = version + 1 WHERE id = $1 AND version = $2
    RETURNING version, strength, intervals`,
    [crewId, version, strength, intervals],
  );
  if (!saved) throw new ConflictError(await crewSettings(db, crewId));
  await db.query(
    `UPDATE gear SET due_on = (standing->>'inspectedOn')::date + make_interval(months => CASE document->>'use' WHEN 'daily' THEN $2::int ELSE $3::int END)
    WHERE crew_id = $1 AND state <> 'retired' AND standing->>'inspectedOn' IS NOT NULL AND NOT (standing->>'suspect')::boolean`,
    [crewId, intervals.dailyMonths, intervals.normalMonths],
  );
  return saved;
}

export async function setUnits(
  db: Database,
  crewId: string,
  memberId: string,
  units: UnitSystem,
): Promise<void> {
  await one(db, idRow, 'UPDATE member SET units = $3 WHERE id = $2 AND crew_id = $1 RETURNING id', [
    crewId,
    memberId,
    units,
  ]);
}

/** Records that a member has read the cautions; reading them again changes nothing. */
export async function acknowledgeCautions(
  db: Database,
  memberId: string,
  version: number,
): Promise<void> {
  await db.query(
    'INSERT INTO caution_acknowledgement (member_id, wording_version) VALUES ($1, $2) ON CONFLICT DO NOTHING',
    [memberId, version],
  );
}

export async function anyCrew(db: Database): Promise<boolean> {
  return (await maybeOne(db, idRow, 'SELECT id FROM crew LIMIT 1')) !== null;
}

/** The member of a session, by the hash of its token or of the one before within its grace. */
export async function memberOfSession(
  db: Database,
  tokenHash: Buffer,
  cautionsVersion: number,
): Promise<{ member: Member; rotatedAt: Date; isCurrent: boolean } | null> {
  const row = await maybeOne(
    db,
    memberRow.extend({ rotated_at: z.date(), is_current: z.boolean() }),
    `${MEMBER.replace('SELECT', 'SELECT s.rotated_at, s.token_hash = $2 AS is_current,')} JOIN session s ON s.member_id = m.id
     WHERE s.expires_at > now() AND (s.token_hash = $2 OR (s.previous_hash = $2 AND s.previous_until > now()))`,
    [cautionsVersion, tokenHash],
  );
  return row && { member: memberOf(row), rotatedAt: row.rotated_at, isCurrent: row.is_current };
}
