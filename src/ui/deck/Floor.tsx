import type { StageLayout } from '@/core/securement/stage/layout';
import type { Scene } from '@/core/securement/stage/scene';
import { formatQuantity, type UnitChoice } from '@/core/units';
import { SIDE_WORDS } from '@/wording/stage';

/** The deck from above, its boards as far as they are measured, and which way is forward. */
export function Floor({ layout, scene }: { layout: StageLayout; scene: Scene }) {
  const { deck, side } = layout;
  const lengthwise = side === 'rear';
  const boards = scene.plan.deck.boards;
  const grooves = Array.from({ length: 7 }, (_, i) => (i + 1) / 8);
  type Edge = readonly [x1: number, y1: number, x2: number, y2: number];
  const up: Edge = [0, 0, 1, 0];
  const down: Edge = [0, 1, 1, 1];
  const before: Edge = [0, 0, 0, 1];
  const after: Edge = [1, 0, 1, 1];
  const edges = lengthwise
    ? ([
        [boards.forward, up],
        [boards.rearward, down],
        [boards.left, before],
        [boards.right, after],
      ] as const)
    : ([
        [boards.forward, before],
        [boards.rearward, after],
        [boards.left, down],
        [boards.right, up],
      ] as const);
  return (
    <>
      <text x={4} y={13} fontSize={11.5} letterSpacing=".12em">
        {lengthwise ? '↑ FORWARD' : '← FORWARD'}
      </text>
      <rect
        x={deck.x}
        y={deck.y}
        width={deck.w}
        height={deck.h}
        fill="var(--deck)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {grooves.map((g) => (
        <path
          key={g}
          d={
            lengthwise
              ? `M${deck.x + g * deck.w} ${deck.y}v${deck.h}`
              : `M${deck.x} ${deck.y + g * deck.h}h${deck.w}`
          }
          stroke="var(--deck-groove)"
          strokeWidth={1}
        />
      ))}
      {edges.map(([board, [x1, y1, x2, y2]], i) =>
        board.heightM === null ? null : (
          <path
            key={i}
            d={`M${deck.x + x1 * deck.w} ${deck.y + y1 * deck.h}L${deck.x + x2 * deck.w} ${deck.y + y2 * deck.h}`}
            stroke="var(--ink)"
            strokeWidth={5}
          />
        ),
      )}
    </>
  );
}

/** The deck from the side it is seen from, its boards, and how high the load stands. */
export function Ground({
  layout,
  scene,
  units,
}: {
  layout: StageLayout;
  scene: Scene;
  units: UnitChoice;
}) {
  const { deck, floorY, side } = layout;
  const { boards } = scene.plan.deck;
  const [first, last] =
    side === 'rear' ? [boards.left, boards.right] : [boards.forward, boards.rearward];
  const topM = Math.max(0, ...scene.load.map((p) => p.topM));
  const top = floorY - topM * layout.perM;
  return (
    <>
      <rect
        x={deck.x}
        y={floorY}
        width={deck.w}
        height={7}
        fill="var(--deck)"
        stroke="var(--ink)"
        strokeWidth={1.6}
      />
      {[first, last].map((b, i) =>
        b.heightM === null ? null : (
          <rect
            key={i}
            x={i === 0 ? deck.x - 4 : deck.x + deck.w}
            y={floorY - b.heightM * layout.perM}
            width={4}
            height={b.heightM * layout.perM}
            fill="var(--ink)"
          />
        ),
      )}
      {topM > 0 ? (
        <>
          <path
            d={`M${deck.x - 16} ${floorY}V${top}m-4 0h8M${deck.x - 20} ${floorY}h8`}
            stroke="var(--ink)"
            strokeWidth={1}
            fill="none"
          />
          <text x={deck.x - 20} y={(floorY + top) / 2 + 4} textAnchor="end" fontSize={12}>
            {formatQuantity(topM, 'length', units)}
          </text>
        </>
      ) : null}
      <text
        x={layout.width - 4}
        y={layout.splitY + 8}
        textAnchor="end"
        fontSize={11.5}
        className="quiet"
      >
        {SIDE_WORDS[side]}
      </text>
    </>
  );
}
