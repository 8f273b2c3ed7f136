/** A backup of the demo, with everything that is only ever added to, comes back row for row, and into nothing that is not empty. */
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import pg from 'pg';
import { v7 as uuid } from 'uuid';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { BackupError, backUp, restore } from '@/db/backup/backup';
import { contentsOf, unlike } from '@/db/backup/contents';
import { transaction } from '@/db/pool';
import { loadDemo } from '../../scripts/lib/demo';
import { freshDatabase } from '../support/database';

/** PostgreSQL's programs as Debian keeps them, of the newest server here. */
const ROOT = '/usr/lib/postgresql';
const bin = `${ROOT}/${readdirSync(ROOT)
  .toSorted((a, b) => Number(a) - Number(b))
  .at(-1)}/bin`;
const NOW = new Date('2026-11-30T10:00:00.000Z');
let db: Awaited<ReturnType<typeof freshDatabase>>;
let folder: string;
let file: string;

/** An empty database beside the others. */
async function empty(): Promise<string> {
  const url = new URL(db.url);
  url.pathname = `/r_${uuid().replaceAll('-', '')}`;
  await db.pool.query(`CREATE DATABASE ${url.pathname.slice(1)}`);
  return url.href;
}
async function held(url: string) {
  const client = new pg.Client({ connectionString: url });
  await client.connect();
  const contents = await contentsOf(client);
  await client.end();
  return contents;
}

beforeAll(async () => {
  db = await freshDatabase();
  await transaction((c) => loadDemo(c), db.pool);
  folder = mkdtempSync(path.join(tmpdir(), 'backup-'));
  file = await backUp(db.url, folder, bin, NOW);
});
afterAll(async () => {
  rmSync(folder, { recursive: true, force: true });
  await db.close();
});

describe('a backup', () => {
  it('says of every table how many rows it held; what changes afterwards is not in it', async () => {
    expect(path.basename(file)).toBe('vast-cleat-2026-11-30T1000.dump');
    const { tables } = JSON.parse(readFileSync(`${file}.json`, 'utf8')) as {
      tables: Record<string, { rows: number }>;
    };
    for (const table of [
      'plan',
      'gear',
      'gear_event',
      'sign_off',
      'drill_review',
      'kept_part',
      'log_photo',
    ])
      expect(tables[table]!.rows, table).toBeGreaterThan(0);
    expect(await held(db.url)).toEqual(tables);
    await db.pool.query(
      "UPDATE plan SET title = title || '!' WHERE id = (SELECT min(id::text)::uuid FROM plan)",
    );
    expect(unlike(tables as never, await held(db.url))).toEqual(['plan']);
  });
  it('comes back into an empty database row for row, rules and indexes with it; into another it does not', async () => {
    const into = await empty();
    const contents = await restore(into, file, bin);
    const { tables } = JSON.parse(readFileSync(`${file}.json`, 'utf8')) as { tables: unknown };
    expect(contents).toEqual(tables);
    const client = new pg.Client({ connectionString: into });
    await client.connect();
    await expect(client.query('DELETE FROM sign_off')).rejects.toThrow();
    const { rows } = await client.query(
      "SELECT 1 FROM pg_indexes WHERE indexname = 'gear_by_words'",
    );
    expect(rows).toHaveLength(1);
    await client.end();
    await expect(restore(into, file, bin)).rejects.toThrow(/not empty/);
    expect(await held(into)).toEqual(tables);
  });
  it('of a newer program, without its manifest, or not as it was is refused', async () => {
    const text = readFileSync(`${file}.json`, 'utf8');
    const into = await empty();
    const tries = async (manifest: string | null): Promise<unknown> => {
      if (manifest === null) rmSync(`${file}.json`);
      else writeFileSync(`${file}.json`, manifest);
      return restore(into, file, bin).then(
        () => null,
        (error: unknown) => error,
      );
    };
    const newer = text.replace(/"migration": "[^"]+"/, '"migration": "9999_from_the_future"');
    for (const [manifest, words] of [
      [newer, /newer version/],
      ['{}', /no manifest/],
      [null, /there is no/],
    ] as const) {
      const error = await tries(manifest);
      expect(error).toBeInstanceOf(BackupError);
      expect(String(error)).toMatch(words);
      expect(await held(into)).toEqual({});
    }
    const changed = await tries(text.replace(/"plan": {\s+"rows": \d+/, '"plan": {"rows": 1'));
    expect(String(changed)).toMatch(/Unlike: plan\./);
    writeFileSync(`${file}.json`, text);
  });
});
