import type { Direction } from '../vocabulary';
import { cappedTension, EU } from './eu-formulas';
import type { RuleInput, TieDown } from './rule-set';
import { againstMotion, type Reader } from './shared';

export function constant<V>(
  r: Reader<V>,
  label: string,
  symbol: string,
  value: number,
  source = 'EN 12195-1:2010',
): V {
  return r.t.given({ label, symbol, value, unit: 'ratio', source, confidence: 'from-memory' });
}

export function geometry<V>(
  r: Reader<V>,
  label: string,
  symbol: string,
  value: number,
  unit: 'ratio' | 'm' = 'ratio',
): V {
  return r.t.given({ label, symbol, value, unit, source: 'geometry', confidence: 'computed' });
}

export const safety = (direction: Direction): number =>
  direction === 'forward' ? EU.safetyForward : EU.safetyOther;

/** Pretension of an over-line as far as it counts: up to half its lashing capacity. */
export function tensionOf<V>(r: Reader<V>, td: TieDown): V {
  return r.t.apply(cappedTension, `${td.name}, tension that counts`, {
    F: r.read(td.pretension),
    LC: r.read(td.wll),
  });
}

/** The same as a figure, at its best, N. */
export const countedN = (td: TieDown): number =>
  Math.min(td.pretension.working.value ?? td.pretension.high, EU.largestPartOfLc * td.wll.high);

/** Direct and loop lines that pull against the motion. */
export const directLines = (input: RuleInput, direction: Direction): TieDown[] =>
  input.tieDowns.filter((td) => td.kind !== 'over' && againstMotion(td, direction) > 0);
