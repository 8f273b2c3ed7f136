import { describe, expect, it } from 'vitest';
import { readUnitsTable } from './table';

const read = (text: string) =>
  readUnitsTable(text.split('\n').map((line) => line.split(',').map((c) => c.trim())));
const good = (text: string) => {
  const r = read(text);
  if (!r.ok) throw new Error(JSON.stringify(r.issues));
  return r.value;
};

describe('units out of a table', () => {
  it('headers in any order, units in the header or in the cells, what stands on what by name', () => {
    const { good: rows, errors } = good(
      `Weight (kg), Name, L (mm), Width, Height, From front, Left of middle, Stands on, Friction
       380, bin 1, 1200, 1 m, 750 mm, 0.5, -0.2, deck, sawn wood on plywood
       380, bin 2, 1200, 1 m, 75 cm, 0.5, , Bin 1, 0.4`,
    );
    expect(errors).toEqual([]);
    expect(rows.map((r) => r.unit)).toMatchObject([
      {
        id: 'u2',
        name: 'bin 1',
        massKg: 380,
        lengthM: 1.2,
        widthM: 1,
        heightM: 0.75,
        fromFrontM: 0.5,
        fromCentreM: -0.2,
        on: { kind: 'deck' },
        friction: { known: 'pair', pair: 'sawn-wood-plywood' },
      },
      {
        id: 'u3',
        on: { kind: 'unit', unitId: 'u2' },
        friction: { known: 'entered', mu: 0.4 },
        fromCentreM: 0,
      },
    ]);
  });
  it('a mass that is not there is not known, not nothing', () =>
    expect(good('name,length,width,height\ncrate,1,1,1').good[0]!.unit.massKg).toBeNull());
  it('what cannot be read is located by row and column, and the rest is read', () => {
    const { good: rows, errors } = good(
      `Name, Mass, Length, Width, Height
       one, 380 kg, 1.2, 1, 0.75
       two, heavy, 1.2, 1, 0.75
       three, 100, 400, 1, 1
       four, 100, , 1, 1`,
    );
    expect(rows.map((r) => r.unit.name)).toEqual(['one']);
    expect(errors.map((e) => [e.row, e.column])).toEqual([
      [3, 'Mass'],
      [4, 'Length'],
      [5, 'Length'],
    ]);
  });
  it('what stands on a row that cannot be kept is not kept either, nor what stands on nobody', () => {
    const { good: rows, errors } = good(
      `Name, Length, Width, Height, Stands on
       low, 400, 1, 1,
       high, 1, 1, 1, low
       lost, 1, 1, 1, nobody`,
    );
    expect(rows).toEqual([]);
    expect(errors.map((e) => [e.row, e.code])).toEqual([
      [2, 'out-of-range'],
      [3, 'stands-on-unknown'],
      [4, 'stands-on-unknown'],
    ]);
  });
  it('a figure that is none is quoted as it was written; a name that two rows bear is nothing to stand on', () => {
    expect(good('Name, Mass (kg), Length, Width, Height\na, heavy, 1, 1, 1').errors).toMatchObject([
      { row: 2, code: 'not-a-number', values: { text: 'heavy' } },
    ]);
    const { good: rows, errors } = good(
      `Name, Length, Width, Height, Stands on
       bin, 1, 1, 1,
       bin, 1, 1, 1,
       lid, 1, 1, 1, bin`,
    );
    expect(rows.map((r) => r.unit.name)).toEqual(['bin', 'bin']);
    expect(errors).toMatchObject([{ row: 4, code: 'stands-on-unknown', values: { text: 'bin' } }]);
  });
  it('no size, nothing at all, a header that was meant otherwise: refused, not guessed', () => {
    expect(read('name,mass\na,1')).toMatchObject({
      ok: false,
      issues: [{ code: 'table-without-size' }],
    });
    expect(read('')).toMatchObject({ ok: false, issues: [{ code: 'table-empty' }] });
    const { good: rows, errors } = good('Name, Length, Width, Height, Masss\na,1,1,1,5');
    expect(rows).toEqual([]);
    expect(errors).toMatchObject([{ row: 1, code: 'column-unknown', values: { nearest: 'Mass' } }]);
  });
});
