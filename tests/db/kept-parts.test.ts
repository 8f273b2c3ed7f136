/** Kept decks and loads in the database: who read what, who saves first, and plans that took them. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { deckToKeep, loadToKeep, onKeptDeck } from '@/core/securement/kept/take';
import type { KeptDeck } from '@/core/securement/kept/schema';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import { partById, partFacts, partPage, partPageSql } from '@/db/queries/kept-parts';
import type { Member } from '@/db/queries/members';
import { insertPlan, planPage } from '@/db/queries/plans';
import { admitGear } from '@/server/gear';
import { changePart, keepPart, removePart } from '@/server/kept-parts';
import { freshDatabase, memberOf } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;
const bins = demoPlan('apple-bins');
const document = deckToKeep(bins);
const on = (day: string): Date => new Date(`${day}T10:00:00.000Z`);

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
});
afterAll(() => db.close());

const keep = (day = '2026-11-01') =>
  transaction((c) => keepPart(c, 'deck', ours, document, on(day)), pool);
const change = (
  id: string,
  version: number,
  changed: KeptDeck,
  day: string,
  who: Member = { ...ours, name: 'Wren' },
) => transaction((c) => changePart(c, 'deck', who, id, version, changed, on(day)), pool);
const withRating = (i: number, wllN: number | null): KeptDeck => ({
  ...document,
  deck: {
    ...document.deck,
    anchors: document.deck.anchors.map((a, k) =>
      k === i
        ? { ...a, rating: wllN === null ? { state: 'unrated' } : { state: 'rated', wllN } }
        : a,
    ),
  },
});
const verdictOf = async (planId: string): Promise<string> =>
  (await planPage(pool, ours.crewId, { search: '', sort: 'changed', after: null })).plans.find(
    (p) => p.id === planId,
  )!.verdict;

describe('a deck that is kept', () => {
  it('says of each anchor who read it first and when; only what is read anew is dated anew', async () => {
    const { id, version, readings } = await keep();
    const [first, second] = document.deck.anchors;
    expect(readings[first!.id]).toEqual({ on: '2026-11-01', by: 'Ours' });
    const changed = await change(id, version, withRating(0, 1234), '2026-11-20');
    expect(changed.readings[first!.id]).toEqual({ on: '2026-11-20', by: 'Wren' });
    expect(changed.readings[second!.id]).toEqual({ on: '2026-11-01', by: 'Ours' });
    const unread = await change(id, changed.version, withRating(0, null), '2026-11-21');
    expect(unread.readings[first!.id]).toBeUndefined();
  });
  it('is saved by whoever saw it last; the second gets the first one’s', async () => {
    const { id } = await keep();
    expect((await change(id, 1, withRating(0, 5), '2026-11-02')).version).toBe(2);
    const conflict = await change(id, 1, withRating(0, 6), '2026-11-02').catch((e: unknown) => e);
    expect(conflict).toBeInstanceOf(ConflictError);
    expect((conflict as ConflictError<{ version: number }>).current.version).toBe(2);
  });
  it('is the crew’s alone', async () => {
    const { id } = await keep();
    await expect(partById(pool, 'deck', theirs.crewId, id)).rejects.toBeInstanceOf(NotFoundError);
    await expect(partById(pool, 'load', ours.crewId, id)).rejects.toBeInstanceOf(NotFoundError);
    await expect(change(id, 1, document, '2026-11-02', theirs)).rejects.toBeInstanceOf(
      NotFoundError,
    );
    expect(await partFacts(pool, theirs.crewId, [id])).toEqual([]);
    const foreign = await transaction(
      (c) => admitGear(c, theirs.crewId, onKeptDeck(bins, { id, version: 1 }, document), null),
      pool,
    );
    expect(foreign.deck.keptAs).toBeNull();
  });
  it('that is found worse, or taken away, judges the plans on it anew in the same breath', async () => {
    const { id } = await keep();
    const plan = onKeptDeck(bins, { id, version: 1 }, document);
    const { id: planId } = await transaction(
      (c) => insertPlan(c, ours.crewId, ours.id, plan),
      pool,
    );
    expect(await verdictOf(planId)).toBe('holds');
    const used = bins.lines
      .flatMap((l) => l.elements)
      .flatMap((e) => (e.kind === 'anchor' && e.at.on === 'deck' ? [e.at.anchorId] : []))[0];
    const at = document.deck.anchors.findIndex((a) => a.id === used);
    const { version } = await change(id, 1, withRating(at, 10), '2026-11-03');
    expect(await verdictOf(planId)).toBe('cannot-say');
    await change(id, version, document, '2026-11-04');
    expect(await verdictOf(planId)).toBe('holds');
    await transaction((c) => removePart(c, 'deck', ours, id, true), pool);
    expect(await verdictOf(planId)).toBe('cannot-say');
    await transaction((c) => removePart(c, 'deck', ours, id, false), pool);
    expect(await verdictOf(planId)).toBe('holds');
  });
});

describe('loads that are kept', () => {
  it('are listed by name, page by page, by an index', async () => {
    const load = loadToKeep(bins.units[0]!);
    for (let i = 0; i < 65; i++)
      await transaction(
        (c) =>
          keepPart(
            c,
            'load',
            ours,
            { ...load, title: `load ${String((i * 37) % 65).padStart(2, '0')}` },
            on('2026-11-01'),
          ),
        pool,
      );
    const seen: string[] = [];
    let after: readonly [string, string] | null = null;
    do {
      const page = await partPage(pool, 'load', ours.crewId, { search: '', after });
      seen.push(...page.parts.map((p) => p.title));
      after = page.next;
    } while (after);
    expect(seen).toEqual(
      Array.from({ length: 65 }, (_, i) => `load ${String(i).padStart(2, '0')}`),
    );
    const found = await partPage(pool, 'load', ours.crewId, { search: 'AD 6', after: null });
    expect(found.parts.map((p) => p.title)).toEqual([
      'load 60',
      'load 61',
      'load 62',
      'load 63',
      'load 64',
    ]);
    const client = await pool.connect();
    try {
      await client.query('BEGIN; SET LOCAL enable_seqscan = off');
      const { rows } = await client.query(`EXPLAIN ${partPageSql({ search: '', after: null })}`, [
        ours.crewId,
        'load',
        null,
        null,
        null,
      ]);
      expect(JSON.stringify(rows)).toContain('kept_part_by_title');
    } finally {
      await client.query('ROLLBACK');
      client.release();
    }
  });
});
