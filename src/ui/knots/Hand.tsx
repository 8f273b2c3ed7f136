import type { DrawnBar } from '@/core/knot/drawing/outline';
import type { DrawnGrip } from '@/core/knot/drawing/strokes';

/** From the finger tips back, in half widths of the hand. */
const HAND = {
  /** Where the four fingers end, and how far from the middle each lies; the first is beside the thumb. */
  fingers: [
    [-0.3, -0.75],
    [0, -0.25],
    [-0.14, 0.25],
    [-0.52, 0.75],
  ],
  knuckles: -2.1,
  wrist: -4.2,
  thumb: [-3.3, -0.5, -2.75, -1.6],
} as const;

type Part = readonly [d: string, width: number];

/** Lines with a width, once as the outline and once as the body, so that where they join nothing shows. `line`: a diameter. */
function Parts({ parts, line: unit }: { parts: readonly Part[]; line: number }) {
  const drawn = (stroke: string, more: number) =>
    parts.map(([d, width], i) => (
      <path key={`${stroke}${i}`} d={d} stroke={stroke} strokeWidth={width + more * unit} />
    ));
  return (
    <>
      {drawn('var(--cargo-ink)', 0.14)}
      {drawn('var(--skin)', -0.1)}
    </>
  );
}

const line = (x1: number, y1: number, x2: number, y2: number): string => `M${x1} ${y1}L${x2} ${y2}`;

/** An open hand, the palm toward who looks at it, along a bar from the arm to the finger tips. A left hand; mirrored, a right one. */
export function Hand({ x1, y1, x2, y2, radius, mirrored }: DrawnBar) {
  const turn = (Math.atan2(y2 - y1, x2 - x1) * 180) / Math.PI;
  const arm = -Math.hypot(x2 - x1, y2 - y1) / radius;
  const palm = (HAND.wrist + HAND.knuckles) / 2;
  /** As lines with a width, so that one pass draws the outline and one the body. */
  const parts: readonly Part[] = [
    [line(arm, 0, HAND.wrist, 0), 1.25],
    [line(...HAND.thumb), 0.62],
    [line(palm - 0.3, 0.08, palm + 0.4, 0), 1.9],
    ...HAND.fingers.map(
      ([tip, y]) => [line(HAND.knuckles - 0.3, y * 0.95, tip - 0.25, y), 0.5] as const,
    ),
  ];
  return (
    <g
      transform={`translate(${x2} ${y2}) rotate(${turn}) scale(${radius} ${mirrored ? -radius : radius})`}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      data-hand-drawn
    >
      <Parts parts={parts} line={1 / radius} />
    </g>
  );
}

/** A fist round the rope, its fingers across, with the arm it belongs to; in diameters from where it holds. */
const FIST: readonly Part[] = [
  [line(1.9, 0, 5, 0), 1.5],
  [line(1.1, -0.45, 1.1, 0.45), 1.7],
  ...[-0.9, -0.3, 0.3, 0.9].map((y): Part => [line(0.9, y, -0.5, y), 0.58]),
];

/** A hand that holds the rope; where the wrist turns over, an arrow goes round the arm. */
export function Fist({ x, y, armX, armY, turns }: DrawnGrip) {
  const turn = (Math.atan2(armY, armX) * 180) / Math.PI;
  return (
    <g
      transform={`translate(${x} ${y}) rotate(${turn})`}
      fill="none"
      strokeLinecap="round"
      strokeLinejoin="round"
      data-hand-drawn
    >
      <Parts parts={FIST} line={1} />
      {turns ? (
        <g stroke="var(--signal)" strokeWidth={0.42}>
          <path d="M2.6 1.5C1.9 1.2 1.9 -1.2 2.8 -1.5" />
          <path d="M2 -1.1L2.9 -1.5L3 -0.5" />
        </g>
      ) : null}
    </g>
  );
}
