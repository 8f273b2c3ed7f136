import { z } from 'zod';
import type { IssueValue } from '../result';
import { type Dimension, parseQuantity, SI_UNIT } from './index';

/** Bounds of a quantity in SI. Out-of-range input is refused with the range, never clamped. */
export interface QuantityBounds {
  readonly least: number;
  readonly most: number;
}

/** Parameters a custom issue carries so that wording can be found by code. */
export interface CodedParams {
  readonly code: string;
  readonly values: Record<string, IssueValue>;
}

/**
 * A quantity in a document: a number in the SI unit its key names, or text with its unit (`"1,800 lbf"`).
 * Text without a unit is refused: nothing beside it says what it means. Its schema says of answers that a number comes out.
 */
export function quantity(dimension: Dimension, bounds: QuantityBounds) {
  const unit = SI_UNIT[dimension];
  return z
    .union([z.number(), z.string().max(60)])
    .transform((input, context) => {
      if (typeof input === 'number') return input;
      const parsed = parseQuantity(dimension, input);
      if (parsed.ok) return parsed.value.value;
      const issue = parsed.issues[0]!;
      context.addIssue({
        code: 'custom',
        message: issue.code,
        params: { code: issue.code, values: issue.values } satisfies CodedParams,
      });
      return z.NEVER;
    })
    .pipe(z.number())
    .refine((value) => value >= bounds.least && value <= bounds.most, {
      message: 'out-of-range',
      params: {
        code: 'out-of-range',
        values: { least: bounds.least, most: bounds.most, unit },
      } satisfies CodedParams,
    })
    .meta({
      description: `number in ${unit} (${bounds.least} to ${bounds.most}), or text with a unit such as "${EXAMPLES[dimension]}"`,
    });
}

const EXAMPLES: Record<Dimension, string> = {
  force: '1,800 lbf',
  mass: '380 kg',
  length: '5 ft 3 in',
  angle: '45 deg',
};

/** A pure number within bounds (a factor, a count). */
export function ratio(least: number, most: number) {
  return z.number().min(least).max(most);
}
