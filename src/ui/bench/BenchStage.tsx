'use client';
import { memo, type PointerEvent as ReactPointerEvent, useMemo, useRef } from 'react';
import styled from 'styled-components';
import { RopeStroke } from '../diagrams/RopeStroke';
import { angleOf, type DrawnBody, type DrawnPass, type DrawnRig, drawRig, KNOT_ABOVE, type Point, STAGE } from './drawing';
import { type StrandWord, strandWords } from './strandWords';
import { type Bench, MOST_HAND_N } from './useBench';
import { useMember } from '../frame/MemberContext';

const Svg = styled.svg`display:block;width:100%;height:100%;touch-action:none;user-select:none;& text{font-family:var(--font-figure);fill:var(--ink)}`;
const HandSpot = styled.g`cursor:grab;&:active{cursor:grabbing}`;

const Sheave = ({ p }: { p: DrawnPass }) => (
  <><circle cx={p.x} cy={p.y} r={p.radius - 3} fill="var(--steel)" stroke="var(--steel-ink)" strokeWidth={2} /><circle cx={p.x} cy={p.y} r={4} fill="var(--steel-ink)" /></>
);

/** A ring whose near rim the rope goes round: under the top of an anchor's, over the bottom of a hanging one. */
function Ring({ p, steel = true }: { p: DrawnPass; steel?: boolean }) {
  const cy = p.y + (p.over ? -1 : 1) * 22;
  return (
    <>
      <circle cx={p.x} cy={cy} r={24} fill="none" stroke={steel ? 'var(--steel-ink)' : 'var(--rope-ink)'} strokeWidth={12} />
      <circle cx={p.x} cy={cy} r={24} fill="none" stroke={steel ? 'var(--steel)' : 'var(--rope)'} strokeWidth={8.5} />
      {steel ? <path d={`M${p.x - 17} ${cy - 15}A23 23 0 0 1 ${p.x + 12} ${cy - 19}`} fill="none" stroke="var(--steel-lit)" strokeWidth={2.4} /> : null}
    </>
  );
}
const Post = ({ p }: { p: DrawnPass }) => <circle cx={p.x} cy={p.y} r={p.radius - 2} fill="var(--cargo)" stroke="var(--cargo-ink)" strokeWidth={2.4} />;

const Turned = ({ p }: { p: DrawnPass }) => (p.round?.includes('pulley') ? <Sheave p={p} /> : p.round === 'post' ? <Post p={p} /> : <Ring p={p} />);

/** A loop knot: three wraps and an eye that hangs below them. */
function LoopKnot({ body, w }: { body: DrawnBody; w: number }) {
  const { x, y } = body;
  const top = y - KNOT_ABOVE;
  const pass = body.passes[0];
  const wide = Math.max(30, body.halfWidth + 16);
  const eye = `M${x - 7} ${top + 6}C${x - wide} ${top + 20} ${x - wide} ${y + 17} ${x} ${y + 17}C${x + wide} ${y + 17} ${x + wide} ${top + 20} ${x + 7} ${top + 6}`;
  return (
    <>
      <RopeStroke d={eye} w={w} />
      {pass && pass.round !== 'rope-loop' ? <Turned p={{ ...pass, y: pass.y + (pass.round === 'ring' ? 22 : 0), over: pass.round === 'ring' }} /> : null}
      {[10, 0, -10].map((dy) => <RopeStroke key={dy} d={`M${x - 15} ${top + dy + 4}C${x - 6} ${top + dy + 10} ${x + 8} ${top + dy - 2} ${x + 15} ${top + dy - 4}`} w={w * 0.95} />)}
    </>
  );
}

function Plate({ body }: { body: DrawnBody }) {
  const { x, y, halfWidth, kind } = body;
  const half = Math.max(26, halfWidth + 10);
  const low = kind === 'anchor' ? 34 : 0;
  return (
    <>
      <rect x={x - half} y={y - 13 + low * 0.4} width={2 * half} height={26} fill="var(--steel-lit)" stroke="var(--steel-ink)" strokeWidth={2} />
      {kind === 'load' ? <RopeStroke d={`M${x} ${y - 13}V-4`} w={13} /> : null}
    </>
  );
}

/** The ground an anchor stands on. */
const Ground = () => <><path d={`M60 ${STAGE.height - 38}H${STAGE.width - 60}`} stroke="var(--ink)" strokeWidth={2.5} />{Array.from({ length: 15 }, (_, i) => <path key={i} d={`M${70 + i * 19} ${STAGE.height - 37}l-10 12`} stroke="var(--edge)" strokeWidth={1.5} />)}</>;

function AnchorFoot({ body }: { body: DrawnBody }) {
  return <path d={`M${body.x - 16} ${STAGE.height - 38}V${body.y + 20}H${body.x + 16}V${STAGE.height - 38}`} fill="none" stroke="var(--steel-ink)" strokeWidth={7} />;
}

const Body = memo(function Body({ body, w }: { body: DrawnBody; w: number }) {
  if (body.knotted) return <LoopKnot body={body} w={w} />;
  const plate = body.kind !== 'anchor' || body.passes.length !== 1 || body.passes[0]?.round?.includes('pulley');
  // A load that is only tied to needs no plate: the line itself goes up.
  if (body.kind === 'load' && body.passes.length === 0 && body.halfWidth === 0) return null;
  return <>{body.kind === 'anchor' ? <AnchorFoot body={body} /> : null}{plate ? <Plate body={body} /> : null}{body.passes.map((p, i) => <Turned key={i} p={p} />)}</>;
});

/** A gloved hand on the rope, drawn along the way it pulls. */
function Glove({ rig }: { rig: DrawnRig }) {
  const turn = (Math.atan2(-rig.way.x, rig.way.y) * 180) / Math.PI;
  return (
    <g transform={`translate(${rig.hand.x.toFixed(1)},${rig.hand.y.toFixed(1)}) rotate(${turn.toFixed(1)}) translate(0,-10)`}>
      <path d="M-19 66v-28c-5-4-7-9-7-16 0-5 2-9 6-12l0-3c0-5 4-8 9-8h20c6 0 11 4 12 10l3 17c1 9-3 15-8 19v21z" fill="var(--skin)" stroke="var(--ink)" strokeWidth={2.2} strokeLinejoin="round" />
      <path d="M-20 10h30M-22 19h31M-20 28h28M-15 37h20M10 5c6 3 9 10 8 19l-3 11" stroke="var(--ink)" strokeWidth={1.8} fill="none" />
      <path d="M-19 58h35v12h-35z" fill="var(--ink)" />
    </g>
  );
}

/** A lock at the loop: two wraps of the tail round the short strands, and what is left hanging. */
function TiedLock({ rig }: { rig: DrawnRig }) {
  const { x, y } = rig.leaves;
  return <>{[16, 32].map((dy) => <RopeStroke key={dy} d={`M${x - 34} ${y + dy + 4}C${x - 20} ${y + dy + 12} ${x - 4} ${y + dy} ${x + 8} ${y + dy - 4}`} w={rig.ropePx} />)}<RopeStroke d={`M${x + 6} ${y + 30}C${x + 40} ${y + 40} ${x + 44} ${y + 90} ${x + 30} ${y + 130}`} w={rig.ropePx} /></>;
}

const StrandFigure = memo(function StrandFigure({ figure, name, most, x, y }: StrandWord & Point) {
  const wide = Math.max(figure.length * 8.2 + 12, 46);
  return (
    <g transform={`translate(${x.toFixed(1)},${y.toFixed(1)})`}>
      <rect x={-wide / 2} y={-11} width={wide} height={22} fill="var(--sheet)" stroke={most ? 'var(--ink)' : 'var(--edge)'} strokeWidth={most ? 2 : 1} />
      <text y={5} textAnchor="middle" style={{ fontSize: 14, fontWeight: 680, fontVariantNumeric: 'tabular-nums' }}>{figure}</text>
      {name ? <text y={25} textAnchor="middle" style={{ fontSize: 12, fontWeight: 560, fontStretch: '80%', paintOrder: 'stroke', stroke: 'var(--canvas)', strokeWidth: 4 }}>{name}</text> : null}
    </g>
  );
});

/** Distances of the hand from where the rope leaves that stand for nothing and for the end of the scale, in the drawing's pixels. */
const DRAG = { none: 70, full: 300 } as const;
const EIGHTH = Math.PI / 4;

/** Turns dragging into a pull and a direction: an eighth of a turn at a time, so that a straight pull stays straight. */
function useDrag(bench: Bench, rig: DrawnRig) {
  const dragging = useRef(false);
  const frame = useRef(0);
  const moved = (event: ReactPointerEvent<SVGSVGElement>): void => {
    if (!dragging.current) return;
    const matrix = event.currentTarget.getScreenCTM();
    if (!matrix) return;
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    const to = { x: p.x - rig.leaves.x, y: p.y - rig.leaves.y };
    const force = ((Math.hypot(to.x, to.y) - DRAG.none) / (DRAG.full - DRAG.none)) * MOST_HAND_N;
    const angle = Math.round(angleOf(to) / EIGHTH) * EIGHTH;
    cancelAnimationFrame(frame.current);
    frame.current = requestAnimationFrame(() => bench.pull(Math.min(MOST_HAND_N, Math.round(force / 10) * 10), Math.min(Math.PI, angle)));
  };
  return {
    onPointerDown: (event: ReactPointerEvent<SVGSVGElement>): void => {
      if (!(event.target as Element).closest('[data-hand]')) return;
      dragging.current = true;
      event.currentTarget.setPointerCapture(event.pointerId);
      event.preventDefault();
    },
    onPointerMove: moved,
    onPointerUp: (): void => { dragging.current = false; },
    onPointerCancel: (): void => { dragging.current = false; },
  };
}

/** Hand, rope, turns and anchor as they are; what every strand bears written on it. The hand is dragged to pull. */
export function BenchStage({ bench }: { bench: Bench }) {
  const { units } = useMember();
  const { doc, figures, tied } = bench;
  const { system } = doc;
  const reach = Math.min(1, system.handForceN / MOST_HAND_N);
  const wll = figures.capacity.wll.value;
  // In steps: the loop comes down while it is pulled, but not a hair at a time.
  const taut = Math.round(8 * Math.min(1, (figures.tension.hauled.value ?? 0) / Math.max(1, wll ?? 5000))) / 8;
  const rig = useMemo(() => drawRig(figures.rigging, system, reach, taut), [figures.rigging, system, reach, taut]);
  const words = strandWords(bench, units);
  const drag = useDrag(bench, rig);
  const knotTied = tied && system.kind === 'truckers';
  const hand = rig.strands.findIndex((s) => s.strand === 0 && figures.rigging.ropes[s.rope]!.from === 'hand');
  const shown = rig.strands.filter((_, i) => !(knotTied && i === hand));
  const inFront = (b: DrawnBody): boolean => b.knotted;
  return (
    <Svg viewBox={`0 0 ${STAGE.width} ${STAGE.height}`} role="img" aria-label={words.say} data-pull-stage {...drag}>
      <Ground />
      {shown.map((s) => <RopeStroke key={`b${s.rope}/${s.strand}`} d={s.back} w={rig.ropePx} />)}
      {rig.bodies.map((b) => (inFront(b) ? null : <Body key={b.id} body={b} w={rig.ropePx} />))}
      {rig.bodies.map((b) => (inFront(b) ? <Body key={b.id} body={b} w={rig.ropePx} /> : null))}
      {shown.map((s) => <RopeStroke key={`f${s.rope}/${s.strand}`} d={s.front} w={rig.ropePx} />)}
      {rig.ends.map((e, i) => <g key={`e${i}`}>{[-6, 5].map((dy) => <RopeStroke key={dy} d={`M${e.x - 9} ${e.y + dy + 2}L${e.x + 9} ${e.y + dy - 2}`} w={rig.ropePx * 0.9} />)}</g>)}
      {knotTied ? <TiedLock rig={rig} /> : <HandSpot data-hand><circle cx={rig.hand.x} cy={rig.hand.y} r={44} fill="transparent" /><Glove rig={rig} /></HandSpot>}
      {shown.map((s) => { const word = words.of(s.rope, s.strand); return word ? <StrandFigure key={`w${s.rope}/${s.strand}`} {...word} {...s.label} /> : null; })}
    </Svg>
  );
}
