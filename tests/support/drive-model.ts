import type { DriveContact, DriveLine, DriveModel } from '@/core/securement/drive/model';
import type { Point } from '@/core/securement/leg';
import { STANDARD_GRAVITY } from '@/core/units/constants';

/** A box on a deck, its middle over the origin: mass, length along x, width along y, height; kg, m. */
export interface Box {
  readonly massKg: number;
  readonly lengthM: number;
  readonly widthM: number;
  readonly heightM: number;
  readonly friction: number;
  /** How much stiffer than usual what it stands on is. */
  readonly stiffer?: number;
}

const SIGNS = [
  [1, 1],
  [1, -1],
  [-1, 1],
  [-1, -1],
] as const;

/** A line that holds the box from one point to one place of the deck. */
export const pulling = (
  id: string,
  at: Point,
  to: Point,
  stiffnessNPerM: number,
  keptN = 0,
  more: Partial<DriveLine> = {},
): DriveLine => ({
  id,
  name: id,
  keptN,
  wllN: 1e9,
  breakingN: null,
  ratios: [],
  stretches: [
    {
      stiffnessNPerM,
      segments: [{ part: 1, from: { body: 0, at }, to: { body: null, at: to } }],
    },
  ],
  ...more,
});

/** A box and its lines as the test drive sees them. */
export function boxModel(box: Box, lines: readonly DriveLine[] = []): DriveModel {
  const { massKg: m, lengthM: l, widthM: w, heightM: h, friction, stiffer = 1 } = box;
  const feet = SIGNS.map(([a, b]): Point => ({ x: (a * l) / 2, y: (b * w) / 2, z: 0 }));
  return {
    bodies: [
      {
        id: 'box',
        name: 'box',
        massKg: m,
        centre: { x: 0, y: 0, z: h / 2 },
        inertia: [
          (m / 12) * (w * w + h * h),
          (m / 12) * (l * l + h * h),
          (m / 12) * (l * l + w * w),
          0,
        ],
        corners: feet.flatMap((f) => [f, { ...f, z: h }]),
      },
    ],
    contacts: feet.map((at): DriveContact => ({
      body: 0,
      from: null,
      at,
      normal: { x: 0, y: 0, z: 1 },
      friction,
      stiffnessNPerM: (stiffer * m * STANDARD_GRAVITY) / (4 * 0.0004),
      limit: null,
    })),
    limits: [],
    lines,
  };
}

/** The same box between walls that it touches without friction: at these sides, which push it the way they are named after. */
export function walled(
  model: DriveModel,
  { lengthM: l, widthM: w, heightM: h }: Box,
  sides: readonly ('forward' | 'left' | 'right')[],
): DriveModel {
  const walls = sides.flatMap((side) =>
    [1, -1].flatMap((a) =>
      [0, h].map((z): DriveContact => ({
        body: 0,
        from: null,
        at:
          side === 'forward'
            ? { x: -l / 2, y: (a * w) / 2, z }
            : { x: (a * l) / 2, y: side === 'left' ? -w / 2 : w / 2, z },
        normal: {
          x: side === 'forward' ? 1 : 0,
          y: side === 'left' ? 1 : side === 'right' ? -1 : 0,
          z: 0,
        },
        friction: 0,
        stiffnessNPerM: 1e7,
        limit: null,
      })),
    ),
  );
  return { ...model, contacts: [...model.contacts, ...walls] };
}

export const ALONG = { forward: { x: 1, y: 0 }, left: { x: 0, y: 1 } } as const;
