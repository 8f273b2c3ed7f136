'use client';
import { useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { boxOf } from '@/core/knot/drawing/picture';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { KnotStrokes, viewBox } from '../knots/KnotDrawing';
import type { AskedAs } from '@/server/drills/question';
import { useKnotPicture } from './KnotPicture';
import { Marking } from './Marking';
import Link from 'next/link';
import type { MarkedAs, QuestionProps } from './question';

const Pictures = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
  gap: 12px;
  list-style: none;
  padding: 0;
  @media (max-width: 820px) {
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px;
  }
  & svg {
    display: block;
    width: 100%;
    height: 150px;
  }
`;
const Tile = styled(AriaButton)`
  position: relative;
  display: block;
  width: 100%;
  border: var(--w-rule) solid var(--line);
  background: var(--sheet);
  color: var(--ink);
  padding: 0;
  cursor: pointer;
  &[data-hovered],
  &[data-chosen] {
    border-color: var(--ink);
  }
`;
const Place = styled.span`
  position: absolute;
  left: 0;
  top: 0;
  min-width: 34px;
  padding: 5px 8px;
  background: var(--plate);
  color: var(--on-plate);
  font: 740 18px/1 var(--font-figure);
`;

/** One step of a form, as it is drawn in its question. */
export function StepPicture({ asked, index }: { asked: AskedAs<'order'>; index: number }) {
  const shown = asked.steps[index]!;
  const drawn = shown === 'drawn up' ? asked.drawnUp : asked.loose;
  const { picture } = useKnotPicture(drawn, asked.view, shown);
  return (
    <svg viewBox={viewBox(boxOf(picture))} aria-hidden>
      <KnotStrokes picture={picture} lay={false} />
    </svg>
  );
}

/** Pictures that are mixed go by letters. */
export const letterOf = (i: number): string => String.fromCodePoint(65 + i);

function InOrder({ asked, marked }: { asked: AskedAs<'order'>; marked: MarkedAs<'order'> }) {
  return (
    <Marking
      grade={marked.grade}
      words={
        marked.misplaced === null
          ? 'Right.'
          : `Not right: step ${marked.misplaced + 1} is another one.`
      }
    >
      <Pictures aria-label="In order">
        {marked.order.map((index, step) => (
          <li key={index}>
            <StepPicture asked={asked} index={index} />
            <p>
              <b>{step + 1}.</b> {marked.steps[step]!.say}
            </p>
          </li>
        ))}
      </Pictures>
      <p>
        <Link href={`/knots/${marked.entry}?form=${marked.form}`} prefetch={false}>
          How it is tied
        </Link>
      </p>
    </Marking>
  );
}

/** The pictures of a knot's steps, mixed: touched one after the other as they come. */
export function OrderQuestion({ asked, marked, sending, give }: QuestionProps<'order'>) {
  const [order, setOrder] = useState<readonly number[]>([]);
  if (marked) return <InOrder asked={asked} marked={marked} />;
  const touch = (i: number): void =>
    setOrder((o) => (o.includes(i) ? o.filter((x) => x !== i) : [...o, i]));
  const all = order.length === asked.steps.length;
  return (
    <>
      <p>
        <b>{asked.name}</b>, {asked.way.toLowerCase()}. Touch the pictures in the order in which it
        is tied; touch one again to take it back.
      </p>
      <Pictures aria-label="Steps, mixed">
        {asked.steps.map((_, i) => {
          const at = order.indexOf(i);
          return (
            <li key={i}>
              <Tile
                aria-label={
                  at < 0 ? `Picture ${letterOf(i)}` : `Picture ${letterOf(i)}, step ${at + 1}`
                }
                {...(at >= 0 ? { 'data-chosen': '' } : {})}
                onPress={() => touch(i)}
              >
                <StepPicture asked={asked} index={i} />
                {at >= 0 ? <Place>{at + 1}</Place> : null}
              </Tile>
            </li>
          );
        })}
      </Pictures>
      <Cluster>
        <Button
          $kind="primary"
          isDisabled={!all || sending}
          onPress={() => give({ ask: 'order', number: asked.number, order: [...order] })}
        >
          That is the order
        </Button>
      </Cluster>
    </>
  );
}
