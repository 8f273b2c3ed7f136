/** Damage that shows as colour: rot, stains, sun. */
import type { DrawDamage } from './damage';
import { between, blotch, fibre, grains, type Spot } from './pen';
import { RADIUS_D, type Shape, shape } from './stretch';

/** How many of something there are along a stretch: as many for each diameter. */
const along = (lengthD: number, aDiameter: number): number => Math.round(lengthD * aDiameter);

/** Spots of mildew, in groups as it grows. */
function mildew({ chance }: Spot, lengthD: number, aDiameter: number): number[][] {
  return Array.from({ length: along(lengthD, aDiameter / 4) }, () => {
    const [x, y] = [between(chance, 0.1, lengthD - 0.1), between(chance, -0.36, 0.36)];
    return grains(chance, 4, [x - 0.16, x + 0.16, y - 0.1, y + 0.1], 0.05);
  }).flat();
}

/** Short ends that stand straight off: fibres that broke, not wore. */
function broken({ chance }: Spot, lengthD: number, aDiameter: number): number[][] {
  return Array.from({ length: along(lengthD, aDiameter) }, () => {
    const [x, y] = [between(chance, 0.1, lengthD - 0.1), between(chance, -0.5, 0.42)];
    return fibre(x, y, between(chance, -2.4, -0.7), between(chance, 0.1, 0.22), 0);
  });
}

export const rotDrawn: Readonly<Record<string, DrawDamage>> = {
  smell: (spot, lengthD) => ({ marks: [shape('grey', 'face', mildew(spot, lengthD, 6), 0.9)] }),
  rotten: (spot, lengthD) => {
    const snapped = broken(spot, lengthD, 5);
    return {
      marks: [
        wash('dark', lengthD, 0.22),
        shape('grey', 'face', mildew(spot, lengthD, 12), 0.85),
        shape('line', 0.06, snapped),
        shape('pale', 0.03, snapped),
      ],
    };
  },
};

/** A colour over a stretch of rope, from its upper edge to a height. */
function wash(ink: Shape['ink'], lengthD: number, opacity: number, to = RADIUS_D): Shape {
  return shape(ink, 'face', [[0, -RADIUS_D, lengthD, -RADIUS_D, lengthD, to, 0, to]], opacity);
}

export const chemicalDrawn: Readonly<Record<string, DrawDamage>> = {
  // Where a ring or shackle lay: two bands across, paler to the sides.
  rust: ({ chance, xD }) => ({
    marks: [
      shape('brown', 'face', [blotch(chance, xD, 0, 0.6, 0.46, 20)], 0.3),
      shape(
        'brown',
        'face',
        [-0.22, 0.26].map((dx) => blotch(chance, xD + dx, 0, 0.13, 0.48, 18)),
        0.65,
      ),
    ],
  }),
  // A splash that ran along: dark rim, spots beside it.
  chemical: ({ chance, xD }) => {
    const splash = blotch(chance, xD, -0.08, 0.78, 0.38, 22);
    return {
      marks: [
        shape('violet', 'face', [splash], 0.75),
        shape('dark', 0.05, [[...splash, splash[0]!, splash[1]!]], 0.7),
        shape('violet', 'face', grains(chance, 7, [xD - 1.2, xD + 1.2, -0.4, 0.3], 0.08), 0.8),
      ],
    };
  },
};

const chalk = ({ chance }: Spot, lengthD: number): Shape =>
  shape('dust', 'face', grains(chance, along(lengthD, 16), [0, lengthD, -0.47, 0.05], 0.035), 0.95);

export const sunDrawn: Readonly<Record<string, DrawDamage>> = {
  faded: (_, lengthD) => ({ marks: [wash('pale', lengthD, 0.4, -0.05)] }),
  chalk: (spot, lengthD) => ({
    marks: [wash('pale', lengthD, 0.5, 0.05), chalk(spot, lengthD)],
  }),
  brittle: (spot, lengthD) => {
    const snapped = broken(spot, lengthD, 9);
    return {
      marks: [
        wash('pale', lengthD, 0.55, 0.1),
        chalk(spot, lengthD),
        shape('line', 0.05, snapped),
        shape('dust', 0.026, snapped),
      ],
    };
  },
};
