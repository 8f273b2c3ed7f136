/** The log in the database: what comes into it, what is found in it, and that nothing in it is ever changed. */
import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { type NewEntry, newEntrySchema } from '@/core/log/schema';
import { checkSchema } from '@/core/securement/road/schema';
import { NotFoundError, transaction } from '@/db/pool';
import { logCounts } from '@/db/queries/log-counts';
import { logEntry, logPage, type LogQuery, makeLogMonths } from '@/db/queries/log-entries';
import type { Member } from '@/db/queries/members';
import { insertPlan, updatePlan } from '@/db/queries/plans';
import { recentChecks } from '@/db/queries/road-checks';
import { logCsv, logSheetText } from '@/server/log-book/export';
import { recordEntry } from '@/server/log-book/record';
import { recordCheck } from '@/server/road-checks';
import { freshDatabase, memberOf } from '../support/database';
import { demoPlan } from '../support/demo';
import { refused } from '../support/refused';

let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;
let planId: string;
const plan = demoPlan('apple-bins');
const [first, second] = plan.lines;
const at = (clock: string, day = '2026-11-29'): Date => new Date(`${day}T${clock}:00.000Z`);

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf(pool, 'Ours'), await memberOf(pool, 'Theirs')];
  planId = (await transaction((c) => insertPlan(c, ours.crewId, ours.id, plan), pool)).id;
});
afterAll(() => db.close());

type Sent = NewEntry['entry'] extends infer E
  ? E extends { kind: infer K }
    ? { kind: K }
    : never
  : never;
const record = async (
  entry: Sent & Record<string, unknown>,
  now = at('10:00'),
  who: Member = ours,
) => {
  const sent = newEntrySchema.parse({ entry });
  return transaction((c) => recordEntry(c, who, sent, [], now), pool);
};
const ALL: LogQuery = {
  kind: null,
  planId: null,
  link: null,
  from: null,
  to: null,
  search: '',
  after: null,
};
const listed = async (query: Partial<LogQuery>, who: Member = ours) =>
  (await logPage(pool, who.crewId, { ...ALL, ...query })).entries;
const note = (what: string, now?: Date) => record({ kind: 'note', what }, now);
describe('an entry', () => {
  it('of a securement keeps the figures of that version, whatever becomes of the plan', async () => {
    const made = await record({ kind: 'securement', planId, planVersion: 1, note: 'wet' });
    const { frozen } = made.facts;
    expect(frozen).toMatchObject({ title: plan.title, version: 1, ruleSet: plan.ruleSet });
    expect(frozen!.lines.map((l) => l.id)).toEqual(plan.lines.map((l) => l.id));
    expect(frozen!.lines.some((l) => l.wllN !== null && l.wllN > 0)).toBe(true);
    await transaction(
      (c) => updatePlan(c, ours.crewId, ours.id, planId, 1, { ...plan, title: 'Other', lines: [] }),
      pool,
    );
    expect((await logEntry(pool, ours.crewId, made.id)).facts).toEqual(made.facts);
    await transaction((c) => updatePlan(c, ours.crewId, ours.id, planId, 2, plan), pool);
  });
  it('is the crew’s alone, and cannot be changed by anybody', async () => {
    const { id } = await note('Gate at the yard sticks.');
    await expect(logEntry(pool, theirs.crewId, id)).rejects.toThrow(NotFoundError);
    expect(await listed({}, theirs)).toEqual([]);
    for (const table of ['log_entry', 'log_link', 'log_line', 'log_photo'])
      await expect(pool.query(`TRUNCATE ${table}`)).rejects.toThrow('append-only');
    for (const sql of ["UPDATE log_entry SET kind = 'note'", 'DELETE FROM log_entry'])
      await expect(pool.query(sql)).rejects.toThrow('append-only');
    const { rows } = await pool.query<{ month: string }>(
      'SELECT tableoid::regclass::text AS month FROM log_entry WHERE id = $1',
      [id],
    );
    // It lies in its month, and that refuses too.
    expect(rows[0]!.month).toBe('log_entry_2026_11');
    await expect(pool.query('DELETE FROM log_entry_2026_11')).rejects.toThrow('append-only');
  });
  it('names only what there is: lines of the plan, things and people of the crew', async () => {
    const none = '00000000-0000-7000-8000-000000000000';
    const incident = { kind: 'incident', grade: 'incident', cause: 'other', what: 'x' } as const;
    expect(await refused(record({ ...incident, lineId: 'l1' }))).toBe('line-of-no-plan');
    expect(await refused(record({ ...incident, planId, lineId: 'nowhere' }))).toBe(
      'line-not-there',
    );
    expect(await refused(record({ ...incident, gearIds: [none] }))).toBe('gear-not-there');
    const secured = { kind: 'securement', planId, planVersion: 1 } as const;
    expect(await refused(record({ ...secured, people: [theirs.id] }))).toBe('nobody-of-crew');
    await expect(record({ ...secured, planVersion: 99 })).rejects.toThrow(NotFoundError);
    await expect(record({ kind: 'note', what: 'x', planId }, at('10:00'), theirs)).rejects.toThrow(
      NotFoundError,
    );
  });
  it('made long ago, or while months were not made, is kept all the same', async () => {
    const { id } = await note('From an old notebook.', at('10:00', '1999-03-04'));
    expect((await listed({ from: '1999-01-01', to: '1999-12-31' })).map((e) => e.id)).toEqual([id]);
    const { rows } = await pool.query<{ at: string }>(
      'SELECT tableoid::regclass::text AS at FROM log_entry WHERE id = $1',
      [id],
    );
    expect(rows[0]!.at).toBe('log_entry_outside');
    // Its month cannot be made any more, others can, once.
    expect(await makeLogMonths(pool, at('10:00', '1999-01-10'))).toBe(12);
    expect(await makeLogMonths(pool, at('10:00', '1999-01-10'))).toBe(0);
  });
});

describe('what is looked for', () => {
  it('is found by beginnings of words, whatever marks they wear, by kind, plan, day and view', async () => {
    await note('Crème-coloured sling chafed at the spare-wheel bracket', at('11:00', '2026-10-03'));
    const incident = await record(
      {
        kind: 'incident',
        grade: 'near-miss',
        cause: 'slip-loop-wrong-side',
        knot: 'slip-loop',
        what: 'It closed.',
        planId,
        lineId: first!.id,
      },
      at('12:00', '2026-10-04'),
    );
    const found = async (search: string) => (await listed({ search })).length;
    expect(await found('creme brack')).toBe(1);
    expect(await found('CREME-COL')).toBe(1);
    expect(await found('racket')).toBe(0);
    // What is no word finds nothing out of the ordinary.
    expect(await found("' & !( | :*")).toBeGreaterThan(0);
    expect((await listed({ kind: 'incident' })).map((e) => e.id)).toEqual([incident.id]);
    const views: LogQuery['link'][] = [
      { what: 'knot', ref: 'slip-loop' },
      { what: 'deck', ref: plan.deck.name.toLowerCase() },
      { what: 'person', ref: ours.id },
    ];
    for (const link of views)
      expect((await listed({ link, planId })).map((e) => e.id)).toContain(incident.id);
    expect(await listed({ link: { what: 'person', ref: theirs.id } })).toEqual([]);
    const october = await listed({ from: '2026-10-04', to: '2026-10-04' });
    expect(october.map((e) => e.id)).toEqual([incident.id]);
  });
  it('comes page by page, each entry once, newest first', async () => {
    for (let i = 0; i < 70; i++) await note(`Paged ${i}`, at('13:00', '2026-09-09'));
    const seen: string[] = [];
    let after: LogQuery['after'] = null;
    do {
      const page: Awaited<ReturnType<typeof logPage>> = await logPage(pool, ours.crewId, {
        ...ALL,
        search: 'paged',
        after,
      });
      seen.push(...page.entries.map((e) => e.id));
      after = page.next;
    } while (after);
    expect(seen).toHaveLength(70);
    expect(new Set(seen).size).toBe(70);
    expect(seen).toEqual(seen.toSorted().toReversed());
  });
});

describe('a check', () => {
  const check = (clock: string, state: 'slack' | 'tight', day = '2026-08-01') =>
    transaction(
      (c) =>
        recordCheck(
          c,
          ours,
          planId,
          checkSchema.parse({
            occasion: 'before-driving',
            lines: [
              { lineId: first!.id, state },
              { lineId: second!.id, state: 'tight' },
            ],
          }),
          at(clock, day),
        ),
      pool,
    );
  const counted = async () =>
    logCounts(pool, ours.crewId, at('00:00', '2026-08-01'), at('23:59', '2026-08-02'));

  it('is in the log under its own id, counts, and counts no more once it was taken back', async () => {
    const { check: made } = await check('08:00', 'slack');
    await check('09:00', 'tight');
    expect((await logEntry(pool, ours.crewId, made.id)).facts.lines.map((l) => l.state)).toEqual([
      'slack',
      'tight',
    ]);
    const before = await counted();
    expect(before.loosest).toMatchObject([{ lineId: first!.id, looked: 2, loose: 1 }]);
    expect(before.found.reduce((n, f) => n + f.looked, 0)).toBe(4);
    expect(
      await refused(
        record({
          kind: 'correction',
          corrects: made.id,
          instead: { kind: 'note', what: 'x' },
          reason: 'r',
        }),
      ),
    ).toBe('check-only-withdrawn');
    await record({ kind: 'correction', corrects: made.id, instead: null, reason: 'wrong load' });
    expect((await counted()).loosest).toEqual([]);
    expect((await recentChecks(pool, ours.crewId, planId)).map((c) => c.id)).not.toContain(made.id);
    expect((await logEntry(pool, ours.crewId, made.id)).correctedBy).toMatchObject({
      withdrawn: true,
      reason: 'wrong load',
    });
  });
  it('a line hauled again counts as loose, as its correction says', async () => {
    const hauled = await record(
      { kind: 're-tension', planId, lineId: second!.id, beforeN: '0.4 kN', afterN: '1.1 kN' },
      at('10:00', '2026-08-02'),
    );
    expect((await counted()).loosest).toMatchObject([{ lineId: second!.id, loose: 1 }]);
    // What checks found is counted by itself.
    expect((await counted()).found.every((f) => f.loose === 0)).toBe(true);
    const instead = { kind: 're-tension', planId, lineId: first!.id };
    const corrected = await record({
      kind: 'correction',
      corrects: hauled.id,
      instead,
      reason: 'the other one',
    });
    expect(corrected.at).toBe(hauled.at);
    expect((await counted()).loosest).toMatchObject([{ lineId: first!.id, loose: 1 }]);
    // Corrected once; the correction in its turn.
    const again = { kind: 'correction', corrects: hauled.id, instead: null, reason: 'r' } as const;
    expect(await refused(record(again))).toBe('corrected-already');
    expect(
      await refused(
        record({ ...again, corrects: corrected.id, instead: { kind: 'note', what: 'x' } }),
      ),
    ).toBe('other-kind');
    await record({ ...again, corrects: corrected.id });
    expect((await counted()).loosest).toEqual([]);
  });
});

describe('a correction', () => {
  it('is for whoever wrote the entry, and for those who lead or instruct', async () => {
    const { id } = await note('Mine.');
    const hand: Member = { ...(await memberOf(pool, 'Hand')), crewId: ours.crewId, role: 'hand' };
    const correction = { kind: 'correction', corrects: id, instead: null, reason: 'r' } as const;
    expect(await refused(record(correction, at('10:00'), hand))).toBe('not-your-entry');
    await expect(record(correction, at('10:00'), theirs)).rejects.toThrow(NotFoundError);
    await record(correction, at('10:00'), { ...hand, role: 'instructor' });
  });
  it('of an incident counts as what it says instead', async () => {
    const incident = {
      kind: 'incident',
      grade: 'incident',
      cause: 'not-known',
      what: 'Something.',
    } as const;
    const { id } = await record(incident, at('10:00', '2026-07-01'));
    const instead = { ...incident, cause: 'anchor-weaker' };
    await record({ kind: 'correction', corrects: id, instead, reason: 'looked at the ring' });
    const { failed } = await logCounts(
      pool,
      ours.crewId,
      at('00:00', '2026-07-01'),
      at('00:00', '2026-07-02'),
    );
    expect(failed).toEqual([{ knot: null, cause: 'anchor-weaker', times: 1, incidents: 1 }]);
  });
  it('made by two at once is made by one', async () => {
    const { id } = await note('Both want to.');
    const correction = { kind: 'correction', corrects: id, instead: null, reason: 'r' } as const;
    const codes = await Promise.all([1, 2, 3].map(() => refused(record(correction))));
    expect(codes.toSorted()).toEqual(['corrected-already', 'corrected-already', 'nothing']);
  });
});

describe('what goes out', () => {
  it('says all that is in it, and no spreadsheet runs it', async () => {
    await note('=HYPERLINK("x")', at('10:00', '2026-06-01'));
    let csv = '';
    for await (const part of logCsv(pool, ours.crewId, {
      ...ALL,
      from: '2026-06-01',
      to: '2026-06-01',
    }))
      csv += part;
    expect(csv.split('\r\n')).toHaveLength(3);
    expect(csv).not.toMatch(/,"?=HYPERLINK/);
    const sheet = await logSheetText(
      pool,
      ours,
      { ...ALL, to: '2026-07-01', from: '2026-06-01' },
      at('10:00'),
    );
    expect(sheet.entries).toHaveLength(3);
    expect(sheet.more).toBe(false);
  });
});
