'use client';
import type { ReactNode } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { TAG_BOX } from '@/core/inspection/drawing/label';
import { PART_D, PARTS, type Place } from '@/core/training/inspecting/inspecting';
import type { AskedAs } from '@/server/drills/question';
import { placeWords } from '@/wording/inspecting';
import { closeBox, RopeClose } from '../diagrams/RopeClose';

const Lengths = styled.ol`
  list-style: none;
  display: grid;
  gap: 4px;
  margin: 0;
  padding: 0;
`;
const Row = styled.li`
  position: relative;
  background: var(--sheet);
  border: var(--w-hair) solid var(--line);
`;
const here = `
  position: absolute;
  left: var(--left);
  top: var(--top);
  width: var(--wide);
  height: var(--high);
`;
const Target = styled(AriaButton)`
  ${here}
  padding: 0;
  border: 0;
  background: none;
  cursor: pointer;
  &[data-hovered] {
    box-shadow: inset 0 0 0 2px var(--ink-2);
  }
  &[aria-pressed='true'] {
    box-shadow:
      inset 0 0 0 4px var(--ink),
      inset 0 0 0 7px var(--sheet);
  }
`;
/** A place that is told: the right one in double lines, one that was said instead dashed. */
const Told = styled.span<{ $right: boolean }>`
  ${here}
  display: grid;
  place-items: end;
  border: ${({ $right }) => ($right ? '5px double var(--signal)' : '2px dashed var(--ink)')};
  pointer-events: none;
`;

/** Where a place of a stretch is on its drawing; null where it is on another or on none. */
function boxOf(place: Place, row: number, box: ReturnType<typeof closeBox>) {
  const [x, y, x1, y1] =
    place === 'tag' && row === 0
      ? TAG_BOX
      : typeof place === 'number' && Math.floor(place / PARTS) === row
        ? [(place % PARTS) * PART_D, -box.middleD, ((place % PARTS) + 1) * PART_D, 1]
        : [];
  if (x === undefined || y === undefined || x1 === undefined || y1 === undefined) return null;
  const part = (v: number, of: number): string => `${(100 * v) / of}%`;
  return {
    '--left': part(x, box.wideD),
    '--top': part(y + box.middleD, box.highD),
    '--wide': part(x1 - x, box.wideD),
    '--high': part(y1 - y, box.highD),
  };
}

const placesIn = (row: number): Place[] => [
  ...Array.from({ length: PARTS }, (_, i) => row * PARTS + i),
  ...(row === 0 ? (['tag'] as const) : []),
];

/** A rope laid out in lengths, to be pointed at, or with what is told of it. `told`: what stands on a place, right or not. */
export function RopeLaidOut({
  asked,
  at = null,
  onPoint,
  isDisabled = false,
  told = [],
}: {
  asked: Pick<AskedAs<'inspect'>, 'stretches' | 'material'>;
  at?: Place | null;
  onPoint?: (place: Place) => void;
  isDisabled?: boolean;
  told?: readonly { readonly place: Place; readonly right: boolean; readonly is?: ReactNode }[];
}) {
  return (
    <Lengths aria-label="The rope, laid out">
      {asked.stretches.map((stretch, row) => {
        const box = closeBox(stretch);
        return (
          <Row key={row}>
            <RopeClose stretch={stretch} material={asked.material} label={`Length ${row + 1}`} />
            {placesIn(row).map((place) => {
              const style = boxOf(place, row, box)!;
              const said = told.find((t) => t.place === place);
              if (said)
                return (
                  <Told key={place} $right={said.right} style={style}>
                    {said.is}
                  </Told>
                );
              return onPoint ? (
                <Target
                  key={place}
                  style={style}
                  aria-label={placeWords(place)}
                  aria-pressed={place === at}
                  isDisabled={isDisabled}
                  onPress={() => onPoint(place)}
                />
              ) : null;
            })}
          </Row>
        );
      })}
    </Lengths>
  );
}
