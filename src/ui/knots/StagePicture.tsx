'use client';
import { type RefObject, useEffect, useId, useRef, useState } from 'react';
import styled from 'styled-components';
import type { PartLabel } from '@/core/knot/catalogue/entry';
import type { Trace } from '@/core/knot/drawing/outline';
import type { Box, Picture } from '@/core/knot/drawing/picture';
import type { Accent, Arrow } from '@/core/knot/drawing/step';
import { KnotStrokes, NextArrow, viewBox } from './KnotDrawing';
import type { Seen } from './useStage';

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

/** Where a label's text stands from its point. */
type Beside = 'left' | 'right' | 'above' | 'below';
interface Placed { readonly x: number; readonly y: number; readonly text: string; readonly beside: Beside }

/** The end in the hand is named over or under its tip, out of the way of the arrow. */
export const WORKING_END = 'working end';

/** Labels at their points, each written toward the nearer side of the picture, none on top of another. */
function placed(labels: readonly PartLabel[], traces: readonly Trace[], box: Box, line: number, arrow: Arrow | null): Placed[] {
  const middle = box.x + box.width / 2;
  const list = labels.flatMap((label): Placed[] => {
    const t = traces.find((trace) => trace.strand === (label.rope ?? 0));
    if (!t) return [];
    const found = t.u.findIndex((u) => u >= label.u);
    const i = found < 0 ? t.u.length - 1 : found;
    return [{ x: t.x[i]!, y: t.y[i]!, text: label.text, beside: label.text === WORKING_END ? ((arrow?.dy ?? 0) < -0.4 ? 'below' : 'above') : t.x[i]! >= middle - 0.5 ? 'right' : 'left' }];
  });
  const taken: Placed[] = [];
  for (const label of list.toSorted((a, b) => a.y - b.y)) {
    const above = taken.findLast((o) => o.beside === label.beside);
    taken.push(above && label.y - above.y < line ? { ...label, y: above.y + line } : label);
  }
  return taken;
}

const LABEL_PX = 15;
const LEADER_PX = 34;
/** Room kept beside the knot for its labels. */
const MARGIN_PX = 118;

interface InsetAt { readonly text: string; readonly radius: number; readonly from: { readonly x: number; readonly y: number }; readonly to: { readonly x: number; readonly y: number } }

/** Long forms are drawn small: below this many pixels a diameter their busy places are shown enlarged. */
const SMALL_PX = 15;
const INSET_PX = 92;
/** The largest part of the picture's width an inset may take. */
const INSET_PART = 0.34;
const INSET_ROPE_PX = 17;

const insetRadius = (whole: Box, unit: number): number => Math.min(INSET_PX * unit, (whole.width * INSET_PART) / 2);

/** Enlarged details of the labels that ask for one, stacked at the side of the picture. */
function insets(labels: readonly PartLabel[], traces: readonly Trace[], whole: Box, unit: number): InsetAt[] {
  if (1 / unit >= SMALL_PX) return [];
  const radius = insetRadius(whole, unit);
  return labels.filter((l) => l.inset).flatMap((label, n): InsetAt[] => {
    const t = traces.find((trace) => trace.strand === (label.rope ?? 0));
    const i = t ? t.u.findIndex((u) => u >= label.u) : -1;
    if (!t || i < 0) return [];
    return [{ text: label.text, radius, from: { x: t.x[i]!, y: t.y[i]! }, to: { x: whole.x + whole.width - radius * 1.06, y: whole.y + radius * (1.06 + n * 2.12) } }];
  });
}

function Inset({ inset: { text, from, to, radius }, drawing, unit }: { inset: InsetAt; drawing: string; unit: number }) {
  const id = useId();
  const zoom = Math.max(1.2, INSET_ROPE_PX * unit);
  const small = radius / zoom;
  const away = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return (
    <g>
      <defs><clipPath id={id}><circle cx={to.x} cy={to.y} r={radius} /></clipPath></defs>
      <circle cx={from.x} cy={from.y} r={small} fill="none" stroke="var(--ink)" strokeWidth={1.5 * unit} />
      <line x1={from.x + ((to.x - from.x) / away) * small} y1={from.y + ((to.y - from.y) / away) * small} x2={to.x} y2={to.y} stroke="var(--ink)" strokeWidth={1.5 * unit} />
      <circle cx={to.x} cy={to.y} r={radius} fill="var(--sheet)" />
      <g clipPath={`url(#${id})`}><g transform={`translate(${to.x} ${to.y}) scale(${zoom}) translate(${-from.x} ${-from.y})`}><use href={`#${drawing}`} /></g></g>
      <circle cx={to.x} cy={to.y} r={radius} fill="none" stroke="var(--ink)" strokeWidth={2 * unit} />
      <text {...lettering(unit)} x={to.x} y={to.y + radius - 8 * unit} textAnchor="middle">{text}</text>
    </g>
  );
}

const DRESSED_PX = 190;

/** In the corner: what the knot must look like once it is dressed. */
function Dressed({ seen: { picture, box }, whole, unit }: { seen: Seen; whole: Box; unit: number }) {
  const side = Math.min(DRESSED_PX * unit, whole.width * 0.42);
  const [x, y] = [whole.x + whole.width - side - 2 * unit, whole.y + whole.height - side - 2 * unit];
  return (
    <g>
      <rect x={x} y={y} width={side} height={side} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={1.5 * unit} />
      <svg x={x} y={y} width={side} height={side - 20 * unit} viewBox={viewBox(box)}><KnotStrokes picture={picture} /></svg>
      <text {...lettering(unit)} x={x + side / 2} y={y + side - 7 * unit} textAnchor="middle">dressed, it looks like this</text>
    </g>
  );
}

/** The knot large: with what this step adds in the signal colour, the way the hand goes on, and the parts named. */
export function StagePicture({ picture, box, accents, arrow, labels, dressed, thickness, title }: {
  picture: Picture; box: Box; accents: readonly Accent[]; arrow: Arrow | null; labels: readonly PartLabel[]; dressed: Seen | null; thickness: number; title: string;
}) {
  const ref = useRef<HTMLDivElement>(null);
  const id = useId();
  const { width, height } = useSize(ref, { width: 560, height: 520 });
  const aside = labels.length > 0 ? Math.min(MARGIN_PX, width * 0.24) : 12;
  const unit = Math.max(box.width / Math.max(60, width - 2 * aside), box.height / Math.max(60, height - 16));
  const whole: Box = { x: box.x + box.width / 2 - (width * unit) / 2, y: box.y + box.height / 2 - (height * unit) / 2, width: width * unit, height: height * unit };
  const details = insets(labels, picture.traces, whole, unit);
  return (
    <Frame ref={ref}>
      <svg viewBox={viewBox(whole)} role="img" aria-label={title} data-knot-picture>
        <g id={`${id}knot`}><KnotStrokes picture={picture} accents={accents} thickness={thickness} lay={1 / unit > 6} /></g>
        {arrow ? <NextArrow arrow={arrow} size={Math.max(0.8, 15 * unit)} /> : null}
        {details.map((inset) => <Inset key={inset.text} inset={inset} drawing={`${id}knot`} unit={unit} />)}
        {dressed ? <Dressed seen={dressed} whole={whole} unit={unit} /> : null}
        {placed(labels.filter((l) => !details.some((d) => d.text === l.text)), picture.traces, box, LABEL_PX * 1.3 * unit, arrow).map((l) => <Name key={l.text} label={l} unit={unit} />)}
      </svg>
    </Frame>
  );
}

const LETTERS = { fontFamily: 'var(--font-figure)', fontWeight: 560, fontStretch: '86%' };

/** Text on a drawing, with a halo that keeps it readable over rope. */
const lettering = (unit: number) => ({ fontSize: LABEL_PX * unit, fill: 'var(--ink)', stroke: 'var(--canvas)', strokeWidth: 4 * unit, paintOrder: 'stroke', style: LETTERS }) as const;

function Name({ label: { x, y, text, beside }, unit }: { label: Placed; unit: number }) {
  const common = lettering(unit);
  if (beside === 'above' || beside === 'below') {
    return <text {...common} x={x} y={y + (beside === 'above' ? -22 : 30) * unit} textAnchor="middle">{text}</text>;
  }
  const way = beside === 'right' ? 1 : -1;
  const end = x + way * LEADER_PX * unit;
  return (
    <g>
      <path d={`M${x + way * 0.55} ${y}H${end}`} stroke="var(--ink)" strokeWidth={1.2 * unit} />
      <text {...common} x={end + way * 5 * unit} y={y + 4.5 * unit} textAnchor={way > 0 ? 'start' : 'end'}>{text}</text>
    </g>
  );
}
