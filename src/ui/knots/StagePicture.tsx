'use client';
import { type RefObject, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import type { PartLabel } from '@/core/knot/catalogue/entry';
import type { Trace } from '@/core/knot/drawing/outline';
import type { Box, Picture } from '@/core/knot/drawing/picture';
import type { Accent, Arrow } from '@/core/knot/drawing/step';
import { KnotStrokes, NextArrow, viewBox } from './KnotDrawing';

const Frame = styled.div`position:relative;min-width:0;min-height:0;width:100%;height:100%;& > svg{position:absolute;inset:0;width:100%;height:100%}`;

/** Size of an element in pixels, once it is known. */
function useSize(ref: RefObject<HTMLElement | null>, supposed: { width: number; height: number }): { width: number; height: number } {
  const [size, setSize] = useState(supposed);
  useEffect(() => {
    const element = ref.current;
    if (!element) return;
    const observer = new ResizeObserver(([entry]) => { if (entry && entry.contentRect.width > 0) setSize({ width: entry.contentRect.width, height: entry.contentRect.height }); });
    observer.observe(element);
    return () => observer.disconnect();
  }, [ref]);
  return size;
}

interface Placed { readonly x: number; readonly y: number; readonly text: string; readonly right: boolean }

/** Labels at their points, each written toward the nearer side of the picture, none on top of another. */
function placed(labels: readonly PartLabel[], traces: readonly Trace[], box: Box, line: number): Placed[] {
  const middle = box.x + box.width / 2;
  const list = labels.flatMap((label): Placed[] => {
    const t = traces.find((trace) => trace.strand === (label.rope ?? 0));
    const i = t ? t.u.findIndex((u) => u >= label.u) : -1;
    return t && i >= 0 ? [{ x: t.x[i]!, y: t.y[i]!, text: label.text, right: t.x[i]! >= middle - 0.5 }] : [];
  });
  const taken: Placed[] = [];
  for (const label of list.toSorted((a, b) => a.y - b.y)) {
    const above = taken.findLast((o) => o.right === label.right);
    taken.push(above && label.y - above.y < line ? { ...label, y: above.y + line } : label);
  }
  return taken;
}

const LABEL_PX = 15;
const LEADER_PX = 34;
/** Room kept beside the knot for its labels. */
const MARGIN_PX = 118;

/** The knot large: with what this step adds in the signal colour, the way the hand goes on, and the parts named. */
export function StagePicture({ picture, box, accents, arrow, labels, thickness, title }: {
  picture: Picture; box: Box; accents: readonly Accent[]; arrow: Arrow | null; labels: readonly PartLabel[]; thickness: number; title: string;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const { width, height } = useSize(ref, { width: 560, height: 520 });
  const aside = labels.length > 0 ? Math.min(MARGIN_PX, width * 0.24) : 12;
  const unit = Math.max(box.width / Math.max(60, width - 2 * aside), box.height / Math.max(60, height - 16));
  const whole: Box = { x: box.x + box.width / 2 - (width * unit) / 2, y: box.y + box.height / 2 - (height * unit) / 2, width: width * unit, height: height * unit };
  return (
    <Frame ref={ref}>
      <svg viewBox={viewBox(whole)} role="img" aria-label={title} data-knot-picture>
        <KnotStrokes picture={picture} accents={accents} thickness={thickness} lay={1 / unit > 6} />
        {arrow ? <NextArrow arrow={arrow} size={Math.max(0.8, 15 * unit)} /> : null}
        {placed(labels, picture.traces, box, LABEL_PX * 1.3 * unit).map((l) => <Name key={l.text} label={l} unit={unit} />)}
      </svg>
    </Frame>
  );
}

function Name({ label: { x, y, text, right }, unit }: { label: Placed; unit: number }) {
  const way = right ? 1 : -1;
  const end = x + way * LEADER_PX * unit;
  return (
    <g>
      <path d={`M${x + way * 0.55} ${y}H${end}`} stroke="var(--ink)" strokeWidth={1.2 * unit} />
      <text x={end + way * 5 * unit} y={y + 4.5 * unit} textAnchor={right ? 'start' : 'end'} fontSize={LABEL_PX * unit} fill="var(--ink)" stroke="var(--canvas)" strokeWidth={4 * unit} paintOrder="stroke" style={{ fontFamily: 'var(--font-figure)', fontWeight: 560, fontStretch: '86%' }}>{text}</text>
    </g>
  );
}
