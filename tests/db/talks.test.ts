/** A talk from what it is put together of to its record: who gets in, what counts, what is told when, what is kept. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { isDrillId } from '@/core/training/schedule/drill-ids';
import { addReview } from '@/db/queries/drills';
import type { Member } from '@/db/queries/members';
import { insertPlan } from '@/db/queries/plans';
import { addCheck } from '@/db/queries/road-checks';
import { talkRecordPage, talkRecordPageSql } from '@/db/queries/talk-records';
import { CREW_ANSWERS_SQL, LOOSE_LINES_SQL } from '@/db/queries/talk-sources';
import { talkById } from '@/db/queries/talks';
import type { MarkBody } from '@/server/api/drill-schemas';
import type { Asked } from '@/server/drills/question';
import { chanceOf } from '@/core/chance';
import { hashPassword } from '@/server/passwords';
import { talksCsv } from '@/server/records/talks';
import { beginTalk, propose, signTalk, step, talkWall } from '@/server/talk/leading';
import { answerTalk, join, takingPart, talkSeen } from '@/server/talk/taking-part';
import { crewOfRoles, freshDatabase } from '../support/database';
import { demoPlan } from '../support/demo';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let passwordHash: string;
const PASSWORD = 'a good long one';
const NOW = new Date('2026-03-02T06:30:00Z');
const later = (minutes: number): Date => new Date(NOW.getTime() + minutes * 60_000);
const DRILLS = ['name/overhand/plain', 'look/bowline/facing-away', 'reckon/hauling'] as const;
const chance = chanceOf(7);
let nth = 0;

beforeAll(async () => {
  db = await freshDatabase();
  process.env['DATABASE_URL'] = db.url;
  passwordHash = await hashPassword(PASSWORD);
});
afterAll(() => db.close());

const crew = (name: string) => crewOfRoles(db.pool, name, passwordHash);
const from = (who: string, now = NOW) => ({ who, now });
const sign = (now = NOW) => ({ who: '127.0.0.1', device: undefined, now });

/** A talk that has begun, and what acts on it. */
async function begun(by: Member) {
  const { id, code } = await beginTalk(by, DRILLS, NOW, chance);
  const wall = async () => talkWall(db.pool, await talkById(db.pool, by.crewId, id));
  const go = async (item: number, shown: boolean) =>
    step(by, id, { version: (await wall()).version, item, shown });
  const phone = async (name: string, member: Member | null = null) => {
    const token = await join(db.pool, { code, name }, member, from(`10.0.0.${++nth % 250}`));
    const part = () => takingPart(db.pool, token);
    return {
      token,
      sees: async () => talkSeen(db.pool, await part()),
      says: async (item: number, answer: MarkBody) =>
        answerTalk(await part(), { item, answer }, NOW),
    };
  };
  return { id, code, wall, go, phone };
}

const pick = (asked: unknown, nthOption: number): MarkBody => {
  const { ask, number, options } = asked as Extract<Asked, { ask: 'name' }>;
  if (ask !== 'name') throw new Error('a name was to be asked');
  return { ask, number, pick: options[nthOption]!.id };
};

describe('what is proposed', () => {
  it('is what the crew answered wrong, what its checks found loose, and what the plan needs; nothing of other crews', async () => {
    const { lead, instructor, hand } = await crew('Sources');
    const other = await crew('Others');
    const said = { number: 1, instead: 'reef', tookMs: null, at: later(-60) };
    await addReview(db.pool, hand, { ...said, drill: 'name/overhand/plain', grade: 'again' });
    await addReview(db.pool, other.hand, {
      ...said,
      drill: 'name/bowline/facing-away',
      grade: 'again',
    });
    const plan = demoPlan('carousel-crate');
    const { id: planId } = await insertPlan(db.pool, lead.crewId, lead.id, plan);
    const line = plan.lines[0]!;
    await addCheck(db.pool, {
      crewId: lead.crewId,
      memberId: hand.id,
      planId,
      planVersion: 1,
      body: {
        occasion: 'on-the-road',
        madeAt: null,
        drivenM: null,
        lines: [{ lineId: line.id, state: 'slack', readingN: null }],
        notes: '',
      },
      at: later(-30),
      now: later(-30),
    });
    const { items } = await propose(db.pool, instructor, { planId, count: 6 }, NOW, chance);
    expect(items).toHaveLength(6);
    expect(items[0]).toMatchObject({
      drill: 'name/overhand/plain',
      why: 'Answered wrong 1 of 1 times in the last 90 days.',
    });
    expect(items.some((i) => i.why.includes('loose once'))).toBe(true);
    expect(items.some((i) => i.why.includes('of the plan'))).toBe(true);
    expect(items.every((i) => isDrillId(i.drill))).toBe(true);
    const theirs = await propose(db.pool, other.lead, { planId: null, count: 3 }, NOW, chance);
    expect(
      theirs.items.some((i) => i.drill === 'name/overhand/plain' && i.why.includes('wrong')),
    ).toBe(false);
    await expect(propose(db.pool, other.lead, { planId, count: 3 }, NOW, chance)).rejects.toThrow();
    const old = await propose(
      db.pool,
      instructor,
      { planId: null, count: 1 },
      later(200 * 24 * 60),
      chance,
    );
    expect(old.items[0]!.why).toBe('Taught early.');
  });
  it('is found by index, and so are the records', async () => {
    const { lead } = await crew('Plans');
    const client = await db.pool.connect();
    await client.query('SET enable_seqscan = off');
    const explain = async (sql: string, values: unknown[]) =>
      JSON.stringify((await client.query(`EXPLAIN ${sql}`, values)).rows);
    expect(await explain(CREW_ANSWERS_SQL, [lead.crewId, NOW])).toContain('drill_review_of_crew');
    expect(await explain(LOOSE_LINES_SQL, [lead.crewId, NOW])).toContain('road_check_of_crew');
    expect(await explain(talkRecordPageSql(31), [lead.crewId, null, null])).toContain(
      'talk_record_of_crew',
    );
    client.release();
  });
});

describe('who takes part', () => {
  it('is whoever has the code, however it is written; nobody else sees anything', async () => {
    const { instructor } = await crew('Code');
    const { code } = await begun(instructor);
    const written = `${code.slice(0, 3).toLowerCase()} - ${code.slice(3)}`;
    await join(db.pool, { code: written, name: 'Ada' }, null, from('192.0.2.1'));
    await expect(
      join(db.pool, { code: 'XXXXXX', name: 'Eve' }, null, from('192.0.2.2')),
    ).rejects.toMatchObject({ status: 404, issues: [{ code: 'talk-code-unknown' }] });
    for (const token of [undefined, 'guessed'])
      await expect(takingPart(db.pool, token)).rejects.toMatchObject({ status: 401 });
    await expect(
      join(db.pool, { code, name: null }, null, from('192.0.2.3')),
    ).rejects.toMatchObject({ status: 422, issues: [{ code: 'missing', path: ['name'] }] });
  });
  it('codes are not guessed: after two hundred wrong ones an address waits, longer each time', async () => {
    const guess = () =>
      join(db.pool, { code: 'AAAAAA', name: 'Eve' }, null, from('192.0.2.9')).then(
        () => 201,
        (e: { status: number }) => e.status,
      );
    const statuses: number[] = [];
    while (statuses.length < 240 && statuses.at(-1) !== 429) statuses.push(await guess());
    expect(statuses.slice(0, 200)).toEqual(Array(200).fill(404));
    expect(statuses.at(-1)).toBe(429);
  });
  it('a whole yard joins at once from one address', async () => {
    const { instructor } = await crew('Yard');
    const { code, wall } = await begun(instructor);
    await Promise.all(
      Array.from({ length: 80 }, (_, i) =>
        join(db.pool, { code, name: `Hand ${i}` }, null, from('192.0.2.30')),
      ),
    );
    expect((await wall()).people).toBe(80);
  });
  it('a code ends with its talk, and after four hours', async () => {
    const { instructor } = await crew('Ends');
    const { id, code } = await begun(instructor);
    await expect(
      join(db.pool, { code, name: 'Late' }, null, from('192.0.2.20', later(241))),
    ).rejects.toMatchObject({ status: 404 });
    await signTalk(instructor, id, { password: PASSWORD, note: '' }, sign());
    await expect(
      join(db.pool, { code, name: 'Late' }, null, from('192.0.2.21')),
    ).rejects.toMatchObject({ status: 404 });
  });
  it('somebody of the crew is one person on two phones, under their own name; of another crew a guest', async () => {
    const { instructor, hand } = await crew('Twice');
    const { hand: guest } = await crew('Guests');
    const talk = await begun(instructor);
    const first = await talk.phone('ignored', hand);
    const second = await talk.phone('ignored', hand);
    const third = await talk.phone('Gus', guest);
    expect((await second.sees()).name).toBe(hand.name);
    await expect(takingPart(db.pool, first.token)).rejects.toMatchObject({ status: 401 });
    expect((await third.sees()).name).toBe('Gus');
    expect((await talk.wall()).people).toBe(2);
  });
});

describe('an answer', () => {
  it('counts once, only while its question is asked, and only to that question', async () => {
    const { instructor } = await crew('Answers');
    const talk = await begun(instructor);
    const [ada, ben] = [await talk.phone('Ada'), await talk.phone('Ben')];
    expect((await ada.sees()).at).toBe('gathering');
    const { asked } = await talk.go(0, false);
    await expect(ada.says(1, pick(asked, 0))).rejects.toMatchObject({ status: 422 });
    await expect(ada.says(0, { ask: 'name', number: 1, pick: 'reef' })).rejects.toMatchObject({
      issues: [{ code: 'talk-other-question' }],
    });
    await Promise.all(Array.from({ length: 5 }, () => ada.says(0, pick(asked, 0))));
    await ada.says(0, pick(asked, 1));
    expect(await talk.wall()).toMatchObject({ people: 2, answered: 1, right: null, spread: null });
    expect(await ada.sees()).toMatchObject({ at: 'asked', answered: true, marked: null });
    expect(await ben.sees()).toMatchObject({ at: 'asked', answered: false, marked: null });
    const shown = await talk.go(0, true);
    expect(shown.right).toMatchObject({ ask: 'name', entry: 'overhand', grade: 'good' });
    expect(shown.spread!.reduce((n, s) => n + s.count, 0)).toBe(1);
    await expect(ben.says(0, pick(asked, 0))).rejects.toMatchObject({ status: 409 });
    expect((await ada.sees()).marked).toMatchObject({ ask: 'name' });
    expect((await ben.sees()).marked).toBeNull();
  });
  it('what stands on screen and phones before it is shown does not tell it, and nobody’s name ever stands there', async () => {
    const { instructor } = await crew('Silent');
    const talk = await begun(instructor);
    const ada = await talk.phone('Ada Lund');
    for (const [item, drill] of DRILLS.entries()) {
      const wall = await talk.go(item, false);
      expect(wall.right).toBeNull();
      const seen = await ada.sees();
      expect(seen.asked).toEqual(wall.asked);
      expect(JSON.stringify(seen)).not.toContain('"marked":{');
      expect(JSON.stringify(wall.asked)).not.toContain(drill);
      const shown = await talk.go(item, true);
      expect(shown.right).toMatchObject({ grade: 'good' });
      expect(JSON.stringify(shown)).not.toContain('Ada');
    }
  });
  it('of two screens the slower is told; no question is asked again once its answer was shown', async () => {
    const { instructor } = await crew('Screens');
    const talk = await begun(instructor);
    await talk.go(0, false);
    await expect(
      step(instructor, talk.id, { version: 1, item: 0, shown: true }),
    ).rejects.toMatchObject({ status: 409, issues: [{ code: 'talk-moved-on' }] });
    await talk.go(0, true);
    await expect(talk.go(0, false)).rejects.toMatchObject({
      issues: [{ code: 'talk-shown-before' }],
    });
    await talk.go(1, false);
    await expect(talk.go(0, false)).rejects.toMatchObject({
      issues: [{ code: 'talk-shown-before' }],
    });
    await expect(talk.go(0, true)).rejects.toMatchObject({ status: 422 });
    expect((await talk.wall()).item).toBe(1);
    await expect(talk.go(3, false)).rejects.toMatchObject({ status: 422 });
  });
});

describe('the record', () => {
  it('is signed with the own password: who took part, how it was answered; who answered what is forgotten', async () => {
    const { instructor, hand } = await crew('Record');
    const talk = await begun(instructor);
    const [ada, ben] = [await talk.phone('=Ada', null), await talk.phone('', hand)];
    const { asked } = await talk.go(0, false);
    const right = (asked as Extract<Asked, { ask: 'name' }>).options.findIndex(
      (o) => o.id === 'overhand',
    );
    await ada.says(0, pick(asked, right));
    await ben.says(0, pick(asked, (right + 1) % 4));
    const end = (password: string) =>
      signTalk(instructor, talk.id, { password, note: 'Wet.' }, sign(later(9)));
    await expect(end('not mine')).rejects.toMatchObject({ issues: [{ code: 'password-wrong' }] });
    const record = await end(PASSWORD);
    expect(record.body).toEqual({
      questions: [{ drill: DRILLS[0], title: expect.any(String), answered: 2, right: 1 }],
      people: [
        { name: '=Ada', memberId: null },
        { name: hand.name, memberId: hand.id },
      ],
      note: 'Wet.',
    });
    expect((await ada.sees()).at).toBe('over');
    const left = await db.pool.query('SELECT 1 FROM talk_answer WHERE talk_id = $1', [talk.id]);
    expect(left.rowCount).toBe(0);
    await expect(end(PASSWORD)).rejects.toMatchObject({ status: 409 });
    await expect(talk.go(1, false)).rejects.toMatchObject({ status: 409 });
    for (const sql of ['UPDATE talk_record SET signed_at = now()', 'DELETE FROM talk_record'])
      await expect(db.pool.query(sql)).rejects.toThrow();
    const { records } = await talkRecordPage(db.pool, instructor.crewId, null);
    expect(records.map((r) => r.id)).toEqual([talk.id]);
    let csv = '';
    for await (const part of talksCsv(db.pool, instructor.crewId)) csv += part;
    expect(csv.split('\r\n')).toHaveLength(4);
    expect(csv).toContain("'=Ada");
  });
});
