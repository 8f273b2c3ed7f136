import type pg from 'pg';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { INSPECTION_CHECKS } from '@/core/inspection/checks';
import { type Gear, gearSchema, startSchema } from '@/core/gear/schema';
import { monthsLater } from '@/core/gear/due';
import { parsePlan, type Plan } from '@/core/securement/plan';
import { ConflictError, NotFoundError, transaction } from '@/db/pool';
import { setCrewIntervals, type Member } from '@/db/queries/crews';
import { gearByCode, gearById, insertGear } from '@/db/queries/gear';
import { gearHistory } from '@/db/queries/gear-events';
import { ALL_GEAR, dueByDay, gearPage, gearPageSql, type GearQuery, ropesForLength } from '@/db/queries/gear-list';
import { plansUsing } from '@/db/queries/plan-gear';
import { insertPlan, planById, planPage, updatePlan } from '@/db/queries/plans';
import { admitGear, changeGear, enterGear, recordGear, removeGear } from '@/server/gear';
import { Refusal } from '@/server/problem';
import { crewWith, freshDatabase } from '../support/database';
import { demoDocument } from '../support/demo';

const TODAY = '2026-11-25';
const NOW = new Date(`${TODAY}T12:00:00Z`);
let db: Awaited<ReturnType<typeof freshDatabase>>;
let pool: pg.Pool;
let ours: Member;
let theirs: Member;

const memberOf = async (name: string): Promise<Member> => {
  const { crewId, memberId } = await crewWith(pool, name);
  return { id: memberId, crewId, crewName: name, name: `${name} lead`, role: 'lead', units: 'metric', cautioned: true };
};
const rope = (code: string, extra: Record<string, unknown> = {}): Gear => gearSchema.parse({ format: 'vast-cleat/gear', version: 1, code, lengthM: 30, item: { kind: 'rope', material: 'polyester', diameterM: 0.012, mbsN: 21000 }, ...extra });
const start = (extra: Record<string, unknown> = {}) => startSchema.parse(extra);
const enter = (code: string, extra: Record<string, unknown> = {}, who = ours) => transaction((c) => enterGear(c, who, { gear: rope(code, extra), start: start({ lastInspectedOn: '2026-10-01' }) }, NOW, false), pool);
const record = (id: string, body: Parameters<typeof recordGear>[3], who = ours) => transaction((c) => recordGear(c, who, id, body, NOW), pool);
const inspection = { kind: 'inspected' as const, answered: INSPECTION_CHECKS.rope.map((c) => c.id), found: [], decided: 'pass' as const, condition: null, reason: '' };
const query = (part: Partial<GearQuery> = {}): GearQuery => ({ ...ALL_GEAR, today: TODAY, ...part });
const codes = async (part: Partial<GearQuery>, who = ours): Promise<string[]> => (await gearPage(pool, who.crewId, query(part))).gear.map((g) => g.document.code);
const refusalOf = async (work: Promise<unknown>): Promise<string> => { try { await work; } catch (e) { if (e instanceof Refusal) return e.issues[0]!.code; throw e; } return 'admitted'; };

beforeAll(async () => {
  db = await freshDatabase();
  pool = db.pool;
  [ours, theirs] = [await memberOf('Ours'), await memberOf('Theirs')];
});
afterAll(() => db.close());

describe('things and their history', () => {
  it('come back as they were put in, for their crew alone; a tag is worn once in a crew', async () => {
    const { id } = await enter('A-1');
    expect(await gearById(pool, ours.crewId, id)).toMatchObject({ version: 1, document: rope('A-1'), dueOn: '2027-04-01', standing: { condition: 'good', remainingM: 30 } });
    await expect(gearById(pool, theirs.crewId, id)).rejects.toThrow(NotFoundError);
    expect(await gearByCode(pool, theirs.crewId, 'A-1')).toBeNull();
    expect((await gearByCode(pool, ours.crewId, ' a-1 '))!.id).toBe(id);
    expect(await refusalOf(enter('A-1'))).toBe('code-taken');
    await enter('A-1', {}, theirs);
    await expect(record(id, inspection, theirs)).rejects.toThrow(NotFoundError);
    expect(await gearHistory(pool, theirs.crewId, id)).toEqual([]);
  });
  it('the history cannot be changed, deleted or emptied, by anybody who speaks SQL', async () => {
    const { id } = await enter('A-2');
    await record(id, inspection);
    await expect(pool.query(`UPDATE gear_event SET body = '{}' WHERE gear_id = $1`, [id])).rejects.toThrow('append-only');
    await expect(pool.query('DELETE FROM gear_event WHERE gear_id = $1', [id])).rejects.toThrow('append-only');
    await expect(pool.query('TRUNCATE gear_event')).rejects.toThrow('append-only');
    expect(await gearHistory(pool, ours.crewId, id)).toHaveLength(2);
  });
  it('is only corrected by a later entry, and both stay', async () => {
    const { id } = await enter('A-3');
    await record(id, { kind: 'retired', reason: 'wrong tag read' });
    expect(await refusalOf(record(id, inspection))).toBe('gear-retired');
    const entry = (await gearHistory(pool, ours.crewId, id)).at(-1)!;
    const after = await record(id, { kind: 'corrected', corrects: entry.id, instead: null, reason: 'that was A-4' });
    expect(after.standing.state).toBe('in-service');
    expect((await gearHistory(pool, ours.crewId, id)).map((e) => e.body.kind)).toEqual(['entered', 'retired', 'corrected']);
  });
  it('two who record at once both stand in it; a cut never takes more than there is', async () => {
    const { id } = await enter('A-5');
    const cut = { kind: 'cut' as const, pieces: [{ lengthM: 12, what: '' }], scrapM: 0, damageGone: false };
    const results = await Promise.allSettled(Array.from({ length: 5 }, () => record(id, cut)));
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(2);
    expect((await gearById(pool, ours.crewId, id)).standing.remainingM).toBe(6);
  });
  it('of many who change the label at once one wins', async () => {
    const { id } = await enter('A-6');
    const results = await Promise.allSettled(Array.from({ length: 5 }, (_, i) => transaction((c) => changeGear(c, ours, id, 1, rope('A-6', { place: `peg ${i}` }), false), pool)));
    expect(results.filter((r) => r.status === 'fulfilled')).toHaveLength(1);
    expect(results.filter((r) => r.status === 'rejected').every((r) => (r as PromiseRejectedResult).reason instanceof ConflictError)).toBe(true);
  });
  it('what a crew’s interval moves is due accordingly, to the day that is computed elsewhere', async () => {
    const who = await memberOf('Intervals');
    const day = '2026-08-31';
    const [normal, daily] = await Promise.all((['normal', 'daily'] as const).map((use) => transaction((c) => enterGear(c, who, { gear: rope(`I-${use}`, { use }), start: start({ lastInspectedOn: day }) }, NOW, false), pool)));
    await transaction((c) => setCrewIntervals(c, who.crewId, { normalMonths: 18, dailyMonths: 6 }), pool);
    expect((await gearById(pool, who.crewId, normal!.id)).dueOn).toBe(monthsLater(day, 18));
    expect((await gearById(pool, who.crewId, daily!.id)).dueOn).toBe(monthsLater(day, 6));
    expect(await dueByDay(pool, who.crewId, '2027-12-31')).toEqual([{ day: '2027-02-28', codes: ['I-DAILY'] }]);
  });
});

describe('plans and the locker', () => {
  const planWith = (gearId: string): Plan => {
    const plan = parsePlan(demoDocument('carousel-crate'));
    if (!plan.ok) throw new Error('demo');
    return { ...plan.value, lines: plan.value.lines.map((l) => ({ ...l, elements: l.elements.map((e) => (e.kind === 'rope' ? { ...e, gearId, lengthM: 30, rope: { ...e.rope, condition: 'good' as const } } : e)) })) };
  };
  const keep = (plan: Plan, who = ours) => transaction(async (c) => insertPlan(c, who.crewId, who.id, await admitGear(c, who.crewId, plan, null)), pool);
  const verdictOf = async (id: string): Promise<string> => (await planPage(pool, ours.crewId, { search: '', sort: 'changed', after: null })).plans.find((p) => p.id === id)!.verdict;

  it('a plan is barred in the moment its rope is retired, and free again when that is corrected', async () => {
    const { id } = await enter('P-1');
    const plan = await keep({ ...planWith(id), title: 'Uses P-1' });
    const before = await verdictOf(plan.id);
    expect(before).not.toBe('barred');
    expect(await plansUsing(pool, ours.crewId, id)).toEqual([{ id: plan.id, title: 'Uses P-1' }]);
    await record(id, { kind: 'retired', reason: 'burnt' });
    expect(await verdictOf(plan.id)).toBe('barred');
    const entry = (await gearHistory(pool, ours.crewId, id)).at(-1)!;
    await record(id, { kind: 'corrected', corrects: entry.id, instead: null, reason: 'not burnt' });
    expect(await verdictOf(plan.id)).toBe(before);
  });
  it('kept and retired in the same moment, whoever is first: the plan ends up barred, and nobody is turned away', async () => {
    for (let round = 0; round < 12; round++) {
      const { id } = await enter(`RACE-${round}`);
      const plan = await keep({ ...planWith(id), title: `Race ${round}` });
      const save = () => transaction((c) => updatePlan(c, ours.crewId, ours.id, plan.id, 1, { ...plan.document, notes: 'saved meanwhile' }), pool);
      const retire = () => record(id, { kind: 'retired', reason: 'burnt' });
      const results = await Promise.allSettled(round % 2 ? [save(), retire()] : [retire(), save()]);
      expect(results.map((r) => r.status)).toEqual(['fulfilled', 'fulfilled']);
      expect(await verdictOf(plan.id)).toBe('barred');
    }
  });
  it('a rope that is being put into a plan is not retired until that plan is kept, which is then barred', async () => {
    const { id } = await enter('HELD');
    const plan = await keep({ ...planWith(id), title: 'Takes HELD', lines: [] });
    let retired = false;
    let retiring: Promise<unknown> | null = null;
    await transaction(async (c) => {
      const admitted = await admitGear(c, ours.crewId, { ...planWith(id), title: 'Takes HELD' }, plan.document);
      retiring = record(id, { kind: 'retired', reason: 'burnt' }).then(() => { retired = true; });
      await vi.waitFor(async () => expect((await pool.query('SELECT 1 FROM pg_stat_activity WHERE datname = current_database() AND wait_event_type = $1', ['Lock'])).rowCount).toBeGreaterThan(0), { timeout: 30_000 });
      expect(retired).toBe(false);
      await updatePlan(c, ours.crewId, ours.id, plan.id, 1, admitted);
    }, pool);
    await retiring;
    expect(await verdictOf(plan.id)).toBe('barred');
  });
  it('retired rope cannot be put in; where it was already the plan can still be changed', async () => {
    const { id } = await enter('P-2');
    const plan = await keep({ ...planWith(id), title: 'Had P-2' });
    await record(id, { kind: 'retired', reason: 'burnt' });
    await expect(keep(planWith(id))).rejects.toThrow(Refusal);
    expect(await refusalOf(keep(planWith(id)))).toBe('gear-retired');
    const changed = { ...plan.document, notes: 'take it off' };
    const saved = await transaction(async (c) => updatePlan(c, ours.crewId, ours.id, plan.id, 1, await admitGear(c, ours.crewId, changed, plan.document)), pool);
    expect(saved.version).toBe(2);
    expect(await verdictOf(plan.id)).toBe('barred');
  });
  it('a rope of another crew means nothing here', async () => {
    const foreign = await enter('P-3', {}, theirs);
    const kept = await keep(planWith(foreign.id));
    expect(JSON.stringify(kept.document)).not.toContain(foreign.id);
    expect(await plansUsing(pool, theirs.crewId, foreign.id)).toEqual([]);
  });
  it('a thing removed leaves its plans at CANNOT SAY, BARRED where it was bad; their figures stay', async () => {
    const removed = async (code: string, before: (id: string) => Promise<unknown> = async () => null): Promise<string> => {
      const { id } = await enter(code);
      const plan = await keep({ ...planWith(id), title: `Had ${code}` });
      await before(id);
      await transaction((c) => removeGear(c, ours, id), pool);
      await expect(gearById(pool, ours.crewId, id)).rejects.toThrow(NotFoundError);
      const stored = await planById(pool, ours.crewId, plan.id);
      expect(JSON.stringify(stored.document)).toContain(id);
      // Saving it again must not wash the mark off.
      const again = await transaction(async (c) => updatePlan(c, ours.crewId, ours.id, plan.id, stored.version, await admitGear(c, ours.crewId, stored.document, stored.document)), pool);
      expect(JSON.stringify(again.document)).toContain(id);
      return verdictOf(plan.id);
    };
    expect(await removed('P-4')).toBe('cannot-say');
    expect(await removed('P-5', (id) => record(id, { kind: 'retired', reason: 'burnt' }))).toBe('barred');
    expect(await removed('P-6', (id) => record(id, { kind: 'incident', what: 'snatched' }))).toBe('barred');
  });
  it('a removed thing is not put into a plan, and its tag is not taken again in silence', async () => {
    const { id } = await enter('P-7');
    await transaction((c) => removeGear(c, ours, id), pool);
    expect(await refusalOf(transaction((c) => admitGear(c, ours.crewId, planWith(id), null), pool))).toBe('gear-removed');
    expect(await refusalOf(enter('P-7'))).toBe('code-worn-before');
    const other = await enter('P-8');
    expect(await refusalOf(transaction((c) => changeGear(c, ours, other.id, 1, rope('P-7'), false), pool))).toBe('code-worn-before');
    await transaction((c) => changeGear(c, ours, other.id, 1, rope('P-7'), true), pool);
    await transaction((c) => removeGear(c, ours, other.id), pool);
    expect((await transaction((c) => enterGear(c, ours, { gear: rope('P-7'), start: start() }, NOW, true), pool)).document.code).toBe('P-7');
  });});

describe('the list', () => {
  it('pages by key, every one once, in both orders', async () => {
    const who = await memberOf('Pages');
    await transaction((c) => insertGear(c, who.crewId, who.id, Array.from({ length: 70 }, (_, i) => ({ gear: rope(`N-${String(i).padStart(2, '0')}`), start: start({ lastInspectedOn: `2026-0${1 + (i % 9)}-10` }) })), NOW), pool);
    for (const sort of ['code', 'due'] as const) {
      const seen: string[] = [];
      let after: readonly [string, string] | null = null;
      do {
        const page: Awaited<ReturnType<typeof gearPage>> = await gearPage(pool, who.crewId, query({ sort, after }));
        seen.push(...page.gear.map((g) => (sort === 'due' ? `${g.dueOn} ${g.id}` : g.document.code)));
        after = page.next;
      } while (after);
      expect(seen).toHaveLength(70);
      expect(seen).toEqual([...seen].sort());
    }
  });
  it('filters by what it is, size, length left, state, due day and words, together', async () => {
    const who = await memberOf('Filters');
    const put = (code: string, extra: Record<string, unknown>, s: Record<string, unknown> = {}) => transaction((c) => enterGear(c, who, { gear: rope(code, extra), start: start(s) }, NOW, false), pool);
    await put('F-1', { place: 'Barn 100%', lengthM: 20 }, { lastInspectedOn: '2026-11-01' });
    await put('F-2', { item: { kind: 'rope', material: 'manila', diameterM: 0.014 }, lengthM: 9 }, { lastInspectedOn: '2026-05-01' });
    await put('F-3', { item: { kind: 'chain', grade: '70', sizeM: 0.009525 }, lengthM: 6 }, { lastInspectedOn: '2026-06-10' });
    await put('F-4', {}, { retired: true });
    expect(await codes({}, who)).toEqual(['F-1', 'F-2', 'F-3', 'F-4']);
    expect(await codes({ type: 'manila' }, who)).toEqual(['F-2']);
    expect(await codes({ kind: 'chain' }, who)).toEqual(['F-3']);
    expect(await codes({ sizeFromM: 0.0095, sizeToM: 0.0095 }, who)).toEqual(['F-3']);
    expect(await codes({ leftFromM: 9 }, who)).toEqual(['F-1', 'F-2', 'F-4']);
    expect(await codes({ states: ['in-service', 'set-aside'] }, who)).toEqual(['F-1', 'F-2', 'F-3']);
    expect(await codes({ due: 'overdue' }, who)).toEqual(['F-2']);
    expect(await codes({ due: 'soon' }, who)).toEqual(['F-3']);
    expect(await codes({ due: 'later' }, who)).toEqual(['F-1']);
    expect(await codes({ search: 'BARN 100%' }, who)).toEqual(['F-1']);
    expect(await codes({ search: '_' }, who)).toEqual([]);
    expect(await codes({ search: 'f-', leftFromM: 7, states: ['in-service'] }, who)).toEqual(['F-1', 'F-2']);
    expect((await ropesForLength(pool, who.crewId, 10)).map((g) => g.document.code)).toEqual(['F-1', 'F-2']);
  });
  it('uses its indexes among 20,000 things', async () => {
    const who = await memberOf('Many');
    await pool.query(`INSERT INTO gear (id, crew_id, version, document, standing, code, words, kind, type, size_m, remaining_m, price_per_m, state, entered_on, due_on, updated_at, updated_by)
      SELECT gen_random_uuid(), $1, 1, $3, '{}', 'M-' || n, 'm-' || n || ' ' || md5(n::text), 'rope', (ARRAY['polyester','manila','nylon','hmpe'])[1 + n % 4], 0.004 + (n % 20) * 0.001, n % 200, n % 7,
        (ARRAY['in-service','in-service','in-service','set-aside','retired'])[1 + n % 5], '2026-01-01', DATE '2026-06-01' + n % 400, now(), $2 FROM generate_series(1, 20000) AS n`, [who.crewId, who.id, rope('X')]);
    await pool.query('VACUUM ANALYZE gear');
    const plan = async (part: Partial<GearQuery>): Promise<string> => {
      const { sql, values } = gearPageSql(who.crewId, query(part));
      return (await pool.query<{ 'QUERY PLAN': string }>(`EXPLAIN ${sql}`, values)).rows.map((r) => r['QUERY PLAN']).join('\n');
    };
    expect(await plan({})).toContain('gear_code');
    expect(await plan({ after: ['M-150', '0190b5a0-0000-7000-8000-000000000000'] })).toMatch(/Index Cond: .*code/);
    expect(await plan({ type: 'manila' })).toMatch(/gear_by_type|gear_code/);
    expect(await plan({ sort: 'due', due: 'overdue' })).toContain('gear_by_due');
    expect(await plan({ search: 'c4ca4238a0' })).toContain('gear_by_words');
    expect(await plan({ sizeFromM: 0.004, sizeToM: 0.004, leftFromM: 199 })).toMatch(/gear_by_size|Index/);
    for (const part of [{}, { type: 'manila' }, { search: 'c4ca4238a0' }, { sort: 'due' as const }]) expect(await plan(part)).not.toContain('Seq Scan on gear');
  });
});
