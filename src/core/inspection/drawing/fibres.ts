/** Damage of the outer fibres: cut, worn, melted. */
import { LAYS } from './lay';
import type { DrawDamage } from './damage';
import { between, blotch, fibre, fuzz, lens, type Spot, strandAngleRad } from './pen';
import { type Shape, shape } from './stretch';

/** Yarn ends on both sides of a cut across the strands. */
function ends({ chance, xD }: Spot, count: number, high: number, y0: number): number[][] {
  return Array.from({ length: count }, (_, i) => {
    const left = i % 2 === 0;
    const y = y0 + between(chance, -high, high);
    const x = xD + (left ? -1 : 1) * between(chance, 0.03, 0.1);
    const angle = between(chance, -1.5, -0.5);
    return fibre(x, y, left ? Math.PI - angle - 2 * Math.PI : angle, between(chance, 0.3, 0.6), 0);
  });
}

/** Ends that stick out, light on dark so that each can be counted. */
const countable = (lines: number[][]): Shape[] => [
  shape('line', 0.075, lines),
  shape('lit', 0.04, lines),
];

/** What is seen in an opening: inner strands lying along it. */
function inner({ lay, xD }: Spot, half: number, high: number, y0 = 0): Shape[] {
  const ink = LAYS[lay].sheathed ? 'pale' : 'rope';
  const along = Array.from({ length: 5 }, (_, k) => {
    const y = y0 + high * (k / 2 - 1) * 0.78;
    const reach = half * (1 - 0.5 * Math.abs(k / 2 - 1));
    return [xD - reach, y, xD + reach, y];
  });
  return [shape(ink, high * 0.3, along), shape('line', 0.02, along, 0.7)];
}

/** A cut strand: a gap as wide as a strand, and its two ends standing off. */
const strandCut: DrawDamage = (spot) => {
  const { chance, lay, xD } = spot;
  const angle = strandAngleRad(lay);
  const stub = (way: 1 | -1): number[] =>
    fibre(xD + way * 0.34, -0.1, -Math.PI / 2 + way * 0.75, 0.95, way * 0.7);
  const stubs = [stub(-1), stub(1)];
  const brush = stubs.flatMap((s) => {
    const [x, y] = [s.at(-2)!, s.at(-1)!];
    return Array.from({ length: 9 }, () =>
      fibre(x, y, -Math.PI / 2 + Math.sign(x - xD) * between(chance, -0.5, 1.6), 0.32, 0),
    );
  });
  return {
    marks: [
      shape('line', 'face', [lens(xD, 0, lay === 'three-strand' ? angle : 0, 0.78, 0.34)]),
      ...inner(spot, 0.6, 0.2),
      shape('line', 0.34, stubs),
      shape('rope', 0.27, stubs),
      shape('lit', 0.08, stubs, 0.6),
      shape('line', 0.05, brush),
      shape('lit', 0.025, brush),
    ],
  };
};

export const cutDrawn: Readonly<Record<string, DrawDamage>> = {
  few: (spot) => ({
    marks: [
      shape('line', 'face', [lens(spot.xD, -0.12, Math.PI / 2, 0.12, 0.05)]),
      ...countable(ends(spot, 4, 0.08, -0.12)),
    ],
  }),
  many: (spot) => ({
    marks: [
      shape('line', 'face', [lens(spot.xD, -0.05, Math.PI / 2 - 0.25, 0.42, 0.14)]),
      ...countable(ends(spot, 18, 0.32, -0.05)),
    ],
  }),
  strand: strandCut,
};

/** Fuzz, dark under light, so that it is seen before any ground. */
const fuzzy = (lines: number[][]): Shape[] => [
  shape('line', 0.03, lines, 0.8),
  shape('lit', 0.014, lines),
];

export const fuzzDrawn: Readonly<Record<string, DrawDamage>> = {
  light: ({ chance, xD }) => ({
    marks: fuzzy(fuzz(chance, [xD - 0.9, xD + 0.9], 26, 0.16, 9)),
  }),
  round: ({ chance, xD }) => ({
    marks: fuzzy(fuzz(chance, [xD - 1.3, xD + 1.3], 130, 0.3)),
  }),
  half: ({ chance, xD }) => ({
    bumps: [{ atD: xD, halfD: 0.8, swellD: -0.15, liftD: 0 }],
    marks: [
      // The crowns are gone: flat, pale places where the inner yarns show.
      shape(
        'pale',
        'face',
        [-0.75, -0.25, 0.25, 0.75].map((dx) =>
          blotch(chance, xD + dx, between(chance, -0.08, 0.08), 0.2, 0.2),
        ),
        0.8,
      ),
      shape(
        'line',
        0.014,
        Array.from({ length: 22 }, () => {
          const [x, y] = [xD + between(chance, -0.9, 0.9), between(chance, -0.2, 0.2)];
          return [x, y, x + between(chance, 0.08, 0.2), y];
        }),
      ),
      ...fuzzy(fuzz(chance, [xD - 1.3, xD + 1.3], 170, 0.36, 5)),
    ],
  }),
};

export const meltDrawn: Readonly<Record<string, DrawDamage>> = {
  glazed: ({ chance, xD }) => ({
    marks: [
      shape('rope', 'face', [blotch(chance, xD, -0.08, 0.85, 0.3, 20)], 0.75),
      shape('lit', 'face', [lens(xD - 0.05, -0.16, 0.02, 0.7, 0.09)]),
      shape('dust', 'face', [lens(xD - 0.1, -0.19, 0.02, 0.45, 0.035)]),
    ],
  }),
  melted: ({ chance, xD }) => ({
    bumps: [
      { atD: xD - 0.35, halfD: 0.3, swellD: -0.1, liftD: 0 },
      { atD: xD + 0.3, halfD: 0.22, swellD: 0.08, liftD: 0 },
    ],
    marks: [
      shape('dark', 'face', [blotch(chance, xD, 0, 0.92, 0.44, 24)]),
      shape('brown', 'face', [blotch(chance, xD, -0.02, 0.78, 0.34, 24)]),
      shape('dark', 'face', [
        lens(xD - 0.3, 0.46, Math.PI / 2, 0.2, 0.1),
        lens(xD + 0.25, 0.46, Math.PI / 2, 0.3, 0.13),
      ]),
      shape(
        'dust',
        'face',
        [lens(xD - 0.2, -0.18, 0.05, 0.36, 0.05), lens(xD + 0.35, -0.1, -0.1, 0.16, 0.03)],
        0.85,
      ),
    ],
  }),
};
