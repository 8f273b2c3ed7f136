'use client';
import dynamic from 'next/dynamic';
import { memo, type RefObject, useCallback, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import type { Assessment } from '@/core/securement/assess';
import type { HoldMap } from '@/core/securement/hold/map';
import type { Plan } from '@/core/securement/plan';
import { layOut } from '@/core/securement/stage/layout';
import type { Scene } from '@/core/securement/stage/scene';
import type { StageSide } from '@/core/securement/stage/view';
import type { LineMake } from '@/core/securement/vocabulary';
import { wordFault, wordLine } from '@/wording/stage';
import { wordCount } from '@/wording/text';
import { useMember } from '../frame/MemberContext';
import { IconButton } from '../kit/Button';
import { orNothing } from '../orMissing';
import { DeckDrawing, DeckSvg } from './DeckDrawing';
import type { DraftStore } from './draft';
import type { DeckPick } from './pick';
import type { StageReading } from './Hands';
import { useDraft } from './useDraft';
import type { SceneMaker } from './useScene';
import { WHOLE, type Zoom, zoomed } from './zoom';

/** What takes hold of things comes after the first picture. */
const Hands = dynamic(() => orNothing(import('./Hands').then((m) => m.Hands)), { ssr: false });

const Frame = styled.figure`
  position: relative;
  margin: 0;
  min-width: 0;
`;
const Picture = styled(DeckSvg)`
  touch-action: pan-y;
  user-select: none;
`;
const Tools = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 2px;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Tool = styled(IconButton)`
  padding: 0 9px;
  &[aria-pressed='true'] {
    box-shadow: inset 0 -3px 0 var(--ink);
  }
`;
const Reading = styled.div<{ $low: boolean }>`
  position: absolute;
  left: 0;
  ${({ $low }) => ($low ? 'bottom: 0;' : 'top: 48px;')}
  z-index: 2;
  padding: 6px 10px;
  background: var(--plate);
  color: var(--on-plate);
  font: 600 14px/1.3 var(--font-figure);
  pointer-events: none;
  & > div {
    font-variant-numeric: tabular-nums;
  }
`;

const SIZES = {
  beside: { width: 352, height: 530 },
  large: { width: 1120, height: 500 },
} as const;
export type StageSize = keyof typeof SIZES;

/** The stage for those who do not see it: what it is of, what is weak, what is wrong. */
function useWords(scene: Scene): string {
  const { units } = useMember();
  const weak = scene.lines.find((l) => l.weakest);
  return [
    `Deck with ${wordCount(scene.load.length, 'unit')} and ${wordCount(scene.lines.length, 'line')}.`,
    ...(weak ? [`Look first at line ${weak.number}: ${wordLine(weak, scene, units)}.`] : []),
    ...scene.faults.map((f) => wordFault(f, scene, units)),
  ].join(' ');
}

export interface DeckStageProps {
  readonly plan: Plan;
  readonly assessment: Assessment;
  /** The plan as it is drawn, and what makes that of another. */
  readonly scene: Scene;
  readonly make: SceneMaker | null;
  readonly draft: DraftStore;
  readonly map: HoldMap | null;
  readonly picked: DeckPick | null;
  readonly onPick: (picked: DeckPick | null) => void;
  /** What is done to the plan; null: it can only be looked at. */
  readonly onEdit: ((change: (plan: Plan) => Plan, key?: string) => void) | null;
  /** What a line is made of that is pulled here. */
  readonly lineMake: LineMake;
  readonly size: StageSize;
  readonly onSize: (size: StageSize) => void;
  readonly stage: RefObject<HTMLElement | null>;
}

/** The scene that is shown: of the plan, or of what is dragged at the moment. */
function useShown(
  scene: Scene,
  assessment: Assessment,
  store: DraftStore,
  make: SceneMaker | null,
) {
  const draft = useDraft(store);
  const tried = useMemo(
    () =>
      draft === null || make === null
        ? null
        : make(draft.plan, draft.assessment ?? assessment, draft.assessment === null),
    [draft, assessment, make],
  );
  return draft?.kind === 'drag' && tried
    ? { scene: tried, ghost: null, dragging: true }
    : { scene, ghost: tried, dragging: false };
}

interface StageToolsProps {
  readonly side: StageSide;
  readonly onSide: (side: StageSide) => void;
  readonly withMap: boolean;
  readonly onWithMap: (withMap: boolean) => void;
  /** The whole deck is in sight. */
  readonly whole: boolean;
  readonly onTimes: (by: number) => void;
  readonly size: StageSize;
  readonly onSize: (size: StageSize) => void;
}

/** How the deck is shown; drawn again only when that changes. */
const StageTools = memo(function StageTools(props: StageToolsProps) {
  const { side, onSide, withMap, onWithMap, whole, onTimes, size, onSize } = props;
  return (
    <Tools role="toolbar" aria-label="How the deck is shown">
      <Tool
        aria-label="Seen from behind"
        aria-pressed={side === 'rear'}
        onPress={() => onSide('rear')}
      >
        Behind
      </Tool>
      <Tool
        aria-label="Seen from the side"
        aria-pressed={side === 'side'}
        onPress={() => onSide('side')}
      >
        Side
      </Tool>
      <Tool
        aria-label="Hold map round the load"
        aria-pressed={withMap}
        onPress={() => onWithMap(!withMap)}
      >
        Map
      </Tool>
      <Tool aria-label="Nearer" onPress={() => onTimes(1.5)}>
        +
      </Tool>
      <Tool aria-label="Farther" isDisabled={whole} onPress={() => onTimes(1 / 1.5)}>
        −
      </Tool>
      <Tool
        aria-label={size === 'large' ? 'Deck beside the lines' : 'Deck across the page'}
        onPress={() => onSize(size === 'large' ? 'beside' : 'large')}
      >
        {size === 'large' ? '⇤' : '⇥'}
      </Tool>
    </Tools>
  );
});

/** The deck as it stands, to scale; things on it are taken hold of by mouse, finger and keys. */
export const DeckStage = memo(function DeckStage({
  plan,
  assessment,
  scene: standing,
  make,
  draft,
  map,
  picked,
  onPick,
  onEdit,
  lineMake,
  size,
  onSize,
  stage,
}: DeckStageProps) {
  const { units } = useMember();
  const svg = useRef<SVGSVGElement>(null);
  const [side, setSide] = useState<StageSide>('rear');
  const [zoom, setZoom] = useState<Zoom>(WHOLE);
  const [withMap, setWithMap] = useState(true);
  const [reading, setReading] = useState<StageReading | null>(null);
  const { scene, ghost, dragging } = useShown(standing, assessment, draft, make);
  // The picture stands still while something is dragged: it is laid out for the plan as it is kept.
  const layout = useMemo(() => layOut(standing, side, SIZES[size]), [standing, side, size]);
  const words = useWords(scene);
  const zoomBy = useCallback(
    (by: number) =>
      setZoom((now) => zoomed(now, now.times * by, [layout.width / 2, layout.height / 2], layout)),
    [layout],
  );
  return (
    <Frame ref={stage} data-stage data-side={side} data-times={zoom.times}>
      <StageTools
        side={side}
        onSide={setSide}
        withMap={withMap}
        onWithMap={setWithMap}
        whole={zoom.times === 1}
        onTimes={zoomBy}
        size={size}
        onSize={onSize}
      />
      {reading ? (
        <Reading role="status" data-reading $low={reading.low}>
          {reading.words.map((r) => (
            <div key={r}>{r}</div>
          ))}
        </Reading>
      ) : null}
      <Picture
        ref={svg}
        viewBox={`${zoom.x} ${zoom.y} ${layout.width / zoom.times} ${layout.height / zoom.times}`}
        role="group"
        aria-label={words}
      >
        <DeckDrawing
          scene={scene}
          layout={layout}
          units={units}
          picked={picked}
          map={withMap && !dragging ? map : null}
          ghost={ghost}
        />
        <Hands
          svg={svg as RefObject<SVGSVGElement>}
          plan={plan}
          scene={scene}
          layout={layout}
          zoom={zoom}
          onZoom={setZoom}
          picked={picked}
          onPick={onPick}
          onEdit={onEdit}
          make={lineMake}
          draft={draft}
          onReading={setReading}
        />
      </Picture>
    </Frame>
  );
});
