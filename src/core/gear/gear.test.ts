import { describe, expect, it } from 'vitest';
import type { Happening, HistoryBody, HistoryEntry, Inspection } from './events';
import { type Gear, gearSchema } from './schema';
import { type GearState, readHistory, soundParts, stateOf } from './history';
import { checkRecord } from './record';
import { INSPECTION_CHECKS } from '../inspection/checks';
import { rope } from '../../../tests/support/gear';

const id = (n: number): string => `0190b5a0-0000-7000-8000-${String(n).padStart(12, '0')}`;

const entry = (n: number, body: HistoryBody, day = '2026-03-01'): HistoryEntry => ({
  id: id(n),
  at: `${day}T10:00:00.000Z`,
  by: 'Sunniva',
  body,
});

const entered: Happening = {
  kind: 'entered',
  condition: 'good',
  remainingM: null,
  lastInspectedOn: null,
  suspect: false,
  damagedAtM: [],
  retired: false,
};

const ALL = INSPECTION_CHECKS.rope.map((c) => c.id);

const inspection = (part: Partial<Inspection> = {}): Inspection => ({
  kind: 'inspected',
  seen: null,
  answered: ALL,
  found: [],
  decided: 'pass',
  condition: null,
  reason: '',
  ...part,
});

const fuzz = (atM: number | null, extent = 'round') => ({ check: 'fuzz', extent, atM });

const refused = (gear: Gear, entries: HistoryEntry[], body: HistoryBody): string | null => {
  const seen = entries.at(-1)?.id ?? null;
  const knowing = body.kind === 'inspected' ? { ...body, seen } : body;
  const r = checkRecord(gear, entries, knowing, '2026-12-31');
  return r.ok ? null : r.issues[0]!.code;
};

describe('a thing of the locker', () => {
  it('codes become upper case and must be readable by every reader', () => {
    expect(rope().code).toBe('PE-12-1');
    for (const code of ['', 'Ä1', '-1', 'a b', 'x'.repeat(25), '=1+1'])
      expect(gearSchema.safeParse({ ...rope(), code }).success, code).toBe(false);
  });
  it('rope has a length, hardware need not; first used is not before bought', () => {
    expect(gearSchema.safeParse({ ...rope(), lengthM: null }).error?.issues[0]?.path).toEqual([
      'lengthM',
    ]);
    expect(
      gearSchema.safeParse({ ...rope(), item: { kind: 'hardware', form: 'hook' }, lengthM: null })
        .success,
    ).toBe(true);
    expect(
      gearSchema.safeParse({ ...rope(), boughtOn: '2026-02-01', firstUsedOn: '2026-01-01' })
        .success,
    ).toBe(false);
  });
});

describe('a history adds up', () => {
  const add = (...bodies: HistoryBody[]): GearState =>
    stateOf(
      rope(),
      [entered, ...bodies].map((b, i) => entry(i, b, `2026-0${i + 1}-05`)),
    );
  it('entered, inspected, cut, moved', () => {
    const state = add(
      inspection({ found: [fuzz(3)], decided: 'downgrade' }),
      {
        kind: 'cut',
        pieces: [
          { lengthM: 10, what: '' },
          { lengthM: 2.5, what: '' },
        ],
        scrapM: 0.5,
        damageGone: false,
      },
      { kind: 'moved', place: 'barn' },
    );
    expect(state).toMatchObject({
      state: 'in-service',
      condition: 'worn',
      remainingM: 17,
      place: 'barn',
      inspectedOn: '2026-02-05',
      inspections: 1,
      suspect: false,
    });
  });
  it('an incident asks for an inspection, which settles it', () => {
    expect(add({ kind: 'incident', what: 'snatch' })).toMatchObject({
      suspect: true,
      state: 'in-service',
    });
    expect(add({ kind: 'incident', what: 'snatch' }, inspection())).toMatchObject({
      suspect: false,
    });
  });
  it('isolated damage sets it aside at its place; cutting it out brings the rest back as worn', () => {
    const aside = add(
      inspection({ found: [{ check: 'hard', extent: 'one', atM: 7.4 }], decided: 'isolate' }),
    );
    expect(aside).toMatchObject({ state: 'set-aside', condition: 'damaged', damagedAtM: [7.4] });
    const [long, short] = soundParts(aside);
    expect([long, short].map((m) => Number(m!.toFixed(6)))).toEqual([22.5, 7.3]);
    expect(
      add(inspection({ found: [{ check: 'hard', extent: 'one', atM: 7.4 }], decided: 'isolate' }), {
        kind: 'cut',
        pieces: [],
        scrapM: 7.5,
        damageGone: true,
      }),
    ).toMatchObject({ state: 'in-service', condition: 'worn', remainingM: 22.5, damagedAtM: [] });
  });
  it('inspected again with the damage gone, rope that was set aside is doubtful, not damaged in service', () => {
    const aside = inspection({
      found: [{ check: 'hard', extent: 'one', atM: 7.4 }],
      decided: 'isolate',
    });
    expect(add(aside, inspection())).toMatchObject({
      state: 'in-service',
      condition: 'doubtful',
      damagedAtM: [],
    });
    expect(
      add(aside, inspection({ condition: 'worn', reason: 'cut out at the fair' })),
    ).toMatchObject({ state: 'in-service', condition: 'worn' });
    expect(add(aside, aside)).toMatchObject({ state: 'set-aside', damagedAtM: [7.4] });
  });
  it('a milder decision leaves rope doubtful at best unless the inspector says what it counts as', () => {
    const found = [{ check: 'shock', extent: 'yes', atM: null }];
    expect(
      add(inspection({ found, decided: 'pass', reason: 'it was the other rope' })),
    ).toMatchObject({ condition: 'doubtful', state: 'in-service' });
    expect(
      add(
        inspection({ found, decided: 'pass', condition: 'good', reason: 'it was the other rope' }),
      ),
    ).toMatchObject({ condition: 'good' });
  });
  it('a correction counts from where the entry stood; the entry stays', () => {
    const entries = [
      entry(0, entered),
      entry(1, { kind: 'cut', pieces: [{ lengthM: 20, what: '' }], scrapM: 0, damageGone: false }),
      entry(2, { kind: 'retired', reason: 'wrong rope' }),
      entry(3, {
        kind: 'corrected',
        corrects: id(1),
        instead: { kind: 'cut', pieces: [{ lengthM: 2, what: '' }], scrapM: 0, damageGone: false },
        reason: 'a slip',
      }),
      entry(4, { kind: 'corrected', corrects: id(2), instead: null, reason: 'that was PE-12-2' }),
    ];
    expect(stateOf(rope(), entries)).toMatchObject({ remainingM: 28, state: 'in-service' });
    expect(stateOf(rope(), entries.slice(0, 3))).toMatchObject({
      remainingM: 10,
      state: 'retired',
    });
    const read = readHistory(entries);
    expect(read).toHaveLength(5);
    expect(read[1]).toMatchObject({
      body: { pieces: [{ lengthM: 20 }] },
      counts: { pieces: [{ lengthM: 2 }] },
      correctedBy: { id: id(3) },
    });
    expect(read[2]!.counts).toBeNull();
  });
  it('the latest correction of an entry wins', () => {
    const moved = (place: string): Happening => ({ kind: 'moved', place });
    expect(
      stateOf(rope(), [
        entry(0, entered),
        entry(1, moved('a')),
        entry(2, { kind: 'corrected', corrects: id(1), instead: moved('b'), reason: 'x' }),
        entry(3, { kind: 'corrected', corrects: id(1), instead: moved('c'), reason: 'x' }),
      ]).place,
    ).toBe('c');
  });
});

describe('what may be recorded', () => {
  const base = [entry(0, entered)];
  it('every check must be answered, and damage must be on the list and on the rope', () => {
    expect(refused(rope(), base, inspection())).toBeNull();
    expect(refused(rope(), base, inspection({ answered: ALL.slice(1) }))).toBe('checks-left');
    expect(
      refused(
        rope(),
        base,
        inspection({ found: [{ check: 'stitching', extent: 'worn', atM: null }] }),
      ),
    ).toBe('damage-unknown');
    expect(refused(rope(), base, inspection({ found: [fuzz(31)], decided: 'downgrade' }))).toBe(
      'damage-off-rope',
    );
  });
  it('who decides otherwise says why', () => {
    const found = [{ check: 'sheath', extent: 'core', atM: 2 }];
    expect(refused(rope(), base, inspection({ found, decided: 'pass' }))).toBe(
      'reason-needed-milder',
    );
    expect(refused(rope(), base, inspection({ decided: 'retire' }))).toBe('reason-needed');
    expect(refused(rope(), base, inspection({ condition: 'new' }))).toBe('reason-needed');
    expect(
      refused(rope(), base, inspection({ found, decided: 'pass', reason: 'whipping, not core' })),
    ).toBeNull();
  });
  it('no more is cut than there is; hardware is not cut', () => {
    const cut = (lengthM: number): Happening => ({
      kind: 'cut',
      pieces: [{ lengthM, what: '' }],
      scrapM: 0,
      damageGone: false,
    });
    expect(refused(rope(), base, cut(30))).toBeNull();
    expect(refused(rope(), base, cut(30.01))).toBe('cut-too-long');
    expect(
      refused(
        gearSchema.parse({ ...rope(), item: { kind: 'hardware', form: 'hook' }, lengthM: null }),
        base,
        cut(1),
      ),
    ).toBe('nothing-to-cut');
  });
  it('retired is retired: only a correction speaks after it', () => {
    const entries = [...base, entry(1, { kind: 'retired', reason: 'worn out' })];
    for (const body of [
      inspection(),
      { kind: 'moved', place: 'x' },
      { kind: 'incident', what: 'x' },
    ] as HistoryBody[])
      expect(refused(rope(), entries, body)).toBe('gear-retired');
    expect(
      refused(rope(), entries, {
        kind: 'corrected',
        corrects: id(1),
        instead: null,
        reason: 'slip',
      }),
    ).toBeNull();
  });
  it('corrections refer to an entry of this history, of the same kind, and are checked as it would have been', () => {
    const entries = [
      ...base,
      entry(1, { kind: 'moved', place: 'x' }),
      entry(2, { kind: 'corrected', corrects: id(1), instead: null, reason: 'x' }),
    ];
    const correct = (n: number, instead: Happening | null): HistoryBody => ({
      kind: 'corrected',
      corrects: id(n),
      instead,
      reason: 'x',
    });
    expect(refused(rope(), entries, correct(9, null))).toBe('entry-unknown');
    expect(refused(rope(), entries, correct(2, null))).toBe('correction-of-correction');
    expect(refused(rope(), entries, correct(1, { kind: 'incident', what: 'y' }))).toBe(
      'correction-of-kind',
    );
    expect(refused(rope(), entries, correct(0, null))).toBe('correction-of-kind');
    expect(
      refused(
        rope(),
        [
          ...base,
          entry(1, {
            kind: 'cut',
            pieces: [{ lengthM: 1, what: '' }],
            scrapM: 0,
            damageGone: false,
          }),
        ],
        correct(1, {
          kind: 'cut',
          pieces: [{ lengthM: 40, what: '' }],
          scrapM: 0,
          damageGone: false,
        }),
      ),
    ).toBe('cut-too-long');
  });
});
