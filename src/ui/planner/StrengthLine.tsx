'use client';
import { type CSSProperties, memo } from 'react';
import type { KnotId } from '@/core/knot/knots';
import { knot } from '@/core/knot/knots';
import type { LinePlace } from '@/core/line/line';
import type { PlacePart } from '@/core/line/place';
import type { LineFacts } from '@/core/securement/rule-input';
import type { ElementKindId, LineElement } from '@/core/line/schema';
import { formatIn, type UnitChoice } from '@/core/units';
import type { Working } from '@/core/working/working';
import { Glyph } from '../diagrams/glyphs';
import { type Run } from '../diagrams/glyphParts';
import {
  Grid,
  Slot,
  Pick,
  Art,
  Over,
  Bars,
  Bar,
  Kept,
  Amount,
  Break,
  Cross,
  AmountAt,
  BarsScope,
  BAR_PX,
} from './StrengthLine.styles';

const DRAWN_PARTS: readonly PlacePart[] = ['knot', 'bend', 'loop', 'loop-knot', 'lock'];

const SCALE_OVER_WLL = 1.7;

interface Props {
  readonly facts: LineFacts;
  readonly units: UnitChoice;
  readonly pickedElement: string | null;
  readonly onPick: (elementId: string) => void;
}

/** How what runs along a line is drawn. */
const DRAWN_RUNS: Partial<Record<ElementKindId, Run>> = {
  rope: 'rope',
  webbing: 'webbing',
  chain: 'chain',
  wire: 'wire',
};

function runAt(elements: readonly LineElement[], index: number): Run {
  const isRun = (e: LineElement): boolean => DRAWN_RUNS[e.kind] !== undefined;
  const found = elements.slice(0, index + 1).findLast(isRun) ?? elements.slice(index).find(isRun);
  return (found && DRAWN_RUNS[found.kind]) ?? 'none';
}

/** The knot that is drawn for an element. A tackle is drawn as one, whatever is tied in it. */
const knotOf = (e: LineElement): KnotId | undefined =>
  e.kind === 'truckers' ? e.loop : 'knot' in e ? e.knot : undefined;

/** Drawn thickness from the rope's own: 12 mm is 9 px. */
function ropePx(elements: readonly LineElement[]): number {
  const found = elements.find((e) => 'rope' in e);
  return found ? Math.min(13, Math.max(4, found.rope.diameterM * 750)) : 8;
}

/** Whether two strands come into an end of the line: an eye or a tackle stands next to it. */
const pairedAt = (elements: readonly LineElement[], index: number): boolean =>
  [elements[index - 1], elements[index + 1]].some(
    (e) => e?.kind === 'knot' || e?.kind === 'lock' || e?.kind === 'truckers',
  ) || elements[index]?.kind === 'lock';

function PlaceSlot({
  place,
  facts,
  units,
  picked,
  onPick,
  weak,
  scaleN,
}: {
  place: LinePlace<Working>;
  facts: LineFacts;
  units: UnitChoice;
  picked: boolean;
  onPick: () => void;
  weak: boolean;
  scaleN: number;
}) {
  const { elements } = facts.line;
  const element = elements[place.elementIndex]!;
  const allowed = place.allowed.value;
  const figure = allowed === null ? null : formatIn(allowed, units.force, 'capacity');
  const said = figure ? `${figure.number} ${figure.unit}${weak ? ', weakest' : ''}` : 'not known';
  const part = allowed === null ? 0.45 : Math.min(1, allowed / scaleN);
  const kept = Math.min(
    1,
    (facts.tension.pretension.value ?? 0) / Math.max(1, Math.min(allowed ?? Infinity, scaleN)),
  );
  const style = {
    '--size': `calc(${Math.max(0.05, part)} * var(--full))`,
    '--kept': `${kept * 100}%`,
  } as CSSProperties;
  const after = place.elementIndex > elements.length / 2;
  const mirrored = after && (place.part === 'anchor' || place.part === 'knot');
  const id = knotOf(element);
  const drawn = id && DRAWN_PARTS.includes(place.part) ? knot(id).taught : null;
  return (
    <Slot $picked={picked}>
      <Pick onPress={onPick} aria-pressed={picked} aria-label={`${place.name}, ${said}`}>
        {place.name}
      </Pick>
      <Art>
        <Glyph
          strandsOnly={drawn !== null}
          part={place.part}
          run={runAt(elements, place.elementIndex)}
          widthPx={ropePx(elements)}
          knot={knotOf(element)}
          mirrored={mirrored}
          paired={
            place.part === 'lock'
              ? elements.some((e) => e.kind === 'truckers')
              : pairedAt(elements, place.elementIndex)
          }
          shape={element.kind === 'edge' ? element.shape : undefined}
          unknown={allowed === null}
        />
        {drawn ? <Over stage={drawn} $mirrored={mirrored} /> : null}
      </Art>
      <Bars aria-hidden>
        <Bar $weak={weak} $unknown={allowed === null} style={style}>
          {allowed === null ? null : <Kept />}
          {allowed !== null && allowed > scaleN ? <Break /> : null}
        </Bar>
        <AmountAt style={style}>
          <Amount $weak={weak}>{figure ? figure.number : '?'}</Amount>
        </AmountAt>
      </Bars>
    </Slot>
  );
}

/** One securement as a rope from anchor to anchor: every element on it, under each what line tension it allows; the weakest flagged. */
export const StrengthLine = memo(function StrengthLine({
  facts,
  units,
  pickedElement,
  onPick,
}: Props) {
  const { places, governing, range } = facts.capacity;
  const scaleN = Math.max(1, (range.highN < 1e14 ? range.highN : 1000) * SCALE_OVER_WLL);
  const at = (n: number): CSSProperties =>
    ({ '--at': `${Math.min(1, n / scaleN) * BAR_PX}px` }) as CSSProperties;
  const kept = facts.tension.pretension.value;
  return (
    <BarsScope>
      <Grid $n={Math.max(1, places.length)} aria-label={`Elements of ${facts.line.name}`}>
        {places.map((place, i) => (
          <PlaceSlot
            key={`${place.elementId}/${place.part}/${i}`}
            place={place}
            facts={facts}
            units={units}
            picked={pickedElement === place.elementId}
            onPick={() => onPick(place.elementId)}
            weak={governing.includes(i) && facts.capacity.wll.value !== null}
            scaleN={scaleN}
          />
        ))}
        {kept !== null && kept > 0 ? (
          <Cross as="li" role="presentation" aria-hidden style={at(kept)}>
            <span>kept</span>
          </Cross>
        ) : null}
        {facts.capacity.wll.value !== null ? (
          <Cross
            as="li"
            role="presentation"
            aria-hidden
            $signal
            style={at(facts.capacity.wll.value)}
          >
            <span>WLL</span>
          </Cross>
        ) : null}
      </Grid>
    </BarsScope>
  );
});
