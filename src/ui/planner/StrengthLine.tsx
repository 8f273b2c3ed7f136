'use client';
import { type CSSProperties, memo } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import type { KnotId } from '@/core/knot/knots';
import { stageOf } from '@/core/knot/stage-of';
import type { ChainPlace } from '@/core/line/line';
import type { PlacePart } from '@/core/line/place';
import type { LineFacts } from '@/core/securement/rule-input';
import type { LineElement } from '@/core/line/schema';
import { formatIn, type UnitChoice } from '@/core/units';
import type { Working } from '@/core/working/working';
import { Glyph, type Run } from '../diagrams/glyphs';
import { LineKnot } from '../knots/KnotPicture';
import { Hidden } from '../kit/text';

const NARROW = '@media (max-width:760px)';
const Grid = styled.ol<{ $n: number }>`
  position:relative;display:grid;grid-template-columns:repeat(${({ $n }) => $n},minmax(0,1fr));padding-right:26px;
  ${NARROW}{display:block;padding:0}
`;
const Slot = styled.li<{ $picked: boolean }>`
  position:relative;min-width:0;display:flex;flex-direction:column;
  ${({ $picked }) => $picked && css`background:var(--sheet);box-shadow:0 0 0 var(--w-strong) var(--ink);z-index:2;`}
  ${NARROW}{display:grid;grid-template-columns:56px minmax(0,1fr);align-items:center;height:72px}
`;
const Pick = styled(AriaButton)`
  display:flex;align-items:flex-end;justify-content:center;height:44px;padding:0 2px 4px;border:0;background:none;cursor:pointer;min-width:0;
  font:560 12px/1.12 var(--font-figure);font-stretch:76%;color:var(--ink-2);text-align:center;overflow-wrap:anywhere;
  &[data-pressed],&[aria-pressed=true]{color:var(--ink);font-weight:720}
  ${NARROW}{grid-column:2;grid-row:1;justify-content:flex-start;align-items:center;text-align:left;height:44px;padding:0 8px;font-size:14px;font-stretch:84%}
`;
const Art = styled.div`
  position:relative;height:64px;& > svg{display:block;width:100%;height:100%}
  ${NARROW}{grid-column:1;grid-row:1 / span 2;width:56px;height:72px;position:relative;& > svg{position:absolute;width:72px;height:56px;left:-8px;top:8px;transform:rotate(90deg)}}
`;
/** The knot as the catalogue draws it, never stretched with the slot. */
const Over = styled(LineKnot)<{ $mirrored: boolean }>`&&{position:absolute;width:64px;height:64px;left:calc(50% - 32px);top:0;transform:${({ $mirrored }) => ($mirrored ? 'scaleX(-1)' : 'none')}}
  ${NARROW}{&&{width:60px;height:60px;left:-2px;top:6px;transform:rotate(90deg) ${({ $mirrored }) => ($mirrored ? 'scaleX(-1)' : '')}}}`;
const DRAWN_PARTS: readonly PlacePart[] = ['knot', 'bend', 'loop', 'loop-knot', 'lock'];
const Bars = styled.div`position:relative;height:112px;display:flex;justify-content:center;${NARROW}{grid-column:2;grid-row:2;height:24px;justify-content:flex-start;padding:0 84px 0 8px}`;
const Bar = styled.div<{ $weak: boolean; $unknown: boolean }>`
  position:relative;width:min(40px,64%);height:var(--size);background:var(--sheet);border:2px solid var(--ink);border-top:0;overflow:hidden;
  ${({ $weak }) => $weak && css`border-color:var(--signal);background:var(--p-short);`}
  ${({ $unknown }) => $unknown && css`border-style:dashed;background:none;`}
  ${NARROW}{width:var(--size);height:20px;border-top:2px solid;border-left:0;border-color:${({ $weak }) => ($weak ? 'var(--signal)' : 'var(--ink)')}}
`;
const Kept = styled.i`position:absolute;left:0;top:0;right:0;height:var(--kept);background:var(--plate);${NARROW}{right:auto;bottom:0;height:auto;width:var(--kept)}`;
const Amount = styled.span<{ $weak: boolean }>`
  position:absolute;top:calc(100% + 3px);left:50%;transform:translateX(-50%);font:640 13px/1 var(--font-figure);font-variant-numeric:tabular-nums;white-space:nowrap;
  ${({ $weak }) => $weak && css`background:var(--signal);color:var(--on-signal);padding:5px 7px 5px 12px;clip-path:polygon(0 0,100% 0,100% 100%,0 100%,7px 50%);font-size:14px;font-weight:740;`}
  ${NARROW}{top:50%;left:calc(100% + 6px);transform:translateY(-50%)}
`;
const Break = styled.i`position:absolute;left:-6px;right:-6px;bottom:10px;height:8px;background:var(--canvas);border-top:1.5px solid var(--ink);border-bottom:1.5px solid var(--ink);transform:rotate(-9deg);${NARROW}{left:auto;right:10px;top:-6px;bottom:-6px;width:8px;height:auto;border:0;border-left:1.5px solid var(--ink);border-right:1.5px solid var(--ink)}`;
const Cross = styled.i<{ $signal?: boolean }>`
  position:absolute;left:0;right:0;top:calc(108px + var(--at));border-top:${({ $signal }) => ($signal ? '2px solid var(--signal)' : '1.5px dotted var(--ink)')};pointer-events:none;z-index:1;
  & > span{position:absolute;right:0;bottom:1px;font:640 11px/1 var(--font-figure);font-style:normal;padding:1px 3px;background:var(--canvas);color:${({ $signal }) => ($signal ? 'var(--signal)' : 'var(--ink-2)')}}
  ${NARROW}{display:none}
`;

/** Height of the bars, px; a place that allows more than the scale shows is drawn broken. */
const BAR_PX = 86;
const SCALE_OVER_WLL = 1.7;

interface Props {
  readonly facts: LineFacts;
  readonly units: UnitChoice;
  readonly pickedElement: string | null;
  readonly onPick: (elementId: string) => void;
}

function runAt(elements: readonly LineElement[], index: number): Run {
  const isRun = (e: LineElement): boolean => e.kind === 'rope' || e.kind === 'webbing' || e.kind === 'chain';
  const found = elements.slice(0, index + 1).findLast(isRun) ?? elements.slice(index).find(isRun);
  return (found?.kind as Run | undefined) ?? 'none';
}

const knotOf = (e: LineElement): KnotId | undefined => (e.kind === 'truckers' ? e.loop : 'knot' in e ? e.knot : undefined);

/** Drawn thickness from the rope's own: 12 mm is 9 px. */
function ropePx(elements: readonly LineElement[]): number {
  const rope = elements.find((e) => e.kind === 'rope');
  return rope ? Math.min(13, Math.max(4, rope.rope.diameterM * 750)) : 8;
}

/** Whether two strands come into an end of the line: an eye or a tackle stands next to it. */
const pairedAt = (elements: readonly LineElement[], index: number): boolean =>
  [elements[index - 1], elements[index + 1]].some((e) => e?.kind === 'knot' || e?.kind === 'lock' || e?.kind === 'truckers') || elements[index]?.kind === 'lock';

function PlaceSlot({ place, facts, units, picked, onPick, weak, scaleN }: {
  place: ChainPlace<Working>; facts: LineFacts; units: UnitChoice; picked: boolean; onPick: () => void; weak: boolean; scaleN: number;
}) {
  const { elements } = facts.line;
  const element = elements[place.elementIndex]!;
  const allowed = place.allowed.value;
  const figure = allowed === null ? null : formatIn(allowed, units.force, 'capacity');
  const part = allowed === null ? 0.45 : Math.min(1, allowed / scaleN);
  const kept = Math.min(1, (facts.tension.pretension.value ?? 0) / Math.max(1, Math.min(allowed ?? Infinity, scaleN)));
  const style = { '--size': `calc(${Math.max(0.05, part)} * var(--full))`, '--kept': `${kept * 100}%` } as CSSProperties;
  const after = place.elementIndex > elements.length / 2;
  const mirrored = after && (place.part === 'anchor' || place.part === 'knot');
  const id = knotOf(element);
  const drawn = id && DRAWN_PARTS.includes(place.part) ? stageOf(id) : null;
  return (
    <Slot $picked={picked}>
      <Pick onPress={onPick} aria-pressed={picked}>
        <span>{place.name}<Hidden>{figure ? `, ${figure.number} ${figure.unit}${weak ? ', weakest' : ''}` : ', not known'}</Hidden></span>
      </Pick>
      <Art>
        <Glyph strandsOnly={drawn !== null} part={place.part} run={runAt(elements, place.elementIndex)} widthPx={ropePx(elements)} knot={knotOf(element)} mirrored={mirrored}
          paired={place.part === 'lock' ? elements.some((e) => e.kind === 'truckers') : pairedAt(elements, place.elementIndex)} shape={element.kind === 'edge' ? element.shape : undefined} unknown={allowed === null} />
        {drawn ? <Over stage={drawn} $mirrored={mirrored} /> : null}
      </Art>
      <Bars aria-hidden>
        <Bar $weak={weak} $unknown={allowed === null} style={style}>
          {allowed === null ? null : <Kept />}
          {allowed !== null && allowed > scaleN ? <Break /> : null}
        </Bar>
        <AmountAt style={style}><Amount $weak={weak}>{figure ? figure.number : '?'}</Amount></AmountAt>
      </Bars>
    </Slot>
  );
}
const AmountAt = styled.span`position:absolute;left:50%;top:0;width:0;height:var(--size);${NARROW}{left:8px;top:0;height:20px;width:var(--size)}`;
const BarsScope = styled.div`--full:${BAR_PX}px;${NARROW}{--full:calc(100vw - 220px)}`;

/** One securement as a rope from anchor to anchor: every element on it, under each what line tension it allows; the weakest flagged. */
export const StrengthLine = memo(function StrengthLine({ facts, units, pickedElement, onPick }: Props) {
  const { places, governing, range } = facts.capacity;
  const scaleN = Math.max(1, (range.highN < 1e14 ? range.highN : 1000) * SCALE_OVER_WLL);
  const at = (n: number): CSSProperties => ({ '--at': `${Math.min(1, n / scaleN) * BAR_PX}px` }) as CSSProperties;
  const kept = facts.tension.pretension.value;
  return (
    <BarsScope>
      <Grid $n={Math.max(1, places.length)} aria-label={`Elements of ${facts.line.name}`}>
        {places.map((place, i) => (
          <PlaceSlot key={`${place.elementId}/${place.part}/${i}`} place={place} facts={facts} units={units} picked={pickedElement === place.elementId} onPick={() => onPick(place.elementId)}
            weak={governing.includes(i) && facts.capacity.wll.value !== null} scaleN={scaleN} />
        ))}
        {kept !== null && kept > 0 ? <Cross as="li" role="presentation" aria-hidden style={at(kept)}><span>kept</span></Cross> : null}
        {facts.capacity.wll.value !== null ? <Cross as="li" role="presentation" aria-hidden $signal style={at(facts.capacity.wll.value)}><span>WLL</span></Cross> : null}
      </Grid>
    </BarsScope>
  );
});
