'use client';
import styled from 'styled-components';
import { unitName } from '@/core/securement/load/describe';
import { fromMiddle, type Placed } from '@/core/securement/load/placed';
import type { UnitGrip } from '@/core/securement/stage/edits';
import type { StageLayout } from '@/core/securement/stage/layout';
import { endAnchor } from '@/core/securement/stage/ends';
import { canBeBent, pointsOf } from '@/core/securement/stage/lines';
import type { Scene } from '@/core/securement/stage/scene';
import type { DeckPick } from './pick';
import type { Grip } from './grips';
import { type Picture, placeOn } from '@/core/securement/stage/paths';

/** Something small to take hold of, with room round it for a finger. */
export const Knob = styled.g`
  cursor: grab;
  touch-action: none;
  outline: none;
  & > .rim {
    fill: transparent;
    pointer-events: all;
  }
  & > .knob {
    fill: var(--sheet);
    stroke: var(--ink);
    stroke-width: 2px;
  }
  &:focus-visible > .knob {
    fill: var(--ink);
  }
`;

interface KnobsProps {
  readonly scene: Scene;
  readonly layout: StageLayout;
  readonly picked: DeckPick | null;
  readonly hand: (grip: Grip, label: string, tabbed: boolean) => object;
}

/** Knobs of what is picked: sides and top of a unit and what turns it, ends and corners of a line. */
export function Knobs({ scene, layout, picked, hand }: KnobsProps) {
  if (picked?.kind === 'unit') {
    const placed = scene.load.find((p) => p.unit.id === picked.id);
    return placed ? <UnitKnobs placed={placed} layout={layout} hand={hand} /> : null;
  }
  return picked?.kind === 'line' ? (
    <LineKnobs id={picked.id} scene={scene} layout={layout} hand={hand} />
  ) : null;
}

function OneKnob({
  at: [x, y],
  round = false,
  ...hand
}: {
  at: readonly [number, number];
  round?: boolean;
}) {
  return (
    <Knob {...hand}>
      <circle className="rim" cx={x} cy={y} r={17} />
      {round ? (
        <circle className="knob" cx={x} cy={y} r={6.5} />
      ) : (
        <rect className="knob" x={x - 5.5} y={y - 5.5} width={11} height={11} />
      )}
    </Knob>
  );
}

/** How far beyond its front the knob stands that turns a unit. */
const TURN_KNOB = 26;

function UnitKnobs({
  placed,
  layout,
  hand,
}: {
  placed: Placed;
  layout: StageLayout;
  hand: KnobsProps['hand'];
}) {
  const { unit } = placed;
  const [l, w] = [unit.lengthM / 2, unit.widthM / 2];
  const sides: readonly (readonly [UnitGrip, number, number])[] = [
    ['front', l, 0],
    ['rear', -l, 0],
    ['left', 0, w],
    ['right', 0, -w],
  ];
  const name = unitName(unit);
  const turnAt = layout.plan(fromMiddle(placed, { x: l + TURN_KNOB / layout.perM, y: 0 }));
  const topAt = layout.elevation({ ...placed.middle, z: placed.topM });
  return (
    <>
      {sides.map(([side, x, y]) => {
        const at = layout.plan(fromMiddle(placed, { x, y }));
        return (
          <OneKnob
            key={side}
            at={at}
            {...hand({ kind: 'size', id: unit.id, side }, `Size of ${name} at its ${side}`, true)}
          />
        );
      })}
      <OneKnob at={turnAt} round {...hand({ kind: 'turn', id: unit.id }, `Turn ${name}`, false)} />
      <OneKnob
        at={topAt}
        {...hand({ kind: 'size', id: unit.id, side: 'top' }, `Height of ${name}`, true)}
      />
    </>
  );
}

function LineKnobs({
  id,
  scene,
  layout,
  hand,
}: {
  id: string;
  scene: Scene;
  layout: StageLayout;
  hand: KnobsProps['hand'];
}) {
  const line = scene.plan.lines.find((l) => l.id === id);
  const drawn = scene.lines.find((l) => l.id === id);
  if (!line || !drawn || drawn.way.length < 2) return null;
  const bends = canBeBent(line) ? pointsOf(line, scene.plan, scene.load) : [];
  const pictures: readonly Picture[] = line.kind === 'over' ? ['plan'] : ['plan', 'elevation'];
  return (
    <>
      {bends.flatMap((b, index) =>
        pictures.map((picture) => {
          const at = placeOn(layout, picture)({ x: -b.fromFrontM, y: b.fromCentreM, z: b.heightM });
          return (
            <OneKnob
              key={`${picture}${index}`}
              at={at}
              {...hand(
                { kind: 'bend', id, index, picture },
                `Place ${index + 1} of line ${drawn.number} on the load`,
                true,
              )}
            />
          );
        }),
      )}
      {(['first', 'last'] as const).map((end) => {
        const anchor = scene.anchors.find((a) => a.anchor.id === endAnchor(line, end));
        if (!anchor) return null;
        const at = layout.plan(anchor.at);
        return (
          <OneKnob
            key={end}
            at={at}
            round
            {...hand(
              { kind: 'end', id, end },
              `Lead the ${end} end of line ${drawn.number} to another anchor`,
              false,
            )}
          />
        );
      })}
    </>
  );
}
