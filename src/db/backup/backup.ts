import { execFile } from 'node:child_process';
import { mkdir, readdir, readFile, rename, writeFile } from 'node:fs/promises';
import path from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import pg from 'pg';
import { z } from 'zod';
import { type Contents, contentsOf, newestMigration, unlike } from './contents';

const run = promisify(execFile);
const MIGRATIONS = fileURLToPath(new URL('../migrations', import.meta.url));

/** What is told of a backup beside it. `migration`: the newest that its database had. */
const manifestSchema = z.object({
  format: z.literal('vast-cleat/backup'),
  version: z.literal(1),
  madeAt: z.iso.datetime(),
  migration: z.string(),
  tables: z.record(z.string(), z.object({ rows: z.number(), sum: z.string() })),
});
export type Manifest = z.infer<typeof manifestSchema>;

/** A backup or a restore that was refused, or did not come out right; nothing was changed unless it says so. */
export class BackupError extends Error {}

const manifestOf = (file: string): string => `${file}.json`;

async function connected<T>(url: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

/**
 * Writes a database to a file of `pg_dump`'s own format and, beside it, what it holds; both of one moment. Neither stands under its
 * name before both are whole. @param bin folder of PostgreSQL's programs @returns the file
 * @throws BackupError for a database that is none of ours
 */
export async function backUp(url: string, folder: string, bin: string, now: Date): Promise<string> {
  await mkdir(folder, { recursive: true, mode: 0o700 });
  const stamp = now.toISOString().replace(/[:.]/g, '').slice(0, 15);
  const file = path.join(folder, `vast-cleat-${stamp}.dump`);
  await connected(url, async (client) => {
    await client.query('BEGIN ISOLATION LEVEL REPEATABLE READ READ ONLY');
    const migration = await newestMigration(client);
    if (migration === null)
      throw new BackupError('This database is empty: there is nothing to keep.');
    const { rows } = await client.query('SELECT pg_export_snapshot() AS id');
    const snapshot = (rows[0] as { id: string }).id;
    await run(`${bin}/pg_dump`, [
      '--format=custom',
      '--no-owner',
      '--no-privileges',
      `--snapshot=${snapshot}`,
      `--file=${file}.part`,
      `--dbname=${url}`,
    ]);
    const tables = await contentsOf(client);
    const manifest: Manifest = {
      format: 'vast-cleat/backup',
      version: 1,
      madeAt: now.toISOString(),
      migration,
      tables,
    };
    await writeFile(manifestOf(file), `${JSON.stringify(manifest, null, 1)}\n`, { mode: 0o600 });
  });
  await run(`${bin}/pg_restore`, ['--list', `${file}.part`]);
  await rename(`${file}.part`, file);
  return file;
}

/** The manifest of a backup. @throws BackupError where there is none that can be read, or a newer program made it */
async function readManifest(file: string): Promise<Manifest> {
  const text = await readFile(manifestOf(file), 'utf8').catch(() => null);
  if (text === null) throw new BackupError(`Beside ${file} there is no ${manifestOf(file)}.`);
  const read = z
    .preprocess((t) => JSON.parse(t as string) as unknown, manifestSchema)
    .safeParse(text);
  if (!read.success) throw new BackupError(`${manifestOf(file)} is no manifest of a backup.`);
  const known = (await readdir(MIGRATIONS)).map((m) => m.replace(/\.sql$/, ''));
  if (!known.includes(read.data.migration))
    throw new BackupError(
      `${file} was made by a newer version of this program (${read.data.migration}). Bring the program up to date first.`,
    );
  return read.data;
}

/**
 * Puts a backup into an empty database, all of it or nothing, and compares every table with what the backup says it held.
 * @returns what is there now
 * @throws BackupError where the database is not empty, a newer program made the backup, or a table came out otherwise
 */
export async function restore(url: string, file: string, bin: string): Promise<Contents> {
  const { tables } = await readManifest(file);
  const before = await connected(url, contentsOf);
  if (Object.keys(before).length > 0)
    throw new BackupError('The database is not empty. Restore goes into an empty one only.');
  await run(`${bin}/pg_restore`, [
    '--exit-on-error',
    '--single-transaction',
    '--no-owner',
    '--no-privileges',
    `--dbname=${url}`,
    file,
  ]);
  const after = await connected(url, contentsOf);
  const wrong = unlike(tables, after);
  if (wrong.length > 0)
    throw new BackupError(`What came back is not what was kept. Unlike: ${wrong.join(', ')}.`);
  return after;
}
