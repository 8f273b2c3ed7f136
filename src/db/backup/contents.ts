import pg from 'pg';
import { z } from 'zod';

/** What a database holds: of each table how many rows, and a sum of their hashes that does not depend on their order. */
export type Contents = Readonly<Record<string, { readonly rows: number; readonly sum: string }>>;

const named = z.object({ name: z.string() });
const counted = z.object({ rows: z.number(), sum: z.string() });

/** Rows are compared as text: times in one zone, figures with all their digits. */
const SETTINGS = "SET TIME ZONE 'UTC'; SET extra_float_digits = 1; SET datestyle = 'ISO'";

/** What there is in the database of a connection, as it sees it. */
export async function contentsOf(client: pg.ClientBase): Promise<Contents> {
  await client.query(SETTINGS);
  const { rows } = await client.query(
    "SELECT tablename AS name FROM pg_tables WHERE schemaname = 'public' ORDER BY tablename",
  );
  const contents: Record<string, z.infer<typeof counted>> = {};
  for (const { name } of rows.map((r) => named.parse(r))) {
    const found = await client.query(
      `SELECT count(*)::int AS rows, coalesce(sum(('x' || substr(md5(t::text), 1, 15))::bit(60)::bigint), 0)::text AS sum
       FROM public.${pg.escapeIdentifier(name)} AS t`,
    );
    contents[name] = counted.parse(found.rows[0]);
  }
  return contents;
}

/** The newest migration that a database has; null where it has none, or is empty. */
export async function newestMigration(client: pg.ClientBase): Promise<string | null> {
  const { rows: there } = await client.query("SELECT to_regclass('public.migration') AS at");
  if ((there[0] as { at: unknown }).at === null) return null;
  const { rows } = await client.query('SELECT name FROM migration ORDER BY name DESC LIMIT 1');
  return rows[0] ? named.parse(rows[0]).name : null;
}

/** Tables whose rows are not the same in two databases. */
export function unlike(a: Contents, b: Contents): string[] {
  const names = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...names].filter((n) => a[n]?.rows !== b[n]?.rows || a[n]?.sum !== b[n]?.sum).toSorted();
}
