'use client';
import { type MouseEvent, type ReactNode, useMemo } from 'react';
import styled from 'styled-components';
import { type Box, boxOf, knotBoxOf, type Picture, pictureOf } from '@/core/knot/drawing/picture';
import type { Shown } from '@/core/knot/catalogue/entry';
import type { View } from '@/core/knot/drawing/view';
import type { PicturePoint } from '@/core/training/soundness/soundness';
import { bodyOfFrame } from '@/core/knot/shape/frames';
import type { Drawn } from '@/server/drills/question';
import { KnotStrokes, viewBox } from '../knots/KnotDrawing';
import { nearer } from '../knots/layout';

/** A question's knot as a picture, and the part of it to be shown. */
export function useKnotPicture(
  drawn: Drawn,
  view: View,
  shown: Shown = 'whole',
): { readonly picture: Picture; readonly box: Box } {
  return useMemo(() => {
    const picture = pictureOf(bodyOfFrame(drawn, drawn.frame), view, shown);
    return { picture, box: nearer(boxOf(picture), knotBoxOf(picture)) };
  }, [drawn, view, shown]);
}

/** So much of the window's height, where nothing else is said. */
const USUAL_HEIGHT = '52vh';

const Frame = styled.div<{ $ratio: number; $height: string }>`
  position: relative;
  width: 100%;
  max-width: min(100%, calc(${({ $height }) => $height} * ${({ $ratio }) => $ratio}));
  aspect-ratio: ${({ $ratio }) => $ratio};
  margin: 0 auto;
  background: var(--sheet);
  border: var(--w-hair) solid var(--line);
  & > svg {
    display: block;
    width: 100%;
    height: 100%;
  }
`;
/** Very long or very high knots would make a strip of their picture. */
const [NARROWEST, WIDEST] = [0.7, 1.6];

/** The box grown about its middle until it is neither too narrow nor too wide. */
function shaped(box: Box): Box {
  const width = Math.max(box.width, NARROWEST * box.height);
  const height = Math.max(box.height, width / WIDEST);
  return {
    x: box.x + (box.width - width) / 2,
    y: box.y + (box.height - height) / 2,
    width,
    height,
  };
}

/** A knot that is asked about, in a frame that marks can be put on; `over` is given a place as per cents of it. */
export function KnotPicture({
  drawn,
  view,
  thickness = 1,
  label,
  height = USUAL_HEIGHT,
  over,
  onPoint,
}: {
  drawn: Drawn;
  view: View;
  thickness?: number;
  label: string;
  /** Most of its height, as a length of CSS. */
  height?: string | undefined;
  over?: (at: (x: number, y: number) => { left: string; top: string }) => ReactNode;
  /** A place that was pointed at, in picture coordinates. */
  onPoint?: ((at: PicturePoint) => void) | undefined;
}) {
  const { picture, box } = useKnotPicture(drawn, view);
  const part = shaped(box);
  const point = (e: MouseEvent<HTMLElement>): void => {
    const frame = e.currentTarget.getBoundingClientRect();
    onPoint?.({
      x: part.x + ((e.clientX - frame.left) / frame.width) * part.width,
      y: part.y + ((e.clientY - frame.top) / frame.height) * part.height,
    });
  };
  return (
    <Frame
      $ratio={part.width / part.height}
      $height={height}
      {...(onPoint ? { onClick: point } : {})}
    >
      <svg viewBox={viewBox(part)} role="img" aria-label={label}>
        <KnotStrokes picture={picture} thickness={thickness} />
      </svg>
      {over?.((x, y) => ({
        left: `${(100 * (x - part.x)) / part.width}%`,
        top: `${(100 * (y - part.y)) / part.height}%`,
      }))}
    </Frame>
  );
}
