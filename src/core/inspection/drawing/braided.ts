import type { Lay } from './lay';
import { middleAt, radiusAt, type Shape, shape, type Stretch } from './stretch';

/** How the outside of a braid is made up. `round`: strands seen side by side; `cellD`: how far along each is seen, diameters. */
interface Braid {
  readonly round: number;
  readonly cellD: number;
  /** One strand of this many, in one of the two directions, is of another colour; null: none. */
  readonly tracer: number | null;
  readonly lineD: number;
}

/** Counts that look like the rope; makers differ. From memory. */
const BRAIDS: Readonly<Record<Exclude<Lay, 'three-strand'>, Braid>> = {
  braid: { round: 5, cellD: 0.5, tracer: null, lineD: 0.024 },
  'double-braid': { round: 7, cellD: 0.3, tracer: 14, lineD: 0.016 },
  kernmantle: { round: 10, cellD: 0.2, tracer: 20, lineD: 0.01 },
};

/** A strand between two crossings: a lens that leans one way or the other. In cells, along and round. */
const LENS = [
  [-1.3, -0.7],
  [-0.5, -0.72],
  [0.75, 0.1],
  [1.3, 0.7],
  [0.5, 0.72],
  [-0.75, -0.1],
] as const;

/** One strand where it lies on top. `leans`: 1 down to the right, -1 up. */
function cell(stretch: Stretch, { round, cellD }: Braid, i: number, j: number, leans: 1 | -1) {
  return LENS.flatMap(([along, across]) => {
    const x = Math.min(stretch.lengthD, Math.max(0, (i + 0.5 + along * 0.5) * cellD));
    const turn = Math.PI * ((j + 0.5 + leans * across) / round - 0.5);
    const angle = Math.max(-Math.PI / 2, Math.min(Math.PI / 2, turn));
    return [x, middleAt(stretch, x) + radiusAt(stretch, x) * Math.sin(angle)];
  });
}

/** Strands of two directions over and under each other in turn. */
export function braidedTexture(stretch: Stretch): Shape[] {
  const made = BRAIDS[stretch.lay as keyof typeof BRAIDS];
  const [plain, traced]: number[][][] = [[], []];
  for (let i = 0; i < Math.ceil(stretch.lengthD / made.cellD); i++)
    for (let j = 0; j < made.round; j++) {
      const leans = (i + j) % 2 === 0 ? 1 : -1;
      const strand = leans === 1 ? i - j : i + j;
      const isTracer = made.tracer !== null && leans === 1 && strand % made.tracer === 0;
      (isTracer ? traced : plain)!.push(cell(stretch, made, i, j, leans));
    }
  const all = [...plain!, ...traced!];
  return [
    shape('tracer', 'face', traced!),
    shape(
      'lit',
      made.cellD * 0.24,
      plain!.map((c) => [c[2]!, c[3]!, c[4]!, c[5]!]),
      0.7,
    ),
    shape(
      'line',
      made.lineD,
      all.map((c) => [...c, c[0]!, c[1]!]),
      0.75,
    ),
  ];
}
