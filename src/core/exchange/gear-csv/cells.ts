import { fail, ok, type Result } from '../../result';
import { parseQuantity, UNITS } from '../../units';
import type { ColumnKind } from './columns';
import { plain } from './columns';

/**
 * A cell that a spreadsheet would run as a formula gets an apostrophe before it, and one that looks so already gets one
 * more, so that reading takes exactly that apostrophe off again.
 */
export const guardCell = (text: string): string =>
  /^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text;
export const unguardCell = (text: string): string =>
  /^'+[=+\-@\t\r]/.test(text) ? text.slice(1) : text;

const YES = ['yes', 'y', 'true', '1', 'x', 'known'];
const NO = ['no', 'n', 'false', '0', 'unknown'];

/** Decimals that lose nothing of a double down to a ten-millionth. */
const MOST_DECIMALS = 25;
/** A number without an exponent, which people and this program's reader do not write. */
export const plainNumber = (value: number): string =>
  /e/.test(String(value)) ? value.toFixed(MOST_DECIMALS).replace(/\.?0+$/, '') : String(value);

/** A quantity as text with its unit, in the column's unit when that says the same to the last digit, else in SI. */
export function writeQuantity(valueSI: number, unit: 'mm' | 'N' | 'm'): string {
  const shown = String(Number((valueSI / UNITS[unit].si).toPrecision(15)));
  if (unit !== 'mm') return plainNumber(valueSI);
  const back = parseQuantity('length', `${shown} mm`);
  return back.ok && back.value.value === valueSI ? shown : `${plainNumber(valueSI)} m`;
}

/** A bare figure with the unit of its header. */
const withUnit = (text: string, unit: string | null): string =>
  unit !== null && /^[\d.,\s/¼½¾⅛⅜⅝⅞-]+$/.test(text) ? `${text} ${unit}` : text;

/** What a cell says, as a value for the documents' schemas. `unit`: from the header, for a bare number. */
export function readCell(kind: ColumnKind, text: string, unit: string | null): Result<unknown> {
  switch (kind.is) {
    case 'text':
      return ok(text);
    case 'quantity':
      return ok(withUnit(text, unit));
    case 'quantities':
      return ok(text.split(';').map((part) => withUnit(part.trim(), unit)));
    case 'word': {
      const word = kind.words[plain(text)];
      return word === undefined
        ? fail('word-unknown', {
            text: text.slice(0, 40),
            choices: [...new Set(Object.values(kind.words))].join(', '),
          })
        : ok(word);
    }
    case 'yes-no':
      return YES.includes(plain(text))
        ? ok(true)
        : NO.includes(plain(text))
          ? ok(false)
          : fail('not-yes-or-no', { text: text.slice(0, 40) });
    case 'day':
      return /^\d{4}-\d\d-\d\d$/.test(text) && !Number.isNaN(Date.parse(text))
        ? ok(text)
        : fail('not-a-day', { text: text.slice(0, 40) });
    case 'number':
      return /^\d+(\.\d+)?$/.test(text)
        ? ok(Number(text))
        : fail('not-a-number', { text: text.slice(0, 40) });
  }
}
