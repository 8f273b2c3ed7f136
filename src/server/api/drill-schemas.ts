import { z } from 'zod';
import { ENTRY_IDS } from '@/core/knot/entry-ids';
import { RECKONING_IDS } from '@/core/training/reckoning/kinds';
import { SLIPS } from '@/core/training/reckoning/reckoning';
import { UNITS, type UnitId } from '@/core/units';
import { working } from './answers/parts';

/** Largest number of a question. */
export const MOST_NUMBER = 2_147_483_647;
const TYPED = Object.keys(UNITS) as [UnitId, ...UnitId[]];

/** An answer to a numbered question. */
export const markReckoningBody = z.strictObject({
  kind: z.enum(RECKONING_IDS),
  number: z.int().min(1).max(MOST_NUMBER),
  typed: z.string().trim().min(1).max(40),
  unit: z.enum(TYPED),
});

export const markReckoningAnswer = z.strictObject({
  mark: z.enum(['right', 'slip', 'wrong']),
  slip: z.enum(SLIPS).nullable(),
  says: z.string().nullable(),
  right: z.number(),
  steps: z.array(working),
  working,
});

export const markReckoningExample = { kind: 'hauling', number: 7, typed: '400 N', unit: 'N' };

/** A knot that was shown, and what somebody takes it for. */
export const markNameBody = z.strictObject({
  number: z.int().min(1).max(MOST_NUMBER),
  pick: z.enum(ENTRY_IDS),
});

export const markNameAnswer = z.strictObject({
  right: z.boolean(),
  entry: z.enum(ENTRY_IDS),
  form: z.string(),
  name: z.string(),
  way: z.string(),
  checks: z.array(z.string()),
});

export const markNameExample = { number: 7, pick: 'bowline' };
