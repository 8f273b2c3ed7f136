import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { dueStanding, inspectionDue, monthsLater } from './due';
import type { Happening, HistoryBody, HistoryEntry, Inspection } from './events';
import { placeCapacity } from '../rope/strength';
import type { Rope } from '../rope/rope';
import { bare } from '../working/working';
import { type Candidate, type OnTheLine, rankRopes } from '../securement/rope-fit';
import { type Gear, gearSchema } from './schema';
import { type GearState, readHistory, soundParts, stateOf } from './history';
import { burstOf, isBurst } from './reader';
import { checkRecord } from './record';
import { INSPECTION_CHECKS } from '../inspection/checks';

const id = (n: number): string => `0190b5a0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const rope = (extra: Record<string, unknown> = {}, item: Record<string, unknown> = {}): Gear => gearSchema.parse({
  format: 'vast-cleat/gear', version: 1, code: 'pe-12-1', lengthM: '30 m', item: { kind: 'rope', material: 'polyester', diameterM: '12 mm', mbsN: '21 kN', ...item }, ...extra,
});
const entry = (n: number, body: HistoryBody, day = '2026-03-01'): HistoryEntry => ({ id: id(n), at: `${day}T10:00:00.000Z`, by: 'Sunniva', body });
const entered: Happening = { kind: 'entered', condition: 'good', remainingM: null, lastInspectedOn: null, retired: false };
const ALL = INSPECTION_CHECKS.rope.map((c) => c.id);
const inspection = (part: Partial<Inspection> = {}): Inspection => ({ kind: 'inspected', answered: ALL, found: [], decided: 'pass', condition: null, reason: '', ...part });
const fuzz = (atM: number | null, extent = 'round') => ({ check: 'fuzz', extent, atM });
const refused = (gear: Gear, entries: HistoryEntry[], body: HistoryBody): string | null => { const r = checkRecord(gear, entries, body); return r.ok ? null : r.issues[0]!.code; };

describe('a thing of the locker', () => {
  it('codes become upper case and must be readable by every reader', () => {
    expect(rope().code).toBe('PE-12-1');
    for (const code of ['', 'Ä1', '-1', 'a b', 'x'.repeat(25), '=1+1']) expect(gearSchema.safeParse({ ...rope(), code }).success, code).toBe(false);
  });
  it('rope has a length, hardware need not; first used is not before bought', () => {
    expect(gearSchema.safeParse({ ...rope(), lengthM: null }).error?.issues[0]?.path).toEqual(['lengthM']);
    expect(gearSchema.safeParse({ ...rope(), item: { kind: 'hardware', form: 'hook' }, lengthM: null }).success).toBe(true);
    expect(gearSchema.safeParse({ ...rope(), boughtOn: '2026-02-01', firstUsedOn: '2026-01-01' }).success).toBe(false);
  });
});

describe('a history adds up', () => {
  const add = (...bodies: HistoryBody[]): GearState => stateOf(rope(), [entered, ...bodies].map((b, i) => entry(i, b, `2026-0${i + 1}-05`)));
  it('entered, inspected, cut, moved', () => {
    const state = add(inspection({ found: [fuzz(3)], decided: 'downgrade' }), { kind: 'cut', pieces: [{ lengthM: 10, what: '' }, { lengthM: 2.5, what: '' }], scrapM: 0.5, damageGone: false }, { kind: 'moved', place: 'barn' });
    expect(state).toMatchObject({ state: 'in-service', condition: 'worn', remainingM: 17, place: 'barn', inspectedOn: '2026-02-05', inspections: 1, suspect: false });
  });
  it('an incident asks for an inspection, which settles it', () => {
    expect(add({ kind: 'incident', what: 'snatch' })).toMatchObject({ suspect: true, state: 'in-service' });
    expect(add({ kind: 'incident', what: 'snatch' }, inspection())).toMatchObject({ suspect: false });
  });
  it('isolated damage sets it aside at its place; cutting it out brings the rest back as worn', () => {
    const aside = add(inspection({ found: [{ check: 'hard', extent: 'one', atM: 7.4 }], decided: 'isolate' }));
    expect(aside).toMatchObject({ state: 'set-aside', condition: 'damaged', damagedAtM: [7.4] });
    const [long, short] = soundParts(aside);
    expect([long, short].map((m) => Number(m!.toFixed(6)))).toEqual([22.5, 7.3]);
    expect(add(inspection({ found: [{ check: 'hard', extent: 'one', atM: 7.4 }], decided: 'isolate' }), { kind: 'cut', pieces: [], scrapM: 7.5, damageGone: true })).toMatchObject({ state: 'in-service', condition: 'worn', remainingM: 22.5, damagedAtM: [] });
  });
  it('inspected again with the damage gone, rope that was set aside is doubtful, not damaged in service', () => {
    const aside = inspection({ found: [{ check: 'hard', extent: 'one', atM: 7.4 }], decided: 'isolate' });
    expect(add(aside, inspection())).toMatchObject({ state: 'in-service', condition: 'doubtful', damagedAtM: [] });
    expect(add(aside, inspection({ condition: 'worn', reason: 'cut out at the fair' }))).toMatchObject({ state: 'in-service', condition: 'worn' });
    expect(add(aside, aside)).toMatchObject({ state: 'set-aside', damagedAtM: [7.4] });
  });
  it('a milder decision leaves rope doubtful at best unless the inspector says what it counts as', () => {
    const found = [{ check: 'shock', extent: 'yes', atM: null }];
    expect(add(inspection({ found, decided: 'pass', reason: 'it was the other rope' }))).toMatchObject({ condition: 'doubtful', state: 'in-service' });
    expect(add(inspection({ found, decided: 'pass', condition: 'good', reason: 'it was the other rope' }))).toMatchObject({ condition: 'good' });
  });
  it('a correction counts from where the entry stood; the entry stays', () => {
    const entries = [entry(0, entered), entry(1, { kind: 'cut', pieces: [{ lengthM: 20, what: '' }], scrapM: 0, damageGone: false }), entry(2, { kind: 'retired', reason: 'wrong rope' }),
      entry(3, { kind: 'corrected', corrects: id(1), instead: { kind: 'cut', pieces: [{ lengthM: 2, what: '' }], scrapM: 0, damageGone: false }, reason: 'a slip' }), entry(4, { kind: 'corrected', corrects: id(2), instead: null, reason: 'that was PE-12-2' })];
    expect(stateOf(rope(), entries)).toMatchObject({ remainingM: 28, state: 'in-service' });
    expect(stateOf(rope(), entries.slice(0, 3))).toMatchObject({ remainingM: 10, state: 'retired' });
    const read = readHistory(entries);
    expect(read).toHaveLength(5);
    expect(read[1]).toMatchObject({ body: { pieces: [{ lengthM: 20 }] }, counts: { pieces: [{ lengthM: 2 }] }, correctedBy: { id: id(3) } });
    expect(read[2]!.counts).toBeNull();
  });
  it('the latest correction of an entry wins', () => {
    const moved = (place: string): Happening => ({ kind: 'moved', place });
    expect(stateOf(rope(), [entry(0, entered), entry(1, moved('a')), entry(2, { kind: 'corrected', corrects: id(1), instead: moved('b'), reason: 'x' }), entry(3, { kind: 'corrected', corrects: id(1), instead: moved('c'), reason: 'x' })]).place).toBe('c');
  });
});

describe('what may be recorded', () => {
  const base = [entry(0, entered)];
  it('every check must be answered, and damage must be on the list and on the rope', () => {
    expect(refused(rope(), base, inspection())).toBeNull();
    expect(refused(rope(), base, inspection({ answered: ALL.slice(1) }))).toBe('checks-left');
    expect(refused(rope(), base, inspection({ found: [{ check: 'stitching', extent: 'worn', atM: null }] }))).toBe('damage-unknown');
    expect(refused(rope(), base, inspection({ found: [fuzz(31)], decided: 'downgrade' }))).toBe('damage-off-rope');
  });
  it('who decides otherwise says why', () => {
    const found = [{ check: 'sheath', extent: 'core', atM: 2 }];
    expect(refused(rope(), base, inspection({ found, decided: 'pass' }))).toBe('reason-needed-milder');
    expect(refused(rope(), base, inspection({ decided: 'retire' }))).toBe('reason-needed');
    expect(refused(rope(), base, inspection({ condition: 'new' }))).toBe('reason-needed');
    expect(refused(rope(), base, inspection({ found, decided: 'pass', reason: 'whipping, not core' }))).toBeNull();
  });
  it('no more is cut than there is; hardware is not cut', () => {
    const cut = (lengthM: number): Happening => ({ kind: 'cut', pieces: [{ lengthM, what: '' }], scrapM: 0, damageGone: false });
    expect(refused(rope(), base, cut(30))).toBeNull();
    expect(refused(rope(), base, cut(30.01))).toBe('cut-too-long');
    expect(refused(gearSchema.parse({ ...rope(), item: { kind: 'hardware', form: 'hook' }, lengthM: null }), base, cut(1))).toBe('nothing-to-cut');
  });
  it('retired is retired: only a correction speaks after it', () => {
    const entries = [...base, entry(1, { kind: 'retired', reason: 'worn out' })];
    for (const body of [inspection(), { kind: 'moved', place: 'x' }, { kind: 'incident', what: 'x' }] as HistoryBody[]) expect(refused(rope(), entries, body)).toBe('gear-retired');
    expect(refused(rope(), entries, { kind: 'corrected', corrects: id(1), instead: null, reason: 'slip' })).toBeNull();
  });
  it('corrections refer to an entry of this history, of the same kind, and are checked as it would have been', () => {
    const entries = [...base, entry(1, { kind: 'moved', place: 'x' }), entry(2, { kind: 'corrected', corrects: id(1), instead: null, reason: 'x' })];
    const correct = (n: number, instead: Happening | null): HistoryBody => ({ kind: 'corrected', corrects: id(n), instead, reason: 'x' });
    expect(refused(rope(), entries, correct(9, null))).toBe('entry-unknown');
    expect(refused(rope(), entries, correct(2, null))).toBe('correction-of-correction');
    expect(refused(rope(), entries, correct(1, { kind: 'incident', what: 'y' }))).toBe('correction-of-kind');
    expect(refused(rope(), entries, correct(0, null))).toBe('correction-of-kind');
    expect(refused(rope(), [...base, entry(1, { kind: 'cut', pieces: [{ lengthM: 1, what: '' }], scrapM: 0, damageGone: false })], correct(1, { kind: 'cut', pieces: [{ lengthM: 40, what: '' }], scrapM: 0, damageGone: false }))).toBe('cut-too-long');
  });
});

describe('when it is due', () => {
  const intervals = { normalMonths: 6, dailyMonths: 1 };
  const state = { state: 'in-service', suspect: false, inspectedOn: '2026-08-31' } as const;
  it('interval by use, from the last inspection; the end of a month stays the end (common practice, no source)', () => {
    expect(inspectionDue(rope(), state, intervals, '2026-01-01').on).toBe('2027-02-28');
    expect(inspectionDue(rope({ use: 'daily' }), state, intervals, '2026-01-01').on).toBe('2026-09-30');
    expect(monthsLater('2024-01-31', 1)).toBe('2024-02-29');
    expect(monthsLater('2026-12-15', 6)).toBe('2027-06-15');
  });
  it('never inspected or something happened: now; retired: never', () => {
    expect(inspectionDue(rope(), { ...state, inspectedOn: null }, intervals, '2026-05-05')).toMatchObject({ on: '2026-05-05', because: 'never-inspected' });
    expect(inspectionDue(rope(), { ...state, suspect: true }, intervals, '2026-05-05')).toMatchObject({ because: 'incident' });
    expect(inspectionDue(rope(), { ...state, state: 'retired' }, intervals, '2026-05-05')).toMatchObject({ on: null });
  });
  it('standing: overdue on the day itself, soon within 30 days', () => {
    expect([dueStanding('2026-11-25', '2026-11-25'), dueStanding('2026-12-25', '2026-11-25'), dueStanding('2026-12-26', '2026-11-25'), dueStanding(null, '2026-11-25')]).toEqual(['overdue', 'soon', 'later', 'never']);
  });
});

describe('best fit first', () => {
  const basis = { school: 'design-factor', designFactor: 5, markedOrTableOnly: false } as const;
  /** A line with a bowline on it, in a plan that holds with anything that carries 0.5 kN. */
  const tryOn = (_: Candidate, r: Rope): OnTheLine => {
    const wllN = placeCapacity(bare, r, basis, false, { label: '', strands: 1, factor: 0.6 });
    return { wllN, verdict: wllN !== null && wllN >= 500 ? 'holds' : 'short' };
  };
  const candidate = (code: string, part: { left?: number; price?: number | null; state?: Partial<GearState>; due?: Candidate['due']; mbsN?: string; history?: boolean } = {}): Candidate => ({
    id: code, gear: rope({ code, pricePerM: part.price ?? null }, { mbsN: part.mbsN ?? '21 kN', historyKnown: part.history ?? true }), due: part.due ?? 'later',
    state: { ...stateOf(rope(), []), remainingM: part.left ?? 20, ...part.state },
  });
  const order = (list: Candidate[]): string[] => rankRopes(list, { lengthM: 10, pullN: null, verdict: 'holds', tryOn }).map((f) => f.candidate.gear.code);
  it('what does all that is asked before what does not, the cheapest metre, then the least left over', () => {
    expect(order([candidate('DEAR', { price: 2 }), candidate('LONG', { price: 1, left: 40 }), candidate('RIGHT', { price: 1, left: 11 }), candidate('SHORT', { price: 0.1, left: 9 }), candidate('NOPRICE')])).toEqual(['RIGHT', 'LONG', 'DEAR', 'NOPRICE', 'SHORT']);
  });
  it('retired and damaged rope comes last and may not be taken; overdue and weak after what fits', () => {
    const fits = rankRopes([candidate('RETIRED', { state: { state: 'retired', condition: 'damaged' } }), candidate('ASIDE', { state: { state: 'set-aside', condition: 'damaged' } }), candidate('OVERDUE', { due: 'overdue', price: 0.1 }), candidate('WEAK', { mbsN: '5 kN', price: 0.1 }), candidate('GOOD')], { lengthM: 10, pullN: 2000, verdict: 'holds', tryOn });
    expect(fits[0]!.candidate.gear.code).toBe('GOOD');
    expect(fits.slice(-2).every((f) => !f.usable)).toBe(true);
    expect(fits.find((f) => f.candidate.gear.code === 'WEAK')!.reasons).toContainEqual({ code: 'too-weak', wllN: (5000 * 0.9 * 0.6) / 5, wantedN: 2000 });
    expect(fits[0]!.reasons).toContainEqual({ code: 'long-enough', spareM: 10 });
  });
  it('rope that makes the plan worse is said to, and stands behind what does not', () => {
    const fits = rankRopes([candidate('THIN', { mbsN: '4 kN', price: 0.1 }), candidate('GOOD', { price: 3 })], { lengthM: 10, pullN: 100, verdict: 'holds', tryOn });
    expect(fits.map((f) => f.candidate.gear.code)).toEqual(['GOOD', 'THIN']);
    expect(fits[1]!.reasons).toContainEqual({ code: 'plan-worse', verdict: 'short' });
    expect(rankRopes([candidate('THIN', { mbsN: '4 kN' })], { lengthM: 10, pullN: 100, verdict: 'short', tryOn })[0]!.fits).toBe(true);
  });
  it('unknown history halves what it carries, and says so', () => {
    const [fit] = rankRopes([candidate('X', { history: false })], { lengthM: null, pullN: null, verdict: 'holds', tryOn });
    expect(fit!.wllN).toBeCloseTo((21000 * 0.5 * 0.6) / 5, 9);
    expect(fit!.reasons).toContainEqual({ code: 'history-unknown' });
  });
});

describe('a tag reader that types', () => {
  it('is told from hands by its pace: every burst of the stand-in is heard, no typing is', () => {
    fc.assert(fc.property(fc.stringMatching(/^[A-Z0-9][A-Z0-9.-]{1,14}[A-Z0-9]$/), fc.integer({ min: 0, max: 40 }), fc.integer({ min: 60, max: 400 }), (code, fast, slow) => {
      const at = (gap: number): boolean => { const keys = burstOf(code, gap); return isBurst(keys.slice(0, -1), keys.at(-1)!.atMs); };
      expect(at(fast)).toBe(true);
      expect(at(slow)).toBe(false);
    }));
  });
  it('one slow key, too few keys, or what is no code is no burst', () => {
    const keys = burstOf('PE-12-1', 8);
    expect(isBurst(keys.slice(0, -1), keys.at(-1)!.atMs + 100)).toBe(false);
    expect(isBurst(burstOf('AB', 8).slice(0, -1), 16)).toBe(false);
    expect(isBurst(burstOf('so?no', 8).slice(0, -1), 40)).toBe(false);
  });
});
