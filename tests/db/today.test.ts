/** What is due to a crew: its own loads, gear and sign-offs, each where it stands to now; another crew's are never among them. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { NotFoundError } from '@/db/pool';
import { GOING_OUT_SQL, ON_THE_ROAD_SQL, setGoesOut } from '@/db/queries/going-out';
import { insertMember, type Member } from '@/db/queries/members';
import { insertPlan, planById } from '@/db/queries/plans';
import { addSignOff } from '@/db/queries/sign-offs';
import { API } from '@/server/api/endpoints';
import { keepCheckDue } from '@/db/queries/road-checks';
import { dueToday } from '@/server/today';
import { freshDatabase, memberOf } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;
const NOW = new Date('2026-11-30T10:00:00.000Z');
const inHours = (h: number): string => new Date(NOW.getTime() + h * 3_600_000).toISOString();

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
});
afterAll(() => db.close());

const plan = async (who: Member, title: string): Promise<string> =>
  (await insertPlan(pool, who.crewId, who.id, { ...demoPlan('apple-bins'), title })).id;
const loads = async (who: Member) => {
  const { overdue, soon, later } = await dueToday(pool, who, NOW);
  return [overdue, soon, later].map((part) =>
    part.flatMap((d) =>
      d.kind === 'going-out' || d.kind === 'check' ? [`${d.kind} ${d.title}`] : [],
    ),
  );
};

describe('loads of a day', () => {
  it('go out, are on the road, or are late; whose plan it is not cannot say so, and its version stays', async () => {
    const [late, today, next, gone, far] = await Promise.all(
      ['late', 'today', 'next', 'gone', 'far'].map((t) => plan(ours, t)),
    );
    const foreign = await plan(theirs, 'foreign');
    for (const [id, hours] of [
      [late, -2],
      [today, 3],
      [next, 30],
      [gone, 5],
      [far, 24 * 20],
    ] as const)
      await setGoesOut(pool, ours.crewId, id!, inHours(hours));
    await setGoesOut(pool, theirs.crewId, foreign, inHours(1));
    await expect(setGoesOut(pool, ours.crewId, foreign, null)).rejects.toThrow(NotFoundError);
    // Whoever is on the road has gone out: the next is its check.
    await keepCheckDue(pool, ours.crewId, gone!, inHours(-1));
    expect(await loads(ours)).toEqual([
      ['going-out late', 'check gone'],
      ['going-out today'],
      ['going-out next'],
    ]);
    expect((await planById(pool, ours.crewId, today!)).version).toBe(1);
    await setGoesOut(pool, ours.crewId, today!, null);
    expect((await loads(ours))[1]).toEqual([]);
    expect(await loads(theirs)).toEqual([[], ['going-out foreign'], []]);
    // After a day what never left is said no longer.
    await setGoesOut(pool, ours.crewId, late!, inHours(-25));
    expect((await loads(ours))[0]).toEqual(['check gone']);
  });
  it('sign-offs that lapsed lately or soon will are due; long gone ones only stand where all do; all is as it is promised', async () => {
    const body = { points: [], times: 3, under: ['on-a-bar' as const], note: '' };
    const signed = (skill: string, at: string) =>
      addSignOff(pool, {
        crewId: ours.crewId,
        memberId: ours.id,
        skill: skill as never,
        by: other,
        at: new Date(at),
        body,
      });
    const other = await insertMember(pool, ours.crewId, {
      name: 'Signs',
      role: 'instructor',
      passwordHash: 'x',
    });
    await signed('reef/plain', '2025-12-05T10:00:00Z');
    await signed('bowline/facing-away', '2025-11-20T10:00:00Z');
    await signed('half-hitch/plain', '2025-01-20T10:00:00Z');
    const today = await dueToday(pool, ours, NOW);
    API.dueToday.answers.parse(today);
    const lapses = (part: typeof today.soon) =>
      part.flatMap((d) => (d.kind === 'lapse' ? [`${d.at} ${d.title}`] : []));
    expect(lapses(today.later)).toEqual(['2026-12-05 Reef (square) knot (plain)']);
    expect(lapses(today.overdue).map((l) => l.slice(0, 10))).toEqual(['2026-11-20']);
  });
  it('one’s own questions are among what is due any time', async () => {
    const { soon } = await dueToday(pool, ours, NOW);
    expect(soon[0]).toMatchObject({ kind: 'drills', at: null, due: 0 });
  });
  it('are found by an index', async () => {
    for (const [sql, values, index] of [
      [GOING_OUT_SQL, [ours.crewId, NOW, new Date(inHours(99))], 'plan_going_out'],
      [ON_THE_ROAD_SQL, [ours.crewId], 'plan_on_the_road'],
    ] as const) {
      const client = await pool.connect();
      await client.query('SET enable_seqscan = off');
      const { rows } = await client.query(`EXPLAIN (FORMAT JSON) ${sql}`, [...values]);
      client.release(true);
      expect(JSON.stringify(rows)).toContain(index);
    }
  });
});
