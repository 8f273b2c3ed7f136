import { fail, ok, type Result } from '../result';
import {
  type Dimension,
  FORCE_OF_MASS_UNIT,
  UNITS,
  type UnitId,
  unitOfSpelling,
} from './dimensions';

/** What was understood: the SI value and the unit that was taken (to be shown beside the field). */
export interface ParsedQuantity {
  readonly value: number;
  readonly unit: UnitId;
}

const GLYPH_FRACTIONS: Record<string, string> = {
  '¼': '1/4',
  '½': '1/2',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};
const NUMBER = String.raw`(?:\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d+(?:\.\d+)?|\.\d+)`;
const AMOUNT = String.raw`(?:${NUMBER}[\s-]+\d+\s*\/\s*\d+|\d+\s*\/\s*\d+|${NUMBER})`;
const FEET_INCHES = new RegExp(
  String.raw`^(${AMOUNT})\s*(?:ft\.?|foot|feet|'|′|’)\s*-?\s*(${AMOUNT})\s*(?:in\.?|inch|inches|"|″|”|'')?$`,
  'i',
);
const SINGLE = new RegExp(String.raw`^(${AMOUNT})\s*([^\d\s].*)?$`);
/** Longest input that is read at all; anything longer is not a quantity. */
const MAX_TEXT = 60;

/** Makes spaces, minus signs and glyph fractions uniform. */
function tidy(text: string): string {
  return text
    .replace(/[\u00a0\u2009\u202f]/g, ' ')
    .replace(/[−–]/g, '-')
    .replace(/[¼½¾⅛⅜⅝⅞⅓⅔]/g, (glyph) => ` ${GLYPH_FRACTIONS[glyph]}`)
    .replace(/\s+/g, ' ')
    .trim();
}

/** `1 1/8`, `1-1/8`, `3/8`, `1,800.5`. Refuses a fraction over 0. */
function parseAmount(text: string): Result<number> {
  const mixed = /^(?:(.+?)[\s-]+)?(\d+)\s*\/\s*(\d+)$/.exec(text);
  if (!mixed) return ok(Number(text.replace(/,/g, '')));
  const [, whole, over, under] = mixed;
  if (Number(under) === 0) return fail('fraction-over-zero', { text });
  return ok((whole ? Number(whole.replace(/,/g, '')) : 0) + Number(over) / Number(under));
}

function parseFeetInches(match: RegExpExecArray, text: string): Result<ParsedQuantity> {
  const feet = parseAmount(match[1]!);
  const inches = parseAmount(match[2]!);
  if (!feet.ok) return feet;
  if (!inches.ok) return inches;
  if (inches.value >= 12) return fail('inches-over-eleven', { text });
  return ok({ value: feet.value * UNITS.ft.si + inches.value * UNITS.in.si, unit: 'ft' });
}

/** The unit to take: as typed, or (a bare number) the one shown beside the field. */
function chooseUnit(
  dimension: Dimension,
  typed: string | undefined,
  fieldUnit: UnitId | undefined,
): Result<UnitId> {
  if (!typed) return fieldUnit ? ok(fieldUnit) : fail('unit-missing', { dimension });
  const unit = unitOfSpelling(typed);
  if (!unit) return fail('unit-unknown', { unit: typed.slice(0, 20), dimension });
  const taken = dimension === 'force' ? (FORCE_OF_MASS_UNIT[unit] ?? unit) : unit;
  if (UNITS[taken].dimension !== dimension)
    return fail('unit-wrong-kind', { unit: typed.slice(0, 20), dimension });
  return ok(taken);
}

/**
 * Reads a quantity the way people write it: `5 ft 3 in`, `5'3"`, `1 1/8 in`, `12mm`, `1,800 lbf`.
 *
 * `lb` and `kg` where a force is meant are taken as lbf and kgf; the returned unit says so.
 * A bare number takes `fieldUnit`; without one (imports, API text) it is refused.
 *
 * @returns SI value (N, kg, m, rad) and the unit taken, or one issue: `quantity-empty`, `decimal-comma`,
 *   `fraction-over-zero`, `inches-over-eleven`, `negative`, `not-a-number`, `unit-missing`, `unit-unknown`, `unit-wrong-kind`.
 */
export function parseQuantity(
  dimension: Dimension,
  raw: string,
  fieldUnit?: UnitId,
): Result<ParsedQuantity> {
  if (raw.length > MAX_TEXT) return fail('not-a-number', { text: raw.slice(0, 20), dimension });
  const text = tidy(raw);
  if (text === '') return fail('quantity-empty');
  if (/^-/.test(text)) return fail('negative', { text });
  // A comma that does not part thousands is a decimal comma in half the world and a slip in the other: refuse, never guess.
  if (/\d,(?!\d{3}(?!\d))/.test(text) || /^,|\d{4,},\d/.test(text))
    return fail('decimal-comma', { text });
  const compound = FEET_INCHES.exec(text);
  if (compound && dimension === 'length') return parseFeetInches(compound, text);
  const single = SINGLE.exec(text);
  if (!single) return fail('not-a-number', { text, dimension });
  const amount = parseAmount(single[1]!);
  if (!amount.ok) return amount;
  const unit = chooseUnit(dimension, single[2]?.trim(), fieldUnit);
  if (!unit.ok) return unit;
  const value = amount.value * UNITS[unit.value].si;
  return Number.isFinite(value)
    ? ok({ value, unit: unit.value })
    : fail('not-a-number', { text, dimension });
}
