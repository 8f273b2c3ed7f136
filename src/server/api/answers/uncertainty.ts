import { z } from 'zod';
import { DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import { DIRECTIONS } from '@/core/securement/vocabulary';

const number = z.number();

/** How sure it is that statics hold a plan. */
export const uncertaintyAnswer = z.strictObject({
  /** There is no load, or a mass is not known. */
  refused: z.boolean(),
  draws: z.int(),
  directions: z.array(
    z.strictObject({
      direction: z.enum(DIRECTIONS),
      requiredG: number,
      /** What the plan's own figures hold; null: the lines drag. */
      saidG: number.nullable(),
      share: number,
      standardError: number,
      /** What is held at least in 95, 50 and 5 of 100 draws; −1: nothing balanced. */
      heldG: z.strictObject({ p5: number, p50: number, p95: number }),
      doubts: z.array(z.strictObject({ doubt: z.enum(DOUBTS), part: number })),
      inWords: z.string(),
    }),
  ),
});
