import { v7 as uuid } from 'uuid';
import { z } from 'zod';
import { type Database, many, maybeOne, NotFoundError, one } from '../pool';
import { nameKey } from './crews';

export const ROLES = ['lead', 'instructor', 'keeper', 'hand', 'trainee'] as const;
export type Role = (typeof ROLES)[number];
export const UNIT_SYSTEMS = ['metric', 'us'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

export const memberRow = z.object({
  id: z.uuid(),
  crew_id: z.uuid(),
  crew_name: z.string(),
  name: z.string(),
  sign_in_name: z.string(),
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
  /** What nobody else signs in by, in any crew. */
  readonly signInName: string;
  readonly role: Role;
  readonly units: UnitSystem;
  /** Has acknowledged the present wording of the cautions. */
  readonly cautioned: boolean;
}

/** A row of `MEMBER_SQL` as a member. */
export const memberOf = (row: z.infer<typeof memberRow>): Member => ({
  id: row.id,
  crewId: row.crew_id,
  crewName: row.crew_name,
  name: row.name,
  signInName: row.sign_in_name,
  role: row.role,
  units: row.units,
  cautioned: row.cautioned,
});

/** Columns of a member who has not left; $1 is the version of the cautions. */
export const MEMBER_SQL = `SELECT m.id, m.crew_id, c.name AS crew_name, m.name, m.sign_in_name, m.role, m.units,
  EXISTS (SELECT 1 FROM caution_acknowledgement a WHERE a.member_id = m.id AND a.wording_version = $1) AS cautioned
  FROM member m JOIN crew c ON c.id = m.crew_id`;

const idRow = z.object({ id: z.uuid() });

/** A name as one signs in by it: letters and digits, joined by dots; case, spacing and accents written apart do not matter. */
export const signInKey = (name: string): string =>
  name
    .normalize('NFKC')
    .toLocaleLowerCase('en')
    .replace(/[^\p{L}\p{N}]+/gu, '.')
    .replace(/^\.+|\.+$/g, '')
    .slice(0, 60) || 'member';

/** The sign-in name nearest to a wish that nobody has. */
async function freeSignInName(db: Database, wish: string): Promise<string> {
  const base = signInKey(wish);
  const rows = await many(
    db,
    z.object({ name: z.string() }),
    `SELECT sign_in_name AS name FROM member WHERE sign_in_name = $1 OR sign_in_name LIKE $1 || '.%'`,
    [base],
  );
  const taken = new Set(rows.map((r) => r.name));
  let n = 1;
  while (taken.has(n === 1 ? base : `${base}.${n}`)) n += 1;
  return n === 1 ? base : `${base}.${n}`;
}

export interface NewMember {
  readonly name: string;
  readonly role: Role;
  readonly passwordHash: string;
  /** What the member chose to sign in by; without a choice, what is free and near the name. */
  readonly signInName?: string | undefined;
  /** Left out: the crew's. */
  readonly units?: UnitSystem;
  readonly demo?: boolean;
}

/** One try to add a member; null when somebody took the sign-in name meanwhile. */
const tryInsert = (
  db: Database,
  crewId: string,
  member: NewMember,
  signInName: string,
  taken: '' | 'ON CONFLICT (sign_in_name) DO NOTHING',
): Promise<{ id: string } | null> =>
  maybeOne(
    db,
    idRow,
    `INSERT INTO member (id, crew_id, name, name_key, sign_in_name, role, password_hash, units, demo)
     SELECT $1, $2, $3, $4, $5, $6, $7, coalesce($8, (SELECT defaults ->> 'units' FROM crew WHERE id = $2), 'metric'), $9 ${taken} RETURNING id`,
    [
      uuid(),
      crewId,
      member.name,
      nameKey(member.name),
      signInName,
      member.role,
      member.passwordHash,
      member.units ?? null,
      member.demo ?? false,
    ],
  );

/** Adds a member to a crew. @throws ConstraintError `member_name_in_crew` or, for a chosen one, `member_sign_in_name` when one is taken. */
export async function insertMember(
  db: Database,
  crewId: string,
  member: NewMember,
): Promise<string> {
  if (member.signInName)
    return (await tryInsert(db, crewId, member, signInKey(member.signInName), ''))!.id;
  for (;;) {
    const name = await freeSignInName(db, member.name);
    // Whoever is entered at the same time may take it first: then the next one that is free.
    const row = await tryInsert(db, crewId, member, name, 'ON CONFLICT (sign_in_name) DO NOTHING');
    if (row) return row.id;
  }
}

/** Who signs in by this name, with the hash of the password: for sign-in only. */
export async function memberBySignInName(
  db: Database,
  name: string,
): Promise<{ id: string; passwordHash: string } | null> {
  const row = await maybeOne(
    db,
    z.object({ id: z.uuid(), password_hash: z.string() }),
    'SELECT id, password_hash FROM member WHERE sign_in_name = $1 AND left_at IS NULL',
    [signInKey(name)],
  );
  return row && { id: row.id, passwordHash: row.password_hash };
}

/** Members of one crew, by name. */
export async function membersOfCrew(
  db: Database,
  crewId: string,
  cautionsVersion: number,
): Promise<Member[]> {
  return (
    await many(
      db,
      memberRow,
      `${MEMBER_SQL} WHERE m.crew_id = $2 AND m.left_at IS NULL ORDER BY m.name_key LIMIT 500`,
      [cautionsVersion, crewId],
    )
  ).map(memberOf);
}

/** People of the demo who may be stepped in as. */
export async function demoMembers(db: Database, cautionsVersion: number): Promise<Member[]> {
  return (
    await many(
      db,
      memberRow,
      `${MEMBER_SQL} WHERE m.demo AND m.left_at IS NULL ORDER BY m.id LIMIT 20`,
      [cautionsVersion],
    )
  ).map(memberOf);
}

/** One demo member, or null when there is none of that id or it is no demo member. */
export async function demoMember(db: Database, id: string): Promise<string | null> {
  return (
    (
      await maybeOne(
        db,
        idRow,
        'SELECT id FROM member WHERE id = $1 AND demo AND left_at IS NULL',
        [id],
      )
    )?.id ?? null
  );
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

const sessionRow = memberRow.extend({ rotated_at: z.date(), is_current: z.boolean() });
const OF_SESSION = `${MEMBER_SQL.replace('SELECT', 'SELECT s.rotated_at, s.token_hash = $2 AS is_current,')} JOIN session s ON s.member_id = m.id
     WHERE s.expires_at > now() AND m.left_at IS NULL AND (s.token_hash = $2 OR (s.previous_hash = $2 AND s.previous_until > now()))`;

/** The member of a session, by the hash of its token or of the one before within its grace. */
export async function memberOfSession(
  db: Database,
  tokenHash: Buffer,
  cautionsVersion: number,
): Promise<{ member: Member; rotatedAt: Date; isCurrent: boolean } | null> {
  const row = await maybeOne(
    db,
    sessionRow,
    OF_SESSION,
    [cautionsVersion, tokenHash],
    'member of session',
  );
  return row && { member: memberOf(row), rotatedAt: row.rotated_at, isCurrent: row.is_current };
}

/** A member of a crew held until the transaction ends. @throws NotFoundError when the crew has none of that id, or it left. */
export async function lockMember(
  db: Database,
  crewId: string,
  memberId: string,
): Promise<{ name: string; role: Role }> {
  // All leads of a crew are held in one order, so that two of them cannot take each other's role away at once.
  const rows = await many(
    db,
    z.object({ id: z.uuid(), name: z.string(), role: z.enum(ROLES) }),
    `SELECT id, name, role FROM member WHERE crew_id = $1 AND left_at IS NULL AND (id = $2 OR role = 'lead') ORDER BY id FOR UPDATE`,
    [crewId, memberId],
  );
  const found = rows.find((r) => r.id === memberId);
  if (!found) throw new NotFoundError();
  return found;
}

/** How many leads a crew has besides one member. */
export async function otherLeads(db: Database, crewId: string, memberId: string): Promise<number> {
  const row = await one(
    db,
    z.object({ n: z.number() }),
    `SELECT count(*)::int AS n FROM member WHERE crew_id = $1 AND left_at IS NULL AND role = 'lead' AND id <> $2`,
    [crewId, memberId],
  );
  return row.n;
}

/** Gives a member another role. Call inside a transaction, after `lockMember`. */
export async function setRole(
  db: Database,
  crewId: string,
  memberId: string,
  role: Role,
): Promise<void> {
  await db.query('UPDATE member SET role = $3 WHERE crew_id = $1 AND id = $2', [
    crewId,
    memberId,
    role,
  ]);
}

/** Sets a new password. */
export async function setPassword(
  db: Database,
  memberId: string,
  passwordHash: string,
): Promise<void> {
  await db.query('UPDATE member SET password_hash = $2 WHERE id = $1', [memberId, passwordHash]);
}

/** The hash of a member's password. @throws NotFoundError */
export async function passwordHashOf(db: Database, memberId: string): Promise<string> {
  const row = await one(
    db,
    z.object({ password_hash: z.string() }),
    'SELECT password_hash FROM member WHERE id = $1 AND left_at IS NULL',
    [memberId],
  );
  return row.password_hash;
}

/** Takes a member out of the crew; what was recorded by them keeps their name. Sessions, devices and feeds end. */
export async function markLeft(db: Database, crewId: string, memberId: string): Promise<void> {
  await db.query('UPDATE member SET left_at = now() WHERE crew_id = $1 AND id = $2', [
    crewId,
    memberId,
  ]);
  await db.query('DELETE FROM calendar_feed WHERE crew_id = $1 AND member_id = $2', [
    crewId,
    memberId,
  ]);
}

/** What a member signs in by. @throws NotFoundError */
export async function signInNameOf(db: Database, memberId: string): Promise<string> {
  const row = await one(
    db,
    z.object({ sign_in_name: z.string() }),
    'SELECT sign_in_name FROM member WHERE id = $1',
    [memberId],
  );
  return row.sign_in_name;
}

/** Whether the demo's people are there. */
export const anyDemo = async (db: Database): Promise<boolean> =>
  (await maybeOne(db, idRow, 'SELECT id FROM member WHERE demo LIMIT 1')) !== null;
