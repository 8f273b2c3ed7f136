import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { DRILL_IDS } from '@/core/training/schedule/drill-ids';
import { askedFromMs, GRADES, memoryOf } from '@/core/training/schedule/memory';
import { METRIC, UNITS } from '@/core/units';
import {
  addReview,
  COUNTS_SQL,
  type Learner,
  memoriesOf,
  NEXT_SQL,
  reviewPage,
  reviewPageSql,
} from '@/db/queries/drills';
import type { MarkBody } from '@/server/api/drill-schemas';
import { type Marked, markOf } from '@/server/drills/marks';
import { chanceOf } from '@/core/chance';
import { numberFor } from '@/server/drills/numbers';
import { TYINGS_SQL } from '@/db/queries/tyings';
import type { Asked } from '@/server/drills/question';
import { keepTying } from '@/server/drills/tying';
import { nextAsked, review, today } from '@/server/drills/today';
import { crewWith, freshDatabase } from '../support/database';

let db: Awaited<ReturnType<typeof freshDatabase>>;
beforeAll(async () => {
  db = await freshDatabase();
  process.env['DATABASE_URL'] = db.url;
});
afterAll(() => db.close());

const learner = async (name: string): Promise<Learner> => {
  const { crewId, memberId } = await crewWith(db.pool, name, 'trainee');
  return { crewId, id: memberId };
};
type MarkedAs<A extends Marked['ask']> = Extract<Marked, { readonly ask: A }>;
const chance = chanceOf(2026);
const START = new Date('2026-06-01T07:00:00Z');
const later = (ms: number): Date => new Date(START.getTime() + ms);
const MINUTE = 60_000;

/** An answer to some question of a drill: right by chance, as the pick is. */
const named = (drill: 'name/overhand/plain', pick: 'overhand' | 'reef') => ({
  answer: { ask: 'name' as const, number: numberFor(drill, chance), pick },
  tookMs: 1500,
});

/** The right answer to a question, as marking any other tells it. */
async function rightAnswer(asked: Asked): Promise<MarkBody> {
  const { number } = asked;
  switch (asked.ask) {
    case 'name': {
      const { marked } = await markOf({ ask: 'name', number, pick: 'reef' });
      return { ask: 'name', number, pick: (marked as MarkedAs<'name'>).entry };
    }
    case 'look': {
      const { marked } = await markOf({ ask: 'look', number, says: 'right' });
      return { ask: 'look', number, says: (marked as MarkedAs<'look'>).answer };
    }
    case 'order': {
      const { marked } = await markOf({ ask: 'order', number, order: [0] });
      return { ask: 'order', number, order: [...(marked as MarkedAs<'order'>).order] };
    }
    case 'choose': {
      const { marked } = await markOf({ ask: 'choose', number, pick: 'reef' });
      return { ask: 'choose', number, pick: (marked as MarkedAs<'choose'>).right };
    }
    case 'read': {
      const { marked } = await markOf({ ask: 'read', number, says: 'sound' });
      return { ask: 'read', number, says: (marked as MarkedAs<'read'>).answer };
    }
    case 'govern': {
      const { marked } = await markOf({ ask: 'govern', number, says: 'friction' });
      return { ask: 'govern', number, says: (marked as MarkedAs<'govern'>).answer };
    }
    case 'inspect': {
      const { marked } = await markOf({
        ask: 'inspect',
        number,
        place: 'none',
        decision: 'goes-on',
      });
      const { places, decision } = marked as MarkedAs<'inspect'>;
      return { ask: 'inspect', number, place: places[0]!, decision };
    }
    case 'reckon': {
      const given = { ask: 'reckon', number, kind: asked.kind, unit: asked.unit } as const;
      const { marked } = await markOf({ ...given, typed: '1' });
      const { right } = marked as MarkedAs<'reckon'>;
      return { ...given, typed: String(right / UNITS[asked.unit].si) };
    }
  }
}

describe('answers that are kept', () => {
  it('add up to what the memory says: the copy is the history folded, whatever came in which order', async () => {
    const who = await learner('Folded');
    let at = START;
    for (const pick of ['overhand', 'reef', 'overhand', 'overhand', 'reef', 'overhand'] as const) {
      const { dueAt, kept } = await review(who, named('name/overhand/plain', pick), at);
      expect(kept).toBe(true);
      at = new Date(new Date(dueAt!).getTime() + 3 * MINUTE);
    }
    const { reviews } = await reviewPage(db.pool, who.id, null);
    const history = reviews
      .toReversed()
      .map(({ grade, at: iso }) => ({ grade, atMs: new Date(iso).getTime() }));
    const [kept] = await memoriesOf(db.pool, who.id);
    expect(kept!.memory).toEqual(memoryOf(history));
    const { rows } = await db.pool.query(
      'SELECT asked_from FROM drill_memory WHERE member_id = $1',
      [who.id],
    );
    expect((rows[0] as { asked_from: Date }).asked_from.getTime()).toBe(askedFromMs(kept!.memory));
    expect(reviews[1]!.instead).toBe('reef');
  });
  it('many at once, of one drill and of several, lose none; the same question twice counts once', async () => {
    const who = await learner('At once');
    const bodies = Array.from({ length: 12 }, (_, i) =>
      named('name/overhand/plain', i % 3 ? 'overhand' : 'reef'),
    );
    await Promise.all([...bodies, ...bodies].map((b) => review(who, b, later(0))));
    const { reviews } = await reviewPage(db.pool, who.id, null);
    expect(reviews).toHaveLength(12);
    expect((await memoriesOf(db.pool, who.id))[0]!.memory.reviews).toBe(12);
  });
  it('are never changed, nor taken away', async () => {
    for (const sql of [
      "UPDATE drill_review SET grade = 'good'",
      'DELETE FROM drill_review',
      'TRUNCATE drill_review',
    ])
      await expect(db.pool.query(sql), sql).rejects.toThrow();
  });
  it('page by key, newest first, each once', async () => {
    const who = await learner('Pages');
    for (let i = 0; i < 75; i++)
      await addReview(db.pool, who, {
        drill: DRILL_IDS[i % 9]!,
        number: i + 1,
        grade: GRADES[i % 3]!,
        instead: null,
        tookMs: null,
        at: later(Math.floor(i / 2) * 1000),
      });
    const seen: number[] = [];
    let after: readonly [string, string] | null = null;
    do {
      const page: Awaited<ReturnType<typeof reviewPage>> = await reviewPage(db.pool, who.id, after);
      seen.push(...page.reviews.map((r) => r.number));
      after = page.next;
    } while (after);
    expect(new Set(seen).size).toBe(75);
    expect(seen).toHaveLength(75);
  });
});

describe('what was tied with real rope', () => {
  it('is kept as it was, the oldest first, and never changed; what waited says when it was, never later than now', async () => {
    const who = await learner('Tied');
    const tie = (tookMs: number, right: boolean, madeAt: string | null, now: Date) =>
      keepTying(
        db.pool,
        who,
        { skill: 'bowline/facing-away', under: 'gloves', tookMs, points: [true, right], madeAt },
        now,
      );
    await tie(12_000, true, null, later(1000));
    await tie(9000, true, later(9e9).toISOString(), later(2000));
    // It waited on a device: it was first.
    const { by, next } = await tie(20_000, false, START.toISOString(), later(3000));
    expect(by).toEqual([
      { under: 'gloves', tied: 3, fumbled: 1, running: 2, bestMs: 9000, typicalMs: 12_000 },
    ]);
    expect(next).toBe('on-a-bar');
    await expect(
      keepTying(
        db.pool,
        who,
        {
          skill: 'bowline/facing-away',
          under: 'gloves',
          tookMs: 900,
          points: [true],
          madeAt: null,
        },
        START,
      ),
    ).rejects.toMatchObject({ issues: [{ code: 'points-count' }] });
    for (const sql of ['UPDATE tying SET took_ms = 1', 'DELETE FROM tying', 'TRUNCATE tying'])
      await expect(db.pool.query(sql), sql).rejects.toThrow();
  });
});

describe('what is asked of somebody', () => {
  it('begins with what is taught first; after a day’s new things and their short steps it is enough', async () => {
    const who = await learner('First day');
    const seen: string[] = [];
    let at = START;
    for (let i = 0; i < 60; i++) {
      const { asked } = await nextAsked(db.pool, who, METRIC, at, chance);
      if (!asked) break;
      const answer = await rightAnswer(asked);
      await review(who, { answer, tookMs: null }, at);
      const { reviews } = await reviewPage(db.pool, who.id, null);
      seen.push(reviews[0]!.drill);
      at = new Date(at.getTime() + MINUTE);
    }
    expect(seen.slice(0, 3)).toEqual(DRILL_IDS.slice(0, 3));
    expect(new Set(seen).size).toBe(6);
    const stood = await today(db.pool, who, at);
    expect(stood).toMatchObject({ fresh: 0, begun: 6, answeredToday: seen.length });
    expect(stood.forecast.slice(1).every((n) => n > 5)).toBe(true);
  });
  it('what keeps slipping is named', async () => {
    const who = await learner('Slips');
    let at = START;
    for (let i = 0; i < 24; i++) {
      const { dueAt } = await review(
        who,
        named('name/overhand/plain', i % 4 === 3 ? 'reef' : 'overhand'),
        at,
      );
      at = new Date(new Date(dueAt!).getTime() + MINUTE);
    }
    const { leeches } = await today(db.pool, who, at);
    expect(leeches).toEqual([
      {
        drill: 'name/overhand/plain',
        title: 'Overhand knot (plain): known by its looks',
        lapses: expect.any(Number),
        href: '/knots/overhand?form=plain',
      },
    ]);
    expect(leeches[0]!.lapses).toBeGreaterThanOrEqual(5);
  });
  it('every query goes by an index', async () => {
    const who = await learner('Indexed');
    const client = await db.pool.connect();
    try {
      await client.query('SET enable_seqscan = off');
      for (const [sql, values] of [
        [NEXT_SQL, [who.id]],
        [COUNTS_SQL, [who.id, START, START]],
        [reviewPageSql(31), [who.id, null, null]],
        [TYINGS_SQL, [who.id, 'bowline/facing-away']],
      ] as const) {
        const { rows } = await client.query<{ 'QUERY PLAN': string }>(`EXPLAIN ${sql}`, [
          ...values,
        ]);
        expect(rows.map((r) => r['QUERY PLAN']).join('\n')).not.toContain('Seq Scan');
      }
    } finally {
      client.release();
    }
  });
});
