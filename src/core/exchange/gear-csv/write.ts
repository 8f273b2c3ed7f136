import { guardCell, plainNumber, writeQuantity } from './cells';
import { type Column, COLUMNS, type GearRow } from './columns';

function cell(column: Column, row: GearRow): string {
  const value = column.write(row);
  if (value === null || value === '') return '';
  if (typeof value === 'object') return value.map((m) => writeQuantity(m, 'm')).join('; ');
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (column.kind.is === 'quantity') return writeQuantity(Number(value), column.kind.unit);
  return guardCell(typeof value === 'number' ? plainNumber(value) : value);
}

const header = (c: Column): string =>
  c.kind.is === 'quantity' || c.kind.is === 'quantities'
    ? `${c.header} (${c.kind.unit})`
    : c.header;

/** A table of gear, header first, that reads back as the very same gear. Cells that a spreadsheet would run are guarded. */
export function writeGearTable(rows: readonly GearRow[]): string[][] {
  return [COLUMNS.map(header), ...rows.map((row) => COLUMNS.map((c) => cell(c, row)))];
}
