import { RELATIVE_TOLERANCE } from './constants';
import { type Dimension, UNITS, type UnitId } from './dimensions';

/** A capacity is rounded down, a demand up, anything else to the nearest: the screen never flatters. */
export type Rounding = 'capacity' | 'demand' | 'nearest';

/** The units a member reads in, by dimension; `size` is for rope and bar diameters. */
export interface UnitChoice {
  readonly force: 'kN' | 'daN' | 'kgf' | 'lbf' | 'N';
  readonly mass: 'kg' | 'lb';
  readonly length: 'm' | 'ft';
  readonly size: 'mm' | 'in';
}

export const METRIC: UnitChoice = { force: 'kN', mass: 'kg', length: 'm', size: 'mm' };
export const US_CUSTOMARY: UnitChoice = { force: 'lbf', mass: 'lb', length: 'ft', size: 'in' };
/** By the word a member has chosen. */
export const UNIT_CHOICES = { metric: METRIC, us: US_CUSTOMARY } as const;

/**
 * Rounds to `digits` significant digits in the given sense.
 * A value within 1e-9 of the next step counts as that step: 197.9999999999 shows as 198, not 197.
 */
export function roundSignificant(value: number, digits: number, rounding: Rounding): number {
  if (value === 0 || !Number.isFinite(value)) return value;
  const magnitude = Math.floor(Math.log10(Math.abs(value) * (1 + RELATIVE_TOLERANCE)));
  const scale = 10 ** (digits - 1 - magnitude);
  const scaled = value * scale;
  const slack = Math.abs(scaled) * RELATIVE_TOLERANCE;
  if (rounding === 'capacity') return Math.floor(scaled + slack) / scale;
  if (rounding === 'demand') return Math.ceil(scaled - slack) / scale;
  return Math.round(scaled) / scale;
}

/** By decimals: making a formatter takes a hundred times as long as using it. */
const FORMATTERS: readonly Intl.NumberFormat[] = Array.from(
  { length: 7 },
  (_, decimals) =>
    new Intl.NumberFormat('en-US', {
      minimumFractionDigits: decimals,
      maximumFractionDigits: decimals,
    }),
);

/** A count, thousands parted ("9,600"). */
export const formatCount = (count: number): string => FORMATTERS[0]!.format(count);

/** Three significant digits, trailing zeros kept ("4.00"), thousands parted ("1,800"). */
export function formatNumber(value: number, rounding: Rounding = 'nearest', digits = 3): string {
  if (!Number.isFinite(value)) return value > 0 ? 'unlimited' : 'unknown';
  const rounded = roundSignificant(value, digits, rounding);
  if (rounded === 0) return '0';
  const magnitude = Math.floor(Math.log10(Math.abs(rounded)));
  const decimals = Math.min(6, Math.max(0, digits - 1 - magnitude));
  return FORMATTERS[decimals]!.format(rounded);
}

/** A figure and its unit, kept apart so that a view can set them differently. */
export interface Figure {
  readonly number: string;
  readonly unit: string;
}

/** Formats an SI value in one unit. */
export function formatIn(value: number, unit: UnitId, rounding: Rounding = 'nearest'): Figure {
  return { number: formatNumber(value / UNITS[unit].si, rounding), unit };
}

/** The unit a member reads a dimension in. Small lengths (rope, bar) take `size`. */
export function unitFor(dimension: Dimension, choice: UnitChoice, small = false): UnitId {
  if (dimension === 'angle') return 'deg';
  if (dimension === 'length') return small ? choice.size : choice.length;
  return choice[dimension];
}

/** Formats an SI value as `2.27 kN` in the member's unit. */
export function formatQuantity(
  value: number,
  dimension: Dimension,
  choice: UnitChoice,
  rounding: Rounding = 'nearest',
  small = false,
): string {
  const figure = formatIn(value, unitFor(dimension, choice, small), rounding);
  return `${figure.number}\u00a0${figure.unit === 'deg' ? '°' : figure.unit}`;
}

/**
 * Measures that belong together, as `1.60 × 0.90 × 1.90 m`: one precision for all, as many decimals as leave the largest
 * three digits and the smallest two.
 */
export function formatTogether(
  values: readonly number[],
  dimension: Dimension,
  choice: UnitChoice,
): string {
  const unit = unitFor(dimension, choice);
  const shown = values.map((v) => v / UNITS[unit].si);
  const needed = (value: number, digits: number): number =>
    value === 0
      ? 0
      : digits - 1 - Math.floor(Math.log10(roundSignificant(Math.abs(value), digits, 'nearest')));
  const decimals = Math.min(
    6,
    Math.max(0, needed(Math.max(...shown), 3), needed(Math.min(...shown), 2)),
  );
  const words = shown.map((v) => FORMATTERS[decimals]!.format(v));
  return `${words.join(' × ')}\u00a0${unit}`;
}

/** Text for an input field: full precision without noise, no unit, so that typing it back gives the same value. */
export function fieldText(value: number, unit: UnitId): string {
  return String(Number((value / UNITS[unit].si).toPrecision(12)));
}
