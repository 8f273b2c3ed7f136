import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { rope } from '../../../tests/support/gear';
import { readGearTable } from '../exchange/gear-csv/read';
import { writeGearTable } from '../exchange/gear-csv/write';
import { INSPECTION_CHECKS } from '../inspection/checks';
import { OUTCOMES } from '../inspection/outcome';
import type { Happening, HistoryBody, HistoryEntry } from './events';
import { type Gear, type GearStart, gearSchema, startSchema } from './schema';
import { type GearState, startOf, stateOf } from './history';
import { checkRecord, checkStart } from './record';

const LATEST = '2026-12-31';
const id = (n: number): string => `0190b5a0-0000-7000-8000-${String(n).padStart(12, '0')}`;
const entryAt = (n: number, body: HistoryBody): HistoryEntry => ({
  id: id(n),
  at: `2026-${String((n % 11) + 1).padStart(2, '0')}-05T10:00:00.000Z`,
  by: 'Sunniva',
  body,
});

const THINGS: readonly Gear[] = [
  rope(),
  ...[
    { kind: 'webbing', widthM: '50 mm', markedWllN: '25 kN' },
    { kind: 'chain', grade: '80', sizeM: '10 mm' },
    { kind: 'wire', sizeM: '12 mm', singleUse: true },
    { kind: 'hardware', form: 'shackle', markedWllN: '15 kN' },
  ].map((item) =>
    gearSchema.parse({
      format: 'vast-cleat/gear',
      version: 1,
      code: 'x-1',
      lengthM: item.kind === 'hardware' ? null : 30,
      item,
    }),
  ),
];

const start = fc
  .record({
    condition: fc.constantFrom('new', 'good', 'worn', 'doubtful', 'damaged'),
    remainingM: fc.option(fc.integer({ min: 5, max: 30 })),
    lastInspectedOn: fc.option(fc.constantFrom('2025-10-01', '2026-01-31')),
    suspect: fc.boolean(),
    damagedAtM: fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 3 }),
    retired: fc.boolean(),
  })
  .map((s) => startSchema.parse(s));

/** Anything that may happen to a thing; what may not be recorded is left out as the locker leaves it out. */
const happenings = (gear: Gear): fc.Arbitrary<Happening[]> => {
  const checks = INSPECTION_CHECKS[gear.item.kind];
  const found = fc
    .constantFrom(...checks.flatMap((c) => c.extents.map((e) => [c.id, e.id] as const)))
    .chain(([check, extent]) =>
      fc.option(fc.integer({ min: 0, max: 30 })).map((atM) => ({ check, extent, atM })),
    );
  return fc.array(
    fc.oneof(
      fc.record({
        kind: fc.constant('inspected' as const),
        seen: fc.constant(null),
        answered: fc.constant(checks.map((c) => c.id)),
        found: fc.array(found, { maxLength: 3 }),
        decided: fc.constantFrom(...OUTCOMES),
        condition: fc.option(
          fc.constantFrom('good' as const, 'worn' as const, 'doubtful' as const),
        ),
        reason: fc.constant('because'),
      }),
      fc.record({
        kind: fc.constant('cut' as const),
        pieces: fc.constant<{ lengthM: number; what: string }[]>([{ lengthM: 2, what: '' }]),
        scrapM: fc.constantFrom(0, 1),
        damageGone: fc.boolean(),
      }),
      fc.constant({ kind: 'moved' as const, place: 'yard' }),
      fc.constant({ kind: 'incident' as const, what: 'shock' }),
      fc.constant({ kind: 'retired' as const, reason: 'old' }),
    ),
    { maxLength: 6 },
  );
};

/** How a thing stands after what of this may be recorded. */
function lived(gear: Gear, first: GearStart, later: readonly Happening[]): GearState | null {
  if (!checkStart(gear, first, LATEST).ok) return null;
  const entries = [entryAt(0, { kind: 'entered', ...first })];
  for (const body of later) {
    const knowing = body.kind === 'inspected' ? { ...body, seen: entries.at(-1)!.id } : body;
    if (checkRecord(gear, entries, knowing, LATEST).ok)
      entries.push(entryAt(entries.length, knowing));
  }
  return stateOf(gear, entries);
}

const anyLife = fc
  .constantFrom(...THINGS)
  .chain((gear) => fc.tuple(fc.constant(gear), start, happenings(gear)));

/** The same but for how often it was inspected, which is history. */
const standing = ({ inspections: _, place: __, ...rest }: GearState) => rest;

describe('entered anew as it stands', () => {
  it('it stands the same, whatever it lived through: suspect stays suspect, damage keeps its place', () => {
    const seen = new Set<string>();
    fc.assert(
      fc.property(anyLife, ([gear, first, later]) => {
        const state = lived(gear, first, later);
        if (!state) return;
        seen.add(`${state.state}${state.suspect ? ', suspect' : ''}`);
        const again = stateOf(gear, [entryAt(0, { kind: 'entered', ...startOf(state) })]);
        expect(standing(again)).toEqual(standing(state));
      }),
      { numRuns: 1500 },
    );
    expect([...seen].sort()).toEqual([
      'in-service',
      'in-service, suspect',
      'retired',
      'retired, suspect',
      'set-aside',
      'set-aside, suspect',
    ]);
  });
  it('the same by way of a table that a spreadsheet kept', () =>
    fc.assert(
      fc.property(anyLife, ([gear, first, later]) => {
        const state = lived(gear, first, later);
        if (!state) return;
        const read = readGearTable(writeGearTable([{ gear, start: startOf(state) }]));
        if (!read.ok) throw new Error(read.issues[0]!.code);
        expect(read.value.errors).toEqual([]);
        const [row] = read.value.good;
        const again = stateOf(row!.gear, [entryAt(0, { kind: 'entered', ...row!.start })]);
        expect(standing(again)).toEqual(standing(state));
      }),
      { numRuns: 400 },
    ));
  it('what cannot be is refused: inspected tomorrow, more left than there was, damaged off the rope', () => {
    const code = (part: Record<string, unknown>): string | null => {
      const r = checkStart(rope(), startSchema.parse(part), '2026-11-28');
      return r.ok ? null : r.issues[0]!.code;
    };
    expect(code({ lastInspectedOn: '2026-11-28' })).toBeNull();
    expect(code({ lastInspectedOn: '2026-11-29' })).toBe('inspected-in-future');
    expect(code({ remainingM: '30 m' })).toBeNull();
    expect(code({ remainingM: '31 m' })).toBe('left-over-length');
    expect(code({ condition: 'damaged', damagedAtM: ['12 m', '31 m'] })).toBe('damage-off-rope');
  });
});

describe('an inspection that was begun before something else was recorded', () => {
  const entered = entryAt(0, { kind: 'entered', ...startSchema.parse({}) });
  const incident = entryAt(1, { kind: 'incident', what: 'a lorry ran over it' });
  const pass = (seen: string | null): HistoryBody => ({
    kind: 'inspected',
    seen,
    answered: INSPECTION_CHECKS.rope.map((c) => c.id),
    found: [],
    decided: 'pass',
    condition: null,
    reason: '',
  });
  const check = (entries: readonly HistoryEntry[], seen: string | null) =>
    checkRecord(rope(), entries, pass(seen), LATEST);

  it('does not wipe an incident it does not know of', () => {
    expect(check([entered], entered.id)).toMatchObject({ ok: true });
    expect(check([entered, incident], entered.id)).toMatchObject({
      ok: false,
      issues: [
        {
          code: 'history-moved',
          path: ['seen'],
          values: { entries: 1, incident: true, last: incident.id },
        },
      ],
    });
    expect(check([entered, incident], incident.id)).toMatchObject({ ok: true });
  });
  it('one that says nothing of what it saw, or something that never was, is not taken', () => {
    for (const seen of [null, id(99)])
      expect(check([entered, incident], seen)).toMatchObject({
        ok: false,
        issues: [{ code: 'history-moved', values: { entries: 2 } }],
      });
  });
  it('anything else that was recorded since is told, too', () => {
    const moved = entryAt(1, { kind: 'moved', place: 'yard' });
    expect(check([entered, moved], entered.id)).toMatchObject({
      ok: false,
      issues: [{ code: 'history-moved', values: { entries: 1, incident: false } }],
    });
  });
});
