import { z } from 'zod';
import { DIRECTIONS } from '@/core/securement/vocabulary';
import { mechanism } from './compute';

const number = z.number();
const point = z.strictObject({ x: number, y: number, z: number });

/** What statics hold of units, direction by direction. Deck coordinates: x forward, y left, z up. */
export const holdAnswer = z.strictObject({
  contacts: z.array(
    z.strictObject({
      kind: z.enum(['stands', 'side']),
      unit: z.string(),
      /** What it stands on or touches; null: the deck. */
      on: z.string().nullable(),
      corners: z.array(point),
    }),
  ),
  directions: z.array(
    z.strictObject({
      angleRad: number,
      /** Null: nothing balances even at rest. */
      heldG: number.nullable(),
      weightG: number.nullable(),
      mechanism,
      mechanismInWords: z.string(),
      moving: z.array(z.string()),
      lines: z.array(
        z.strictObject({ id: z.string(), tensionN: number, perNewtonG: number, partG: number }),
      ),
      boards: z.array(z.strictObject({ direction: z.enum(DIRECTIONS), partG: number })),
      /** Velocities and rotations (rad per m) as it gives way. */
      twists: z
        .array(z.strictObject({ unit: z.string(), velocity: point, rotation: point }))
        .nullable(),
    }),
  ),
});
