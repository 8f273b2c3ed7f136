'use client';
import { useId, useMemo, useState } from 'react';
import styled from 'styled-components';
import { type Box, boxOf, type Picture, pictureOf } from '@/core/knot/drawing/picture';
import type { View } from '@/core/knot/drawing/view';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import type { StageData } from '@/server/knots';
import { Button } from '../kit/Button';
import { Small } from '../kit/text';
import { KnotStrokes, viewBox } from './KnotDrawing';

const Pair = styled.div`display:grid;grid-template-columns:1fr 1fr;gap:12px`;
const Panel = styled.figure<{ $wrong: boolean }>`
  margin:0;position:relative;background:var(--sheet);border:${({ $wrong }) => ($wrong ? 'var(--w-strong) solid var(--signal)' : 'var(--w-rule) solid var(--ink)')};
  & > svg{display:block;width:100%;height:232px}
  & > figcaption{display:flex;align-items:center;gap:8px;padding:8px 9px 4px;font:760 15px/1 var(--font-figure);font-stretch:110%;${({ $wrong }) => $wrong && 'color:var(--signal);'}}
  & > figcaption > i{width:16px;height:16px;background:${({ $wrong }) => ($wrong ? 'var(--p-short)' : 'var(--plate)')};border:2px solid ${({ $wrong }) => ($wrong ? 'var(--signal)' : 'var(--plate)')}}
`;
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const Tabs = styled.div`display:flex;flex-wrap:wrap;gap:6px;margin-bottom:8px`;

interface Seen { readonly picture: Picture; readonly box: Box; readonly at: { readonly x: number; readonly y: number } }

/** The knot as it lies before it is drawn up, where differences can be seen, and the place where the two part. */
function seen(form: ShippedForm, u: number, rope: number, view: View): Seen {
  const picture = pictureOf(bodyOfFrame(form, form.frames[0]!), view);
  const trace = picture.traces.find((t) => t.strand === rope) ?? picture.traces[0]!;
  const i = Math.max(0, trace.u.findIndex((v) => v >= u));
  return { picture, box: boxOf(picture, 1.2), at: { x: trace.x[i]!, y: trace.y[i]! } };
}

const LENS = 2.6;
const ZOOM = 2.1;

/** The corner of the box farthest from any rope, for the enlarged detail. */
function corner({ picture, box, at }: Seen, radius: number): { x: number; y: number } {
  const corners = [1, -1].flatMap((sx) => [1, -1].map((sy) => ({ x: sx > 0 ? box.x + box.width - radius * 1.1 : box.x + radius * 1.1, y: sy > 0 ? box.y + box.height - radius * 1.1 : box.y + radius * 1.1 })));
  const clear = (c: { x: number; y: number }): number => Math.min(...picture.traces.flatMap((t) => [...t.x].map((x, i) => Math.hypot(x - c.x, t.y[i]! - c.y)))) - 0.05 * Math.hypot(at.x - c.x, at.y - c.y);
  return corners.toSorted((a, b) => clear(b) - clear(a))[0]!;
}

function Side({ seen: s, wrong, title }: { seen: Seen; wrong: boolean; title: string }) {
  const id = useId();
  const [box, radius] = lensRoom(s.box);
  const inset = corner({ ...s, box }, radius);
  const ink = wrong ? 'var(--signal)' : 'var(--ink)';
  const away = Math.hypot(inset.x - s.at.x, inset.y - s.at.y) || 1;
  const line = { x1: s.at.x + ((inset.x - s.at.x) / away) * LENS, y1: s.at.y + ((inset.y - s.at.y) / away) * LENS, x2: inset.x, y2: inset.y };
  return (
    <Panel $wrong={wrong}>
      <figcaption><i aria-hidden />{wrong ? 'wrong' : 'right'}</figcaption>
      <svg viewBox={viewBox(box)} role="img" aria-label={title}>
        <defs><clipPath id={id}><circle cx={inset.x} cy={inset.y} r={radius} /></clipPath></defs>
        <g id={`${id}knot`}><KnotStrokes picture={s.picture} /></g>
        <circle cx={s.at.x} cy={s.at.y} r={LENS} fill="none" stroke={ink} strokeWidth={0.3} />
        <line {...line} stroke={ink} strokeWidth={0.3} />
        <circle cx={inset.x} cy={inset.y} r={radius} fill="var(--sheet)" />
        <g clipPath={`url(#${id})`}><g transform={`translate(${inset.x} ${inset.y}) scale(${ZOOM}) translate(${-s.at.x} ${-s.at.y})`}><use href={`#${id}knot`} /></g></g>
        <circle cx={inset.x} cy={inset.y} r={radius} fill="none" stroke={ink} strokeWidth={0.36} />
      </svg>
    </Panel>
  );
}

/** The box widened to the panel's shape, so that a corner is free for the detail. */
function lensRoom(box: Box): [Box, number] {
  const [wide, high] = [165, 232];
  const unit = Math.max(box.width / wide, box.height / high);
  const whole = { x: box.x + box.width / 2 - (wide * unit) / 2, y: box.y + box.height / 2 - (high * unit) / 2, width: wide * unit, height: high * unit };
  return [whole, 36 * unit];
}

/** The right knot beside what people tie by mistake, with the one difference marked and enlarged. */
export function RightWrong({ stage, view }: { stage: StageData; view: View }) {
  const [index, setIndex] = useState(0);
  const wrong = stage.wrong[index];
  const pair = useMemo(() => (wrong ? [seen(wrong.right, wrong.partsAt.right, wrong.partsAt.rope ?? 0, view), seen(wrong.shipped, wrong.partsAt.wrong, wrong.partsAt.rope ?? 0, view)] as const : null), [wrong, view]);
  if (!wrong || !pair) return null;
  return (
    <section aria-label="Right and wrong">
      {stage.wrong.length > 1 ? <Tabs role="group" aria-label="Mistakes">{stage.wrong.map((w, i) => <Button key={w.id} $kind={i === index ? 'primary' : 'plain'} aria-pressed={i === index} onPress={() => setIndex(i)}>{w.name}</Button>)}</Tabs> : null}
      <Pair><Side seen={pair[0]} wrong={false} title={`Right: ${stage.facts.name}`} /><Side seen={pair[1]} wrong title={`Wrong: ${wrong.name}`} /></Pair>
      <p style={{ marginTop: 8 }}><b style={{ display: 'inline-block' }}>{capital(wrong.name)}.</b> {wrong.says}</p>
      {view.leftHanded || view.side === 'facing' ? <Small>Seen as chosen for the large picture.</Small> : null}
    </section>
  );
}
