import { fail, ok, type Result } from '../../result';
import { type Dimension, parseQuantity, type UnitId, UNITS } from '../../units';
import type { Working, WorkingUnit } from '../../working/working';
import type { Question } from './kinds';
import type { SlipCode } from './reckoning';

/** Answers are right within this part of the figure: three digits are asked for. */
export const TOLERANCE = 0.01;

/** What an answer is worth. */
export type Mark =
  | { readonly kind: 'right'; readonly unit: UnitId }
  | { readonly kind: 'slip'; readonly code: SlipCode; readonly unit: UnitId }
  | { readonly kind: 'wrong'; readonly unit: UnitId };

const DIMENSIONS: Partial<Record<WorkingUnit, Dimension>> = {
  N: 'force',
  m: 'length',
  kg: 'mass',
  rad: 'angle',
};

/** The dimension an answer is typed in. */
export function dimensionOf({ reckoned }: Question): Dimension {
  const dimension = DIMENSIONS[reckoned.sheet.unit];
  if (!dimension) throw new Error(`no unit is typed for ${reckoned.sheet.unit}`);
  return dimension;
}

const isNear = (value: number, wanted: number): boolean =>
  Math.abs(value - wanted) <= TOLERANCE * Math.abs(wanted);

/** Decanewton and kilogram-force are two per cent apart, and taken for each other. */
const DAN_PER_KGF = UNITS.kgf.si / UNITS.daN.si;
const isMetricForce = (unit: UnitId): boolean => unit === 'kgf' || unit === 'daN';

/**
 * Marks an answer as it was typed.
 * @param fieldUnit taken where only a number is typed
 * @returns the mark, or what cannot be read of it (issues of `parseQuantity`).
 */
export function mark(question: Question, typed: string, fieldUnit: UnitId): Result<Mark> {
  const read = parseQuantity(dimensionOf(question), typed, fieldUnit);
  if (!read.ok) return fail(read.issues[0]!.code, read.issues[0]!.values);
  const { value, unit } = read.value;
  const { sheet, slips } = question.reckoned;
  if (isNear(value, sheet.value!)) return ok({ kind: 'right', unit });
  const slip = slips.find((s) => isNear(value, s.value));
  if (slip) return ok({ kind: 'slip', code: slip.code, unit });
  const taken = unit === 'daN' ? 1 / DAN_PER_KGF : DAN_PER_KGF;
  if (isMetricForce(unit) && isNear(value, sheet.value! * taken))
    return ok({ kind: 'slip', code: 'dan-as-kgf', unit });
  return ok({ kind: 'wrong', unit });
}

/** The steps to an answer that are computed, each once, the first to be reckoned first: asked one by one, or shown. */
export function levelsOf(sheet: Working): Working[] {
  const levels: Working[] = [];
  const walk = (w: Working): void => {
    w.inputs.forEach(walk);
    if (w.formula !== '' && !levels.some((l) => l.label === w.label && l.value === w.value))
      levels.push(w);
  };
  walk(sheet);
  return levels;
}

/** A step of a reckoning with its figure hidden: what is to be reckoned, by which formula, and in what it is typed. */
export interface HiddenLevel {
  readonly label: string;
  readonly symbol: string;
  readonly formula: string;
  /** Null: a plain number. */
  readonly dimension: Dimension | null;
}

/** The working with its figures hidden, the first step to be reckoned first; the last is the answer. */
export const hiddenLevels = ({ reckoned }: Question): HiddenLevel[] =>
  levelsOf(reckoned.sheet).map(({ label, symbol, formula, unit }) => ({
    label,
    symbol,
    formula,
    dimension: DIMENSIONS[unit] ?? null,
  }));

/** A plain number, or per cents of one. */
function plainNumber(typed: string): number | null {
  const [, figure, percent] = /^(-?\d+(?:\.\d+)?)\s*(%)?$/.exec(typed.trim()) ?? [];
  return figure === undefined ? null : Number(figure) / (percent ? 100 : 1);
}

/**
 * Marks one step by itself.
 * @param level number of the step, from 0
 * @param fieldUnit taken where only a number is typed; of no account for plain numbers
 * @returns whether it is right, or what cannot be read of it
 */
export function markLevel(
  { reckoned }: Question,
  level: number,
  typed: string,
  fieldUnit: UnitId,
): Result<boolean> {
  const step = levelsOf(reckoned.sheet)[level];
  if (!step) return fail('level-unknown');
  const dimension = DIMENSIONS[step.unit];
  if (!dimension) {
    const value = plainNumber(typed);
    return value === null
      ? fail('no-plain-number', { text: typed })
      : ok(isNear(value, step.value!));
  }
  const read = parseQuantity(dimension, typed, fieldUnit);
  return read.ok
    ? ok(isNear(read.value.value, step.value!))
    : fail(read.issues[0]!.code, read.issues[0]!.values);
}
