import { z } from 'zod';
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
