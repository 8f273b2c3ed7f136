import { middleAt, radiusAt, type Shape, shape, type Stretch } from './stretch';

/** How far along the rope a strand goes once round, diameters. Three-strand rope of medium lay; from memory. */
export const PITCH_D = 3.2;
const STRANDS = 3;
/** Three strands that touch: radius of each, and of the circle their middles lie on, in radii of the rope. */
const STRAND = 1 / (1 + 2 / Math.sqrt(3));
const MIDDLES = 1 - STRAND;

const STEP_D = 0.08;
/** Distance of drawn yarns, diameters. */
const YARN_D = 0.07;

interface Column {
  readonly x: number;
  readonly low: number;
  readonly high: number;
}

/** Where a strand is seen at a place along the rope: what lies nearer hides it. Null where it is behind. */
function seenAt(stretch: Stretch, strand: number, x: number): Column | null {
  const [y0, radius] = [middleAt(stretch, x), radiusAt(stretch, x)];
  const circle = (k: number) => {
    const turn = (2 * Math.PI * x) / PITCH_D + (2 * Math.PI * k) / STRANDS;
    return { y: MIDDLES * Math.sin(turn), near: MIDDLES * Math.cos(turn) };
  };
  const own = circle(strand);
  let [low, high] = [own.y - STRAND, own.y + STRAND];
  for (let k = 1; k < STRANDS; k++) {
    const other = circle(strand + k);
    if (other.near <= own.near) continue;
    if (other.y > own.y) high = Math.min(high, other.y - STRAND);
    else low = Math.max(low, other.y + STRAND);
  }
  return high - low > 0.01 ? { x, low: y0 + radius * low, high: y0 + radius * high } : null;
}

/** The faces of one strand, each as its columns from left to right. */
function facesOf(stretch: Stretch, strand: number): Column[][] {
  const faces: Column[][] = [];
  let open: Column[] | null = null;
  for (let i = 0; i <= Math.round(stretch.lengthD / STEP_D); i++) {
    const column = seenAt(stretch, strand, i * STEP_D);
    if (!column) open = null;
    else if (open) open.push(column);
    else faces.push((open = [column]));
  }
  return faces.filter((f) => f.length > 2);
}

const edge = (face: readonly Column[]): number[] => [
  ...face.flatMap((c) => [c.x, c.low]),
  ...face.toReversed().flatMap((c) => [c.x, c.high]),
];

/** Yarns run along the rope on the face of each strand: the strand is laid one way, its yarns the other. */
function yarnsOf(face: readonly Column[]): number[][] {
  const lines: number[][] = [];
  const least = Math.min(...face.map((c) => c.low));
  const most = Math.max(...face.map((c) => c.high));
  for (let y = least + YARN_D / 2; y < most; y += YARN_D) {
    const on = face.filter((c) => c.low + 0.03 < y && y < c.high - 0.03);
    if (on.length > 2) lines.push([on[0]!.x, y, on.at(-1)!.x, y]);
  }
  return lines;
}

/** The light on the crown of a strand. */
function crownOf(face: readonly Column[]): number[] {
  const from = Math.floor(face.length * 0.22);
  return face
    .slice(from, Math.ceil(face.length * 0.7))
    .flatMap((c) => [c.x, c.low + 0.36 * (c.high - c.low)]);
}

/** Three strands laid to the right: the front ones go down to the right where the rope lies. */
export function laidTexture(stretch: Stretch): Shape[] {
  const faces = Array.from({ length: STRANDS }, (_, k) => facesOf(stretch, k)).flat();
  const edges = faces.map(edge);
  return [
    shape('rope', 'face', edges),
    shape('lit', 0.16, faces.map(crownOf), 0.55),
    shape('line', 0.014, faces.flatMap(yarnsOf), 0.5),
    shape(
      'line',
      0.035,
      edges.map((e) => [...e, e[0]!, e[1]!]),
    ),
  ];
}
