'use client';
import { turnedWords } from '@/core/knot/drawing/turned-words';
import { useId, useMemo, useState } from 'react';
import styled from 'styled-components';
import { type Box, boxOf, knotBoxOf, type Picture, pictureOf } from '@/core/knot/drawing/picture';
import type { View } from '@/core/knot/drawing/view';
import { bodyOfFrame, type ShippedForm } from '@/core/knot/shape/frames';
import type { StageData } from '@/server/knots';
import { capital } from '@/wording/text';
import { Button } from '../kit/Button';
import { Small } from '../kit/text';
import { KnotStrokes, viewBox } from './KnotDrawing';
import { filling, freeCorner, nearer, type Point, pointAt } from './layout';
import { Lens } from './Lens';
import { Spaced } from '../kit/layout';

const Named = styled.b`
  display: inline-block;
`;

const Pair = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
`;
const Panel = styled.figure<{ $wrong: boolean }>`
  margin: 0;
  position: relative;
  background: var(--sheet);
  border: ${({ $wrong }) => ($wrong ? 'var(--w-strong) solid var(--signal)' : 'var(--w-rule) solid var(--ink)')};
  & > svg {
    display: block;
    width: 100%;
    height: 232px;
  }
  & > figcaption {
    display: flex;
    align-items: center;
    gap: 8px;
    padding: 8px 9px 4px;
    font: 760 15px/1 var(--font-figure);
    font-stretch: 110%;
    ${({ $wrong }) => $wrong && 'color:var(--signal);'}
  }
  & > figcaption > i {
    width: 16px;
    height: 16px;
    background: ${({ $wrong }) => ($wrong ? 'var(--p-short)' : 'var(--plate)')};
    border: 2px solid ${({ $wrong }) => ($wrong ? 'var(--signal)' : 'var(--plate)')};
  }
`;
const Tabs = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 8px;
`;

interface Seen {
  readonly picture: Picture;
  readonly box: Box;
  readonly at: Point;
}

/** The knot as it lies before it is drawn up, where differences can be seen, and the place where the two part. */
function seen(form: ShippedForm, u: number, rope: number, view: View): Seen {
  const picture = pictureOf(bodyOfFrame(form, form.frames[0]!), view);
  return {
    picture,
    box: nearer(boxOf(picture, 1.2), knotBoxOf(picture)),
    at: pointAt(picture.traces, rope, u) ?? { x: 0, y: 0 },
  };
}

/** Shape of a panel in pixels, and of the lens in it. */
const PANEL = { width: 165, height: 232 };
const LENS_PX = 36;
const ZOOM = 2.1;

function Side({
  seen: { picture, box, at },
  wrong,
  title,
}: {
  seen: Seen;
  wrong: boolean;
  title: string;
}) {
  const id = useId();
  const { whole, unit } = filling(box, PANEL, 0, 0);
  const radius = LENS_PX * unit;
  return (
    <Panel $wrong={wrong}>
      <figcaption>
        <i aria-hidden />
        {wrong ? 'wrong' : 'right'}
      </figcaption>
      <svg viewBox={viewBox(whole)} role="img" aria-label={title}>
        <g id={`${id}knot`}>
          <KnotStrokes picture={picture} />
        </g>
        <Lens
          lens={{ from: at, to: freeCorner(picture.traces, whole, radius, at), radius, zoom: ZOOM }}
          drawing={`${id}knot`}
          ink={wrong ? 'var(--signal)' : 'var(--ink)'}
          line={1.8 * unit}
        />
      </svg>
    </Panel>
  );
}

/** The right knot beside what people tie by mistake, with the one difference marked and enlarged. */
export function RightWrong({ stage, view }: { stage: StageData; view: View }) {
  const [index, setIndex] = useState(0);
  const wrong = stage.wrong[index];
  const pair = useMemo(
    () =>
      wrong
        ? ([
            seen(wrong.right, wrong.partsAt.right, wrong.partsAt.rope ?? 0, view),
            seen(wrong.shipped, wrong.partsAt.wrong, wrong.partsAt.rope ?? 0, view),
          ] as const)
        : null,
    [wrong, view],
  );
  if (!wrong || !pair) return null;
  return (
    <section aria-label="Right and wrong">
      {stage.wrong.length > 1 ? (
        <Tabs role="group" aria-label="Mistakes">
          {stage.wrong.map((w, i) => (
            <Button
              key={w.id}
              $kind={i === index ? 'primary' : 'plain'}
              aria-pressed={i === index}
              onPress={() => setIndex(i)}
            >
              {w.name}
            </Button>
          ))}
        </Tabs>
      ) : null}
      <Pair>
        <Side seen={pair[0]} wrong={false} title={`Right: ${stage.facts.name}`} />
        <Side seen={pair[1]} wrong title={`Wrong: ${wrong.name}`} />
      </Pair>
      <Spaced as="p" $top={8}>
        <Named>{capital(wrong.name)}.</Named> {turnedWords(wrong.says, view)}
      </Spaced>
      {view.leftHanded || view.side === 'facing' ? (
        <Small>Seen as chosen for the large picture.</Small>
      ) : null}
    </section>
  );
}
