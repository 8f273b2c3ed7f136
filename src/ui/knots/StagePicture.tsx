'use client';
import { type RefObject, useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import type { PartLabel } from '@/core/knot/catalogue/entry';
import type { Box, Picture } from '@/core/knot/drawing/picture';
import type { Accent, Arrow } from '@/core/knot/drawing/step';
import { KnotStrokes, NextArrow, viewBox } from './KnotDrawing';
import { filling, lensesOf, type Placed, placed } from './layout';
import { Lens } from './Lens';
import type { Seen } from './useStage';

const Frame = styled.div`
  position: relative;
  min-width: 0;
  min-height: 0;
  width: 100%;
  height: 100%;
  & > svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 100%;
  }
`;

/** Size of an element in pixels, once it is known. */
function useSize(
  ref: RefObject<HTMLElement | null>,
  supposed: { width: number; height: number },
): { width: number; height: number } {
  const [size, setSize] = useState(supposed);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => {
      if (entry && entry.contentRect.width > 0)
        setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return size;
}

const LABEL_PX = 15;
const LEADER_PX = 34;
/** Room kept beside the knot for its labels. */
const MARGIN_PX = 118;
const MARGIN_PART = 0.24;

const DRESSED_PX = 190;

/** In the corner: what the knot must look like once it is dressed. */
function Dressed({
  seen: { picture, box },
  whole,
  unit,
}: {
  seen: Seen;
  whole: Box;
  unit: number;
}) {
  const side = Math.min(DRESSED_PX * unit, whole.width * 0.42);
  const [x, y] = [
    whole.x + whole.width - side - 2 * unit,
    whole.y + whole.height - side - 2 * unit,
  ];
  return (
    <g>
      <rect
        x={x}
        y={y}
        width={side}
        height={side}
        fill="var(--sheet)"
        stroke="var(--ink)"
        strokeWidth={1.5 * unit}
      />
      <svg x={x} y={y} width={side} height={side - 20 * unit} viewBox={viewBox(box)}>
        <KnotStrokes picture={picture} />
      </svg>
      <text {...lettering(unit)} x={x + side / 2} y={y + side - 7 * unit} textAnchor="middle">
        dressed, it looks like this
      </text>
    </g>
  );
}

/** The knot large: with what this step adds in the signal colour, the way the hand goes on, and the parts named. */
export function StagePicture({
  picture,
  box,
  accents,
  arrow,
  labels,
  dressed,
  thickness,
  title,
}: {
  picture: Picture;
  box: Box;
  accents: readonly Accent[];
  arrow: Arrow | null;
  labels: readonly PartLabel[];
  dressed: Seen | null;
  thickness: number;
  title: string;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const id = useId();
  const { width, height } = useSize(ref, { width: 560, height: 520 });
  const { whole, unit } = filling(
    box,
    { width, height },
    labels.length > 0 ? Math.min(MARGIN_PX, width * MARGIN_PART) : 12,
    8,
  );
  const lenses = lensesOf(labels, picture.traces, whole, unit);
  return (
    <Frame ref={ref}>
      <svg viewBox={viewBox(whole)} role="img" aria-label={title} data-knot-picture>
        <g id={`${id}knot`}>
          <KnotStrokes
            picture={picture}
            accents={accents}
            thickness={thickness}
            lay={1 / unit > 6}
          />
        </g>
        {arrow ? <NextArrow arrow={arrow} size={Math.max(0.8, 15 * unit)} /> : null}
        {lenses.map((lens) => (
          <Lens
            key={lens.text}
            lens={lens}
            drawing={`${id}knot`}
            ink="var(--ink)"
            line={1.5 * unit}
          >
            <text
              {...lettering(unit)}
              x={lens.to.x}
              y={lens.to.y + lens.radius - 8 * unit}
              textAnchor="middle"
            >
              {lens.text}
            </text>
          </Lens>
        ))}
        {dressed ? <Dressed seen={dressed} whole={whole} unit={unit} /> : null}
        {placed(
          labels.filter((l) => !lenses.some((d) => d.text === l.text)),
          picture.traces,
          box,
          LABEL_PX * 1.3 * unit,
          arrow,
        ).map((l) => (
          <Name key={l.text} label={l} unit={unit} />
        ))}
      </svg>
    </Frame>
  );
}

const LETTERS = { fontFamily: 'var(--font-figure)', fontWeight: 560, fontStretch: '86%' };

/** Text on a drawing, with a halo that keeps it readable over rope. */
const lettering = (unit: number) =>
  ({
    fontSize: LABEL_PX * unit,
    fill: 'var(--ink)',
    stroke: 'var(--canvas)',
    strokeWidth: 4 * unit,
    paintOrder: 'stroke',
    style: LETTERS,
  }) as const;

function Name({ label: { x, y, text, beside }, unit }: { label: Placed; unit: number }) {
  const common = lettering(unit);
  if (beside === 'above' || beside === 'below') {
    return (
      <text {...common} x={x} y={y + (beside === 'above' ? -22 : 30) * unit} textAnchor="middle">
        {text}
      </text>
    );
  }
  const way = beside === 'right' ? 1 : -1;
  const end = x + way * LEADER_PX * unit;
  return (
    <g>
      <path d={`M${x + way * 0.55} ${y}H${end}`} stroke="var(--ink)" strokeWidth={1.2 * unit} />
      <text
        {...common}
        x={end + way * 5 * unit}
        y={y + 4.5 * unit}
        textAnchor={way > 0 ? 'start' : 'end'}
      >
        {text}
      </text>
    </g>
  );
}
