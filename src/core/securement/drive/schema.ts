import { z } from 'zod';
import { quantity, ratio } from '../../units/quantity';
import { HARDEST_G, LONGEST_COURSE_S, MOST_COURSE_POINTS, MOST_PIECES } from './bounds';
import { DRIVE_PIECES, type DrivePieceId } from './course';

const accelerationG = ratio(-HARDEST_G, HARDEST_G).default(0);

/** A point of a drive: the vehicle's acceleration at a time; braking is negative forward. */
export const drivePointSchema = z.strictObject({
  atS: ratio(0, LONGEST_COURSE_S),
  forwardG: accelerationG,
  leftG: accelerationG,
  /** At most so far down that everything still weighs something. */
  upG: ratio(-0.9, HARDEST_G).default(0),
});

export const courseSchema = z
  .array(drivePointSchema)
  .min(2)
  .max(MOST_COURSE_POINTS)
  .superRefine((points, context) => {
    points.forEach((p, i) => {
      const before = points[i - 1];
      if (before !== undefined && p.atS <= before.atS)
        context.addIssue({
          code: 'custom',
          path: [i, 'atS'],
          message: 'course-not-onward',
          params: { code: 'course-not-onward', values: { at: i + 1 } },
        });
    });
  });

const pieceId = z.enum(DRIVE_PIECES.map((p) => p.id) as [DrivePieceId, ...DrivePieceId[]]);

/** What is driven: a slow push toward a side, pieces one after another, or a course of points. */
export const driveAskSchema = z.discriminatedUnion('kind', [
  z.strictObject({
    kind: z.literal('slow'),
    /** From forward to the left. */
    towardRad: quantity('angle', { least: -2 * Math.PI, most: 2 * Math.PI }).default(0),
  }),
  z.strictObject({
    kind: z.literal('pieces'),
    pieces: z.array(pieceId).min(1).max(MOST_PIECES),
  }),
  z.strictObject({ kind: z.literal('course'), course: courseSchema }),
]);
export type DriveWish = z.infer<typeof driveAskSchema>;
