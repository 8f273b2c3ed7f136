import type { KnotId } from '@/core/knot/knots';
import type { PlacePart } from '@/core/line/place';
import { RopeStroke as Strand } from './RopeStroke';
import type { ReactNode } from 'react';

/** What runs through a glyph. Rope is hemp and only rope is hemp. */
export type Run = 'rope' | 'webbing' | 'chain' | 'wire' | 'none';

/** One glyph is 80 wide; rope runs at y 32, or as two strands at 24 and 40 next to an eye or a tackle. */
export interface GlyphProps {
  readonly part: PlacePart;
  readonly run: Run;
  readonly widthPx: number;
  readonly knot?: KnotId | undefined;
  /** Toward the end of the line: eyes open to the right. */
  readonly mirrored: boolean;
  /** Two strands come in from the line's side. */
  readonly paired: boolean;
  readonly shape?: 'sharp' | 'rounded' | 'protected' | undefined;
  readonly unknown: boolean;
  /** The knot itself is drawn over the glyph: only the strands that lead to it are wanted. */
  readonly strandsOnly?: boolean;
}

/** The run straight through a glyph. */
export function Through({
  run,
  w,
  unknown,
  from = 0,
  to = 80,
  y = 32,
}: {
  run: Run;
  w: number;
  unknown: boolean;
  from?: number;
  to?: number;
  y?: number;
}) {
  if (run === 'webbing') return <Band d={`M${from} ${y}H${to}`} />;
  if (run === 'chain') return <Links from={from} to={to} y={y} />;
  if (run === 'wire') return <Wire from={from} to={to} y={y} />;
  if (run === 'none') return null;
  return <Strand d={`M${from} ${y}H${to}`} w={w} open={unknown} />;
}

export function Band({ d }: { d: string }) {
  return (
    <>
      <path d={d} fill="none" stroke="var(--steel-ink)" strokeWidth={15} />
      <path d={d} fill="none" stroke="var(--steel-lit)" strokeWidth={12} />
      <path d={d} fill="none" stroke="var(--steel)" strokeWidth={4} />
    </>
  );
}

/** Wire rope: steel, with the lay of its strands. */
function Wire({ from, to, y }: { from: number; to: number; y: number }) {
  const lay = Array.from({ length: Math.floor((to - from) / 6) }, (_, i) => from + 3 + 6 * i);
  return (
    <>
      <path d={`M${from} ${y}H${to}`} fill="none" stroke="var(--steel-ink)" strokeWidth={9} />
      <path d={`M${from} ${y}H${to}`} fill="none" stroke="var(--steel-lit)" strokeWidth={6} />
      <path
        d={lay.map((x) => `M${x - 2} ${y + 3}L${x + 2} ${y - 3}`).join('')}
        fill="none"
        stroke="var(--steel-ink)"
        strokeWidth={1.4}
      />
    </>
  );
}

export function Links({ from, to, y = 32 }: { from: number; to: number; y?: number }) {
  const list: ReactNode[] = [];
  for (let x = from, i = 0; x < to; x += 10, i++) {
    list.push(
      <ellipse
        key={x}
        cx={x + 5}
        cy={y}
        rx={7.5}
        ry={i % 2 ? 2.2 : 5}
        fill="none"
        stroke="var(--steel-ink)"
        strokeWidth={3.2}
      />,
    );
    list.push(
      <ellipse
        key={`${x}l`}
        cx={x + 5}
        cy={y}
        rx={7.5}
        ry={i % 2 ? 2.2 : 5}
        fill="none"
        stroke="var(--steel)"
        strokeWidth={1.4}
      />,
    );
  }
  return <>{list}</>;
}
