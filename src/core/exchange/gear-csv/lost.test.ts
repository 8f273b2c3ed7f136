import { describe, expect, it } from 'vitest';
import { COLUMNS, plain } from './columns';
import { readGearTable } from './read';

const read = (table: readonly (readonly string[])[]) => {
  const r = readGearTable(table);
  if (!r.ok) throw new Error(r.issues[0]!.code);
  return r.value;
};
const HEAD = ['Tag code', 'Material', 'Size (mm)', 'Length (m)'];

describe('what would be lost without a word', () => {
  const row = ['A-1', 'polyester', '12', '30'];
  const errorsOf = (more: string, cell: string) =>
    read([
      [...HEAD, more],
      [...row, cell],
    ]);
  it.each([
    ['Conditon', 'worn', 'Condition'],
    ['Breaking strenght (kN)', '21', 'Breaking strength'],
    ['Last inspektion', '2026-10-01', 'Last inspected'],
  ])('a header that nobody knows, “%s”: no row is taken, and %s', (header, cell, meant) => {
    const { good, errors } = errorsOf(header, cell);
    expect(good).toEqual([]);
    expect(errors).toMatchObject([
      { row: 1, column: header, code: 'column-unknown', values: { header } },
    ]);
    const nearest = errors[0]!.values['nearest'];
    expect(plain(String(nearest))).toBe(
      plain(COLUMNS.find((c) => c.header.startsWith(meant))!.header),
    );
  });
  it('one that means nothing at all is told; the rows stand, for whoever takes them without it', () =>
    expect(errorsOf('Colour', 'blue')).toMatchObject({
      good: [{ row: 2 }],
      errors: [{ row: 1, column: 'Colour', code: 'column-unknown', values: { nearest: null } }],
    }));
  it('over empty cells it loses nothing; begun with # it is left out on purpose', () => {
    expect(errorsOf('Colour', ' ').good).toHaveLength(1);
    expect(errorsOf('# Colour', 'blue')).toMatchObject({ errors: [], good: [{ row: 2 }] });
  });
  it('two headers that mean one column', () =>
    expect(errorsOf('Tag', 'B-2')).toMatchObject({
      good: [],
      errors: [{ row: 1, code: 'column-twice', values: { header: 'Tag', twin: 'Tag code' } }],
    }));
  it('a cell that this kind of gear has no place for', () => {
    const { good, errors } = read([
      [...HEAD, 'Kind', 'Grade'],
      [...row, 'rope', '70'],
      ['C-1', '', '10', '5', 'chain', '70'],
    ]);
    expect(good.map((g) => g.row)).toEqual([3]);
    expect(errors).toMatchObject([
      { row: 2, column: 'Grade', code: 'cell-not-for-kind', values: { kind: 'rope' } },
    ]);
  });
});
