import pg from 'pg';
import { type Database, WAITS } from './pool';

/** What is only ever added to: the application may not even try to change it. */
const APPEND_ONLY = [
  'gear_event',
  'road_check',
  'drill_review',
  'tying',
  'sign_off',
  'sign_off_revocation',
  'talk_record',
  'log_entry',
  'log_link',
  'log_line',
  'log_photo',
  'audit',
];

/**
 * Makes the role the application connects by: it reads and writes rows, but owns nothing and changes no structure.
 * Run by a role that may make roles, after every migration. `url`: the application's address, with its name and password.
 */
export async function allowApplication(db: Database, url: URL): Promise<void> {
  const name = pg.escapeIdentifier(url.username);
  const secret = pg.escapeLiteral(decodeURIComponent(url.password));
  const known = await db.query('SELECT 1 FROM pg_roles WHERE rolname = $1', [url.username]);
  const rights = 'LOGIN NOSUPERUSER NOCREATEDB NOCREATEROLE NOREPLICATION';
  await db.query(
    `${known.rowCount ? 'ALTER' : 'CREATE'} ROLE ${name} WITH ${rights} PASSWORD ${secret}`,
  );
  // A pooler between would not let it be said of each connection.
  for (const [what, ms] of Object.entries(WAITS))
    await db.query(`ALTER ROLE ${name} SET ${what} = ${Math.round(ms)}`);
  await db.query(`GRANT SELECT, INSERT, UPDATE, DELETE ON ALL TABLES IN SCHEMA public TO ${name}`);
  await db.query(`REVOKE INSERT, UPDATE, DELETE ON migration FROM ${name}`);
  // Months of the log are reached through the log alone.
  const { rows } = await db.query<{ month: string }>(
    `SELECT inhrelid::regclass::text AS month FROM pg_inherits WHERE inhparent = 'log_entry'::regclass`,
  );
  const months = rows.map((r) => r.month);
  if (months.length > 0) await db.query(`REVOKE ALL ON ${months.join(', ')} FROM ${name}`);
  await db.query(`REVOKE UPDATE, DELETE ON ${APPEND_ONLY.join(', ')} FROM ${name}`);
}
