import { randomUUID } from 'node:crypto';
import pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeAudit } from '@/db/queries/crew-links';
import { allowApplication } from '@/db/roles';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let application: pg.Pool;
let crew: { crewId: string; memberId: string };
const name = `app_${randomUUID().slice(0, 8)}`;

beforeAll(async () => {
  db = await freshDatabase();
  const url = new URL(db.url);
  [url.username, url.password] = [name, "it's a secret"];
  // Twice, as at every start.
  await allowApplication(db.pool, url);
  await allowApplication(db.pool, url);
  application = new pg.Pool({ connectionString: url.href, max: 1 });
  crew = await crewWith(application, 'Yard');
});
afterAll(async () => {
  await application.end();
  await db.pool.query(`DROP OWNED BY ${name}`);
  await db.pool.query(`DROP ROLE ${name}`);
  await db.close();
});

describe('the role that the application connects by', () => {
  it('works on rows, and is no superuser', async () => {
    await writeAudit(application, {
      crewId: crew.crewId,
      by: crew.memberId,
      action: 'crew-founded',
    });
    const { rows } = await application.query(
      'SELECT rolsuper, rolcreatedb, rolcreaterole FROM pg_roles WHERE rolname = current_user',
    );
    expect(rows).toEqual([{ rolsuper: false, rolcreatedb: false, rolcreaterole: false }]);
  });
  it.each([
    'DROP TABLE plan',
    'ALTER TABLE gear_event DISABLE TRIGGER ALL',
    'CREATE TABLE mine (id int)',
    'TRUNCATE gear_event',
    'UPDATE gear_event SET at = now()',
    'DELETE FROM gear_event',
    'UPDATE road_check SET at = now()',
    'DELETE FROM road_check',
    "UPDATE drill_review SET grade = 'good'",
    'DELETE FROM drill_review',
    'UPDATE audit SET at = now()',
    'DELETE FROM audit',
    'DELETE FROM migration',
    `COPY plan TO PROGRAM 'cat'`,
    `SELECT pg_read_file('/etc/passwd')`,
  ])('may not: %s', async (sql) => {
    await expect(application.query(sql)).rejects.toThrow(
      /permission denied|must be owner|must be superuser/,
    );
  });
});
