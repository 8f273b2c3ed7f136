/** Damage of what lies inside, or of how the strands lie: hard places, sheath, powder, kinks, a fall. */
import type { DrawDamage } from './damage';
import { between, fibre, fuzz, grains, lens, type Spot, strandAngleRad } from './pen';
import { type Bump, type Shape, shape } from './stretch';

const bump = (atD: number, halfD: number, swellD: number, liftD = 0): Bump => ({
  atD,
  halfD,
  swellD,
  liftD,
});

/** The shine of a place pressed flat. */
const flat = (x: number): Shape => shape('lit', 'face', [lens(x, -0.06, 0, 0.34, 0.06)], 0.7);

export const hardDrawn: Readonly<Record<string, DrawDamage>> = {
  one: ({ xD }) => ({ bumps: [bump(xD, 0.5, -0.2)], marks: [flat(xD)] }),
  several: ({ xD }) => ({
    bumps: [bump(xD - 1.7, 0.4, -0.2), bump(xD, 0.45, 0.17), bump(xD + 1.6, 0.4, -0.21)],
    marks: [flat(xD - 1.7), flat(xD + 1.6)],
  }),
};

/** Folds of a sheath pushed together. */
const folds = (xD: number): number[][] =>
  Array.from({ length: 6 }, (_, k) => {
    const x = xD + (k - 2.5) * 0.2;
    const h = 0.64 - 0.05 * Math.abs(k - 2.5);
    return [x - 0.06, -h, x + 0.07, -h / 2, x + 0.1, 0, x + 0.07, h / 2, x - 0.06, h];
  });

/** Ends of sheath yarns round a hole. */
function torn({ chance, xD }: Spot): number[][] {
  return Array.from({ length: 16 }, (_, k) => {
    const left = k % 2 === 0;
    const x = xD + (left ? -1 : 1) * between(chance, 0.35, 0.7);
    const y = between(chance, -0.34, 0.34);
    const in_ = left ? between(chance, -0.5, 0.5) : Math.PI + between(chance, -0.5, 0.5);
    return fibre(x, y, in_, between(chance, 0.12, 0.26), between(chance, -0.8, 0.8));
  });
}

export const sheathDrawn: Readonly<Record<string, DrawDamage>> = {
  slips: ({ xD }) => ({
    bumps: [bump(xD, 0.55, 0.2), bump(xD + 1.5, 0.6, -0.1)],
    marks: [shape('line', 0.05, folds(xD)), shape('lit', 0.03, folds(xD + 0.06), 0.7)],
  }),
  core: (spot) => {
    const { xD } = spot;
    const strands = Array.from({ length: 7 }, (_, k) => {
      const y = -0.3 + 0.1 * k;
      const reach = 0.72 * Math.sqrt(1 - (y / 0.4) ** 2);
      return [xD - reach, y, xD + reach, y];
    });
    const edges = torn(spot);
    return {
      marks: [
        shape('line', 'face', [lens(xD, 0, 0, 0.85, 0.42)]),
        shape('dust', 0.1, strands),
        shape(
          'line',
          0.014,
          strands.map((s) => s.map((v, i) => (i % 2 ? v + 0.05 : v))),
          0.8,
        ),
        shape('line', 0.06, edges),
        shape('lit', 0.03, edges),
      ],
    };
  },
};

/** Strands opened with the fingers, and what lies between them. */
function opened(spot: Spot, half: number, wide: number): Shape[] {
  const { lay, xD } = spot;
  const angle = lay === 'three-strand' ? strandAngleRad(lay) : 0;
  return [
    shape('line', 'face', [lens(xD, 0, angle, half, wide)]),
    shape('dark', 'face', [lens(xD, 0.01, angle, half * 0.85, wide * 0.75)]),
  ];
}

/** A little heap under the rope. */
const heap = ({ chance, xD }: Spot, count: number, wide: number): number[][] =>
  grains(chance, count, [xD - wide, xD + wide, 0.74, 0.9], 0.035);

export const powderDrawn: Readonly<Record<string, DrawDamage>> = {
  some: (spot) => {
    const fallen = heap(spot, 6, 0.3);
    return {
      marks: [
        ...opened(spot, 0.55, 0.13),
        shape(
          'dust',
          'face',
          grains(spot.chance, 9, [spot.xD - 0.3, spot.xD + 0.3, -0.1, 0.1], 0.03),
        ),
        shape('line', 0.012, fallen),
        shape('dust', 'face', fallen),
      ],
    };
  },
  much: (spot) => {
    const fallen = heap(spot, 46, 0.75);
    return {
      bumps: [bump(spot.xD, 0.9, 0.2)],
      marks: [
        ...opened(spot, 0.95, 0.3),
        shape(
          'dust',
          'face',
          grains(spot.chance, 44, [spot.xD - 0.6, spot.xD + 0.6, -0.2, 0.2], 0.035),
        ),
        shape('line', 0.03, fallen),
        shape('dust', 'face', fallen),
      ],
    };
  },
};

/** A strand turned over itself: a loop of it stands off the rope. */
function loop(xD: number): number[] {
  return Array.from({ length: 25 }, (_, k) => {
    const t = k / 24;
    const turn = Math.PI * (2.35 * t - 0.68);
    const open = Math.sin(Math.PI * t) ** 0.6;
    return [
      xD + 0.42 * Math.sin(turn) * open + 0.3 * (t - 0.5),
      -0.34 - 0.42 * (1 + Math.cos(turn)) * open * 0.85,
    ];
  }).flat();
}

export const kinkDrawn: Readonly<Record<string, DrawDamage>> = {
  // The rope goes up in a wave; its strands lie as they should.
  'turns-out': ({ xD }) => ({
    bumps: [bump(xD - 0.3, 0.42, 0, 0.5), bump(xD + 0.75, 0.42, 0, -0.3)],
  }),
  stays: (spot) => {
    const { xD, lay, chance } = spot;
    if (lay !== 'three-strand')
      return {
        bumps: [bump(xD, 0.26, -0.1, 0.62), bump(xD + 0.02, 0.3, 0.06)],
        marks: [
          shape(
            'line',
            0.05,
            [-0.16, 0, 0.16].map((dx) => [
              xD + dx,
              -0.86,
              xD + dx * 0.5,
              -0.5,
              xD + dx * 0.2,
              -0.24,
            ]),
          ),
          shape('lit', 0.02, fuzz(chance, [xD - 0.3, xD + 0.3], 10, 0.15, 2)),
        ],
      };
    const strand = loop(xD);
    return {
      bumps: [bump(xD, 0.5, 0.04, -0.1)],
      marks: [
        shape('line', 'face', [lens(xD, -0.02, strandAngleRad(lay), 0.6, 0.16)]),
        shape('line', 0.32, [strand]),
        shape('rope', 0.25, [strand]),
        shape('lit', 0.07, [strand], 0.7),
      ],
    };
  },
};

/** A rope that caught a fall may show nothing, or be a little thinner than it was all along. */
export const shockDrawn: Readonly<Record<string, DrawDamage>> = {
  yes: (_, lengthD) => ({ bumps: [bump(lengthD / 2, 100, -0.04)] }),
};
