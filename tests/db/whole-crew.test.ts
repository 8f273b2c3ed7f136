/** A crew leaves with everything that is its own: first as a copy, then for good; nobody else loses anything. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { loadDemo } from '../../scripts/lib/demo';
import { pool as ownPool, transaction } from '@/db/pool';
import { CREW_TABLES, deleteCrew, wholeCrew } from '@/db/queries/whole-crew';
import { endThreads } from '@/server/jobs/pool';
import { freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
const crews = new Map<string, string>();

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  process.env['DATABASE_URL'] = db.url;
  await transaction((c) => loadDemo(c), pool);
  const { rows } = await pool.query<{ id: string; name: string }>('SELECT id, name FROM crew');
  for (const { id, name } of rows) crews.set(name, id);
});
afterAll(async () => {
  await endThreads();
  await ownPool().end();
  await db.close();
});

/** Rows of each table that are of a crew: by its id, or by that of one of its people. */
async function rowsOf(crewId: string): Promise<Record<string, number>> {
  const { rows: tables } = await pool.query<{ name: string; by: string }>(
    `SELECT DISTINCT ON (c.table_name) c.table_name AS name, c.column_name AS by FROM information_schema.columns c
     JOIN pg_class k ON k.relname = c.table_name AND k.relnamespace = 'public'::regnamespace AND NOT k.relispartition
     WHERE c.table_schema = 'public' AND c.column_name IN ('crew_id', 'member_id') ORDER BY c.table_name, c.column_name`,
  );
  const counts: Record<string, number> = {};
  for (const { name, by } of tables) {
    const of =
      by === 'crew_id' ? 'crew_id = $1' : 'member_id IN (SELECT id FROM member WHERE crew_id = $1)';
    const { rows } = await pool.query<{ n: number }>(
      `SELECT count(*)::int AS n FROM ${name} WHERE ${of}`,
      [crewId],
    );
    counts[name] = rows[0]!.n;
  }
  return counts;
}
const total = (counts: Record<string, number>): number =>
  Object.values(counts).reduce((a, b) => a + b, 0);

describe('a crew', () => {
  it('is copied whole: every table that has something of it, pictures too, and no secret', async () => {
    const id = crews.get('Haulage')!;
    let text = '';
    for await (const part of wholeCrew(id, new Date())) text += part;
    const { tables } = JSON.parse(text) as { tables: Record<string, Record<string, unknown>[]> };
    const counts = await rowsOf(id);
    // What only follows from something else, or is of the moment, is not copied.
    const derived = ['log_link', 'log_line', 'plan_gear', 'plan_part', 'drill_memory', 'receipt'];
    const momentary = ['session', 'stream', 'known_device', 'caution_acknowledgement'];
    for (const [name, n] of Object.entries(counts))
      if (![...derived, ...momentary].includes(name))
        expect([name, tables[name]?.length ?? 0]).toEqual([name, n]);
    expect(Object.keys(tables)).toEqual(Object.keys(CREW_TABLES));
    expect(tables['log_photo']!.length).toBeGreaterThan(0);
    const jpeg = Buffer.from(String(tables['log_photo']![0]!['jpeg']), 'base64');
    expect(jpeg.subarray(0, 3).toString('hex')).toBe('ffd8ff');
    expect(text).not.toContain('argon2');
    expect(text).not.toMatch(/"(password|token)_hash"/);
    expect(tables['crew']).toHaveLength(1);
  });
  it('is deleted whole, and the others keep all of theirs', async () => {
    const [gone, stays] = [crews.get('Haulage')!, crews.get('Orchard')!];
    const before = await rowsOf(stays);
    expect(total(await rowsOf(gone))).toBeGreaterThan(1000);
    await deleteCrew(gone, pool);
    expect(total(await rowsOf(gone))).toBe(0);
    expect(await rowsOf(stays)).toEqual(before);
    const { rows } = await pool.query('SELECT 1 FROM crew WHERE id = $1', [gone]);
    expect(rows).toEqual([]);
  });
  it('what is only added to still cannot be deleted otherwise, whatever somebody says of a crew', async () => {
    const client = await pool.connect();
    const stays = crews.get('Orchard')!;
    try {
      await client.query('BEGIN');
      await client.query(`CREATE ROLE pretender LOGIN`);
      await client.query('GRANT SELECT, DELETE ON log_entry, gear_event TO pretender');
      await client.query('SET LOCAL ROLE pretender');
      await client.query(`SELECT set_config('vast_cleat.leaving', $1, true)`, [stays]);
      await expect(
        client.query('DELETE FROM gear_event WHERE crew_id = $1', [stays]),
      ).rejects.toThrow('append-only');
    } finally {
      await client.query('ROLLBACK');
      client.release();
    }
  });
});
