import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type Gear, gearSchema, type GearStart, startSchema } from '../../gear/schema';
import { ROPE_MATERIAL_IDS } from '../../rope/materials';
import { CONDITIONS } from '../../rope/condition';
import { guardCell, unguardCell } from './cells';
import { COLUMNS } from './columns';
import { matchHeaders } from './head';
import { readGearTable } from './read';
import { writeGearTable } from './write';

const read = (table: readonly (readonly string[])[]) => {
  const r = readGearTable(table);
  if (!r.ok) throw new Error(r.issues[0]!.code);
  return r.value;
};

const refused = (table: readonly (readonly string[])[]): string | null => {
  const r = readGearTable(table);
  return r.ok ? null : r.issues[0]!.code;
};

const HEAD = ['Tag code', 'Material', 'Size (mm)', 'Length (m)'];

const anyText = fc
  .oneof(
    fc.string({ maxLength: 40 }),
    fc.constantFrom(
      '=HYPERLINK("http://x","y")',
      '+1',
      '-2+3',
      '@SUM(A1)',
      "'=1",
      "''x",
      'a,b "c"\nd',
      'Ærø',
    ),
  )
  .map((s) => s.replaceAll('\0', '').trim());

const length = fc.oneof(
  fc.constantFrom(0.0105, 30.48, 1 / 3, 0.01, 4999.99),
  fc.double({ min: 0.011, max: 4999, noNaN: true }),
);

const size = fc.oneof(
  fc.constantFrom(0.012, 0.009525, (3 / 8) * 0.0254, (5 / 16) * 0.0254),
  fc.double({ min: 0.0011, max: 0.11, noNaN: true }),
);

const force = fc.option(
  fc.oneof(
    fc.constantFrom(21000, 1800 * 4.4482216152605),
    fc.double({ min: 1, max: 4e6, noNaN: true }),
  ),
);

const day = fc.option(
  fc
    .date({ min: new Date('2000-01-01'), max: new Date('2030-12-31'), noInvalidDate: true })
    .map((d) => d.toISOString().slice(0, 10)),
);

const item = fc.oneof(
  fc.record({
    kind: fc.constant('rope'),
    material: fc.constantFrom(...ROPE_MATERIAL_IDS),
    diameterM: size,
    mbsN: force,
    markedWllN: force,
    historyKnown: fc.boolean(),
  }),
  fc.record({ kind: fc.constant('webbing'), widthM: size, mbsN: force, markedWllN: force }),
  fc.record({
    kind: fc.constant('chain'),
    grade: fc.constantFrom('unmarked', '30', '43', '70', '80', '100'),
    sizeM: size,
    mbsN: force,
    markedWllN: force,
  }),
  fc.record({
    kind: fc.constant('wire'),
    sizeM: size,
    mbsN: force,
    markedWllN: force,
    singleUse: fc.boolean(),
  }),
  fc.record({
    kind: fc.constant('hardware'),
    form: fc.constantFrom('ring', 'hook', 'stake', 'ratchet'),
    barDiameterM: fc.option(size),
    mbsN: force,
    markedWllN: force,
    marking: anyText,
  }),
);

const row = fc
  .tuple(
    item,
    length,
    anyText,
    anyText,
    anyText,
    fc.boolean(),
    fc.option(fc.double({ min: 1e-6, max: 99_999, noNaN: true })),
    day,
    day,
    fc.constantFrom(...CONDITIONS),
    fc.oneof(fc.constant(0), fc.double({ min: 1e-3, max: 1, noNaN: true })),
    fc.boolean(),
    fc.constantFrom('normal', 'daily'),
  )
  .map(
    ([
      it,
      lengthM,
      name,
      place,
      notes,
      neverCut,
      pricePerM,
      bought,
      inspected,
      condition,
      part,
      retired,
      use,
    ]): { gear: Gear; start: GearStart } => {
      const flexible = it.kind !== 'hardware';
      return {
        gear: gearSchema.parse({
          format: 'vast-cleat/gear',
          version: 1,
          code: 'T',
          name,
          item: it,
          lengthM: flexible ? lengthM : null,
          neverCut,
          pricePerM,
          use,
          boughtOn: bought,
          firstUsedOn: null,
          place,
          notes,
        }),
        start: startSchema.parse({
          condition,
          remainingM: flexible ? lengthM * part : null,
          lastInspectedOn: inspected,
          retired,
        }),
      };
    },
  );

describe('export and import', () => {
  it('are each other’s inverse, whatever the texts, sizes and conditions', () => {
    fc.assert(
      fc.property(fc.array(row, { maxLength: 8 }), (rows) => {
        const named = rows.map((r, i) => ({ ...r, gear: { ...r.gear, code: `T-${i}` } }));
        const table = read(writeGearTable(named));
        expect(table.errors).toEqual([]);
        expect(table.good.map(({ gear, start }) => ({ gear, start }))).toEqual(named);
      }),
      { numRuns: 300 },
    );
  });
  it('no cell of an export begins as a formula; guarding loses nothing', () => {
    fc.assert(
      fc.property(anyText, (text) => {
        expect(guardCell(text)).not.toMatch(/^[=+\-@\t\r]/);
        expect(unguardCell(guardCell(text))).toBe(text);
      }),
      { numRuns: 500 },
    );
    const [, cells] = writeGearTable([
      {
        gear: gearSchema.parse({
          format: 'vast-cleat/gear',
          version: 1,
          code: 'A',
          name: '=HYPERLINK("http://evil")',
          lengthM: 3,
          item: { kind: 'rope', material: 'manila', diameterM: 0.01 },
        }),
        start: startSchema.parse({}),
      },
    ]);
    expect(cells![1]).toBe('\'=HYPERLINK("http://evil")');
  });
});

describe('headers', () => {
  it('in any order, however written, with the unit in brackets or after an underscore', () => {
    const matched = matchHeaders(
      ['LENGTH_ft', 'tag', 'Ø [mm]', 'Fibre', 'Breaking load (kN)', 'colour', 'Tag code'],
      COLUMNS,
    );
    expect(matched.map((m) => [m.column?.id ?? null, m.unit])).toEqual([
      ['length', 'ft'],
      ['code', null],
      ['size', 'mm'],
      ['material', null],
      ['mbs', 'kN'],
      [null, null],
      [null, null],
    ]);
  });
  it('every column finds itself by its own header, and no two share a spelling', () => {
    for (const c of COLUMNS) expect(matchHeaders([c.header], COLUMNS)[0]!.column?.id).toBe(c.id);
    const spellings = COLUMNS.flatMap((c) => [
      ...new Set([c.header.toLowerCase().replace(/[^a-z]/g, ''), ...c.also]),
    ]);
    expect(spellings.length).toBe(new Set(spellings).size);
  });
  it('without codes or without headers the whole table is refused', () => {
    expect(refused([])).toBe('table-empty');
    expect(refused([['', '']])).toBe('table-empty');
    expect(refused([['Material'], ['manila']])).toBe('table-without-code');
  });
});

describe('rows', () => {
  const one = (cells: string[], head = HEAD) => read([head, cells]);
  const errorOf = (cells: string[], head = HEAD) =>
    one(cells, head).errors.map((e) => [e.row, e.column, e.code]);
  it('units from the header or the cell; a bare figure without either is refused', () => {
    expect(one(['A-1', 'polyester', '12', '30']).good[0]!.gear).toMatchObject({
      code: 'A-1',
      lengthM: 30,
      item: { kind: 'rope', material: 'polyester', diameterM: 0.012 },
    });
    expect(one(['A-1', 'Polyester three-strand', '1/2 in', '100 ft']).good[0]!.gear).toMatchObject({
      lengthM: 100 * 0.3048,
      item: { diameterM: 0.0127 },
    });
    expect(
      errorOf(['A-1', 'polyester', '12', '30'], ['tag', 'material', 'size', 'length (m)']),
    ).toEqual([[2, 'size', 'unit-missing']]);
  });
  it('each error with its row and its column as the file names it', () => {
    expect(errorOf(['A-1', 'spaghetti', '12', '30'])).toEqual([[2, 'Material', 'word-unknown']]);
    expect(errorOf(['A-1', 'manila', '12,5', '30'])).toEqual([[2, 'Size (mm)', 'decimal-comma']]);
    expect(errorOf(['A 1', 'manila', '12', '30'])).toEqual([[2, 'Tag code', 'code-unusable']]);
    expect(errorOf(['A-1', 'manila', '12', ''])).toEqual([[2, 'Length (m)', 'length-missing']]);
    expect(errorOf(['A-1', 'manila', '500', '30'])).toEqual([[2, 'Size (mm)', 'out-of-range']]);
    expect(errorOf(['A-1', '', '12', '30'])).toEqual([[2, 'Material', 'invalid-value']]);
    expect(errorOf(['', 'manila', '12', '30'])).toEqual([[2, 'Tag code', 'cell-missing']]);
    expect(errorOf(['A-1', 'manila', '12', '30', 'extra'])).toEqual([[2, '', 'row-too-long']]);
    expect(
      errorOf(
        ['A-1', 'manila', '12', '30', 'maybe', '3.11.2026', '40'],
        [...HEAD, 'Never cut', 'Bought', 'Left (m)'],
      ),
    ).toEqual([
      [2, 'Never cut', 'not-yes-or-no'],
      [2, 'Bought', 'not-a-day'],
    ]);
    expect(errorOf(['A-1', 'manila', '12', '30', '40'], [...HEAD, 'Left (m)'])).toEqual([
      [2, 'Left (m)', 'left-over-length'],
    ]);
  });
  it('a code that stands twice is an error at the second, which names the first', () => {
    const table = read([
      HEAD,
      ['A-1', 'manila', '12', '30'],
      ['B-1', 'manila', '12', '30'],
      ['a-1', 'manila', '12', '30'],
    ]);
    expect(table.good.map((g) => g.row)).toEqual([2, 3]);
    expect(table.errors).toMatchObject([{ row: 4, code: 'code-twice', values: { row: 2 } }]);
  });
  it('empty rows are passed over and keep the count of rows', () => {
    expect(errorOf(['A-1', 'spaghetti', '12', '30'])).toHaveLength(1);
    expect(read([HEAD, ['', '', '', ''], ['A-1', 'spaghetti', '12', '30']]).errors[0]!.row).toBe(3);
  });
  it('kind from what is there: a grade is chain, a fitting is hardware', () => {
    expect(
      one(['A', '70', '3/8 in', '6'], ['tag', 'grade', 'size', 'length (m)']).good[0]!.gear.item,
    ).toMatchObject({ kind: 'chain', grade: '70' });
    expect(
      one(['A', 'shackle', '2 kN'], ['tag', 'fitting', 'WLL']).good[0]!.gear.item,
    ).toMatchObject({ kind: 'hardware', markedWllN: 2000 });
  });
});
