import pg from 'pg';
import { v7 as uuid } from 'uuid';
import { strengthSchema } from '@/core/securement/schema';
import { migrate } from '@/db/migrate';
import { insertCrew } from '@/db/queries/crews';
import { insertMember, type Member, type Role, ROLES } from '@/db/queries/members';

/** A fresh, migrated database for one test file. It goes with the throw-away cluster. */
export async function freshDatabase(): Promise<{
  pool: pg.Pool;
  url: string;
  close: () => Promise<void>;
}> {
  const base = process.env['DATABASE_URL'];
  if (!base) throw new Error('DATABASE_URL is not set: run through npm test');
  const name = `t_${uuid().replaceAll('-', '')}`;
  const admin = new pg.Pool({ connectionString: base, max: 1 });
  await admin.query(`CREATE DATABASE ${name}`);
  const url = new URL(base);
  url.pathname = `/${name}`;
  await migrate(url.href);
  const pool = new pg.Pool({ connectionString: url.href, max: 5 });
  return {
    pool,
    url: url.href,
    close: async () => {
      await pool.end();
      await admin.end();
    },
  };
}

/** A crew with one lead, as the server knows who asks. */
export async function memberOf(pool: pg.Pool, name: string): Promise<Member> {
  const { crewId, memberId } = await crewWith(pool, name);
  return { crewId, id: memberId, name, role: 'lead' } as unknown as Member;
}

/** A crew with one member of a role. */
export async function crewWith(
  pool: pg.Pool,
  name: string,
  role: Role = 'lead',
): Promise<{ crewId: string; memberId: string }> {
  const crewId = await insertCrew(pool, { name, strength: strengthSchema.parse({}) });
  return {
    crewId,
    memberId: await insertMember(pool, crewId, {
      name: `${name} ${role}`,
      role,
      passwordHash: 'x',
    }),
  };
}

/** A crew with one member of each role, by role; all have the same password. */
export async function crewOfRoles(
  pool: pg.Pool,
  name: string,
  passwordHash: string,
): Promise<Record<Role, Member>> {
  const { crewId } = await crewWith(pool, name);
  const people = await Promise.all(
    ROLES.map(async (role) => {
      const signInName = `${name}.one.${role}`.toLowerCase();
      const called = `${name} one ${role}`;
      const id = await insertMember(pool, crewId, { name: called, role, passwordHash, signInName });
      return [role, { id, crewId, crewName: name, role, signInName, name: called }] as const;
    }),
  );
  return Object.fromEntries(people) as unknown as Record<Role, Member>;
}
