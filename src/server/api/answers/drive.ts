import { z } from 'zod';
import { DRIVE_REFUSALS } from '@/core/securement/drive/plan-drive';
import { DRIVE_EVENTS, WAYS_OF_GIVING } from '@/core/securement/drive/vocabulary';
import { DIRECTIONS } from '@/core/securement/vocabulary';

const number = z.number();
const triple = z.strictObject({ x: number, y: number, z: number });

/** A drive. Deck coordinates: x forward, y left, z up. */
export const driveAnswer = z.strictObject({
  refused: z.enum(DRIVE_REFUSALS).nullable(),
  inWords: z.string(),
  run: z
    .strictObject({
      /** How hard the load was pushed when it gave way; null: it held. */
      gaveWayAtG: number.nullable(),
      way: z.enum(WAYS_OF_GIVING).nullable(),
      mostMovedM: number,
      events: z.array(
        z.strictObject({
          kind: z.enum(DRIVE_EVENTS),
          atS: number,
          pushG: number,
          lineId: z.string().nullable(),
          limit: z.string().nullable(),
          movedM: number,
          inWords: z.string(),
        }),
      ),
      frames: z.array(
        z.strictObject({
          atS: number,
          forwardG: number,
          leftG: number,
          heavierG: number,
          movedM: number,
          units: z.array(z.strictObject({ id: z.string(), shiftM: triple, turnRad: triple })),
          /** Tension where it is highest; null: it has parted. */
          lines: z.array(z.strictObject({ id: z.string(), tensionN: number.nullable() })),
        }),
      ),
      energy: z.strictObject({
        workJ: number,
        linesJ: number,
        contactsJ: number,
        kineticJ: number,
        frictionJ: number,
        dampingJ: number,
        brokenJ: number,
        unclosedPart: number,
      }),
    })
    .nullable(),
  limits: z.array(
    z.strictObject({
      direction: z.enum(DIRECTIONS),
      /** Null: the lines drag the load. */
      mapG: number.nullable(),
      elasticG: number,
      endedBy: z.enum(['line', 'board', 'gives-way', 'most']).nullable(),
      movedM: number,
      inWords: z.string(),
    }),
  ),
});
