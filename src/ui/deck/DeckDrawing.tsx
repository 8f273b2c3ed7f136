'use client';
import equal from 'fast-deep-equal';
import { memo, useId } from 'react';
import styled from 'styled-components';
import type { HoldMap } from '@/core/securement/hold/map';
import type { Placed } from '@/core/securement/load/placed';
import type { StageLayout } from '@/core/securement/stage/layout';
import type { Scene } from '@/core/securement/stage/scene';
import type { UnitChoice } from '@/core/units';
import { widthOfText, withRoom } from '../diagrams/names';
import { Floor, Ground } from './Floor';
import { Faults, MapFigures, MapRoundLoad, Motion } from './Marks';
import type { DeckPick } from './pick';
import { LineOnDeck } from './Ropes';
import { inOrder, outlinePath, type Picture } from '@/core/securement/stage/paths';
import { LineTag, WeakFlag } from './Tags';
import { tagPlaces } from '@/core/securement/stage/tag-places';
import { AnchorOnDeck, UnitNames, UnitOnDeck } from './Things';

/** What a deck is drawn in: the type of its names. */
export const DeckSvg = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    font-family: var(--font-figure);
    font-weight: 600;
    fill: var(--ink);
    pointer-events: none;
  }
  & .quiet {
    fill: var(--ink-2);
    font-weight: 520;
  }
  & .signal {
    fill: var(--signal);
  }
  & .on-plate {
    fill: var(--on-plate);
  }
  & .on-signal {
    fill: var(--on-signal);
  }
  & .on-cargo {
    paint-order: stroke;
    stroke: var(--cargo);
    stroke-width: 3.5px;
  }
  & .halo {
    paint-order: stroke;
    stroke: var(--canvas);
    stroke-width: 3.5px;
  }
`;

const isPicked = (picked: DeckPick | null, kind: DeckPick['kind'], id: string): boolean =>
  picked !== null && picked.kind === kind && picked.id === id;

function Hatch({ id }: { id: string }) {
  return (
    <defs>
      <pattern
        id={id}
        width="7"
        height="7"
        patternTransform="rotate(45)"
        patternUnits="userSpaceOnUse"
      >
        <rect width="3" height="7" fill="var(--signal)" />
      </pattern>
    </defs>
  );
}

/** What another plan would change: units and lines that are not there yet, drawn open. */
function Ghost({
  ghost,
  scene,
  layout,
  picture,
}: {
  ghost: Scene;
  scene: Scene;
  layout: StageLayout;
  picture: Picture;
}) {
  const there = (p: Placed): boolean => scene.load.some((o) => equal(o.unit, p.unit));
  const changed = ghost.lines.filter((l) => {
    const line = ghost.plan.lines[l.number - 1];
    return !scene.plan.lines.some((o) => equal(o, line));
  });
  return (
    <g data-ghost opacity={0.9}>
      {ghost.load
        .filter((p) => !there(p))
        .map((p) => (
          <path
            key={p.unit.id}
            d={outlinePath(p, layout, picture)}
            fill="none"
            stroke="var(--ink)"
            strokeWidth={3}
            strokeDasharray="2 4"
          />
        ))}
      {changed.map((l) => (
        <LineOnDeck
          key={l.id}
          line={{ ...l, counted: false }}
          layout={layout}
          picture={picture}
          picked
        />
      ))}
    </g>
  );
}

export interface DeckDrawingProps {
  readonly scene: Scene;
  readonly layout: StageLayout;
  readonly units: UnitChoice;
  readonly picked?: DeckPick | null;
  readonly map?: HoldMap | null;
  /** Another plan to be shown over this one. */
  readonly ghost?: Scene | null;
}

/** A deck from above and in one elevation, to scale: what stands on it, how lines lie, what is weak, wrong, or gives way. */
export const DeckDrawing = memo(function DeckDrawing({
  scene,
  layout,
  units,
  picked = null,
  map = null,
  ghost = null,
}: DeckDrawingProps) {
  const hatch = `${useId()}h`;
  const rings = withRoom(
    scene.anchors.map(({ anchor, at }) => {
      const [x, y] = layout.plan(at);
      return { x, y, width: widthOfText(anchor.id, 12), height: 13 };
    }),
  );
  return (
    <>
      <Hatch id={hatch} />
      <Floor layout={layout} scene={scene} />
      {(['elevation', 'plan'] as const).map((picture) => (
        <g key={picture} data-picture={picture}>
          {picture === 'elevation' ? <Ground layout={layout} scene={scene} units={units} /> : null}
          {inOrder(scene.load, layout, picture).map((p) => (
            <UnitOnDeck
              key={p.unit.id}
              placed={p}
              layout={layout}
              picture={picture}
              picked={isPicked(picked, 'unit', p.unit.id)}
            />
          ))}
          {map && picture === 'plan' ? (
            <MapRoundLoad map={map} scene={scene} layout={layout} hatch={hatch} />
          ) : null}
          {scene.lines.map((l) => (
            <LineOnDeck
              key={l.id}
              line={l}
              layout={layout}
              picture={picture}
              picked={isPicked(picked, 'line', l.id)}
            />
          ))}
          {ghost ? <Ghost ghost={ghost} scene={scene} layout={layout} picture={picture} /> : null}
          <UnitNames scene={scene} layout={layout} picture={picture} />
          {scene.anchors.map((a, i) => (
            <AnchorOnDeck
              key={a.anchor.id}
              of={a}
              layout={layout}
              picture={picture}
              named={rings[i]!}
              picked={isPicked(picked, 'anchor', a.anchor.id)}
            />
          ))}
          {scene.motion ? <Motion motion={scene.motion} layout={layout} picture={picture} /> : null}
        </g>
      ))}
      {map ? <MapFigures map={map} scene={scene} layout={layout} /> : null}
      <Faults scene={scene} layout={layout} hatch={hatch} units={units} />
      {tagPlaces(scene, layout).map((place) => (
        <LineTag key={place.line.id} place={place} width={layout.width} />
      ))}
      {scene.lines
        .toSorted((a, b) => Number(a.weakest) - Number(b.weakest))
        .map((l) => (
          <WeakFlag key={l.id} line={l} layout={layout} units={units} />
        ))}
    </>
  );
});
