'use client';
import Link from 'next/link';
import { useMemo } from 'react';
import styled from 'styled-components';
import { boxOf, knotBoxOf, pictureOf } from '@/core/knot/drawing/picture';
import { accentsOf } from '@/core/knot/drawing/step';
import { MY_SIDE } from '@/core/knot/drawing/view';
import { bodyOfStep } from '@/core/knot/shape/frames';
import type { KnotMapData } from '@/server/knots-map';
import { ButtonLink } from '../../kit/Button';
import { Stack } from '../../kit/layout';
import { Small } from '../../kit/text';
import { KnotStrokes, viewBox } from '../KnotDrawing';
import { KnotPicture } from '../KnotPicture';
import { RoomHead } from '../RoomHead';
import { nearer } from '../layout';

const COLUMN = 164;
const ROW = 58;
const WIDTH = 142;
const HEIGHT = 50;
const left = (column: number): number => column * COLUMN;
const top = (row: number): number => row * ROW;

const Room = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 340px;
  align-items: start;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Scroll = styled.div`
  overflow: auto;
  padding: 14px 20px 20px;
  min-width: 0;
  & > p {
    padding-top: 16px;
  }
`;
const Sheet = styled.div<{ $width: number; $height: number }>`
  position: relative;
  width: ${({ $width }) => $width}px;
  height: ${({ $height }) => $height}px;
  & > svg {
    position: absolute;
    inset: 0;
    pointer-events: none;
  }
`;
const Node = styled(Link)<{ $on: boolean; $column: number; $row: number }>`
  position: absolute;
  left: ${({ $column }) => left($column)}px;
  top: ${({ $row }) => top($row)}px;
  width: ${WIDTH}px;
  height: ${HEIGHT}px;
  display: grid;
  grid-template-columns: 40px minmax(0, 1fr);
  gap: 5px;
  align-items: center;
  padding: 0 6px 0 2px;
  background: ${({ $on }) => ($on ? 'var(--sheet)' : 'var(--canvas)')};
  border: ${({ $on }) => ($on ? 'var(--w-strong) solid var(--ink)' : 'var(--w-hair) solid var(--line)')};
  color: var(--ink);
  text-decoration: none;
  font: 620 13px/1.15 var(--font-figure);
  font-stretch: 90%;
  & > svg {
    width: 40px;
    height: 40px;
  }
  &:hover {
    background: var(--sunk);
  }
  &[aria-current] {
    background: var(--plate);
    color: var(--on-plate);
  }
`;
const Aside = styled.aside`
  position: sticky;
  top: 0;
  padding: 14px 24px 20px 20px;
  border-left: var(--w-hair) solid var(--line);
  & h2 {
    font-size: 21px;
  }
  & figure {
    margin: 0;
    background: var(--sheet);
    border: var(--w-hair) solid var(--line);
  }
  & figure > svg {
    display: block;
    width: 100%;
    height: 170px;
  }
  & figcaption {
    padding: 8px 10px;
  }
  @media (max-width: 900px) {
    position: static;
    border-left: 0;
    order: -1;
    padding: 8px 12px;
  }
`;

/** A line from the right side of one knot to the left side of the other. */
function wayOf(a: { column: number; row: number }, b: { column: number; row: number }): string {
  const [x1, y1] = [left(a.column) + WIDTH, top(a.row) + HEIGHT / 2];
  const [x2, y2] = [left(b.column), top(b.row) + HEIGHT / 2];
  const bend = (COLUMN - WIDTH) * 0.9;
  return `M${x1} ${y1}C${x1 + bend} ${y1} ${x2 - bend} ${y2} ${x2} ${y2}`;
}

type Looked = NonNullable<KnotMapData['looked']>;

/** The step in which a change shows, with what it adds in the signal colour. */
function Change({ looked, step }: { looked: Looked; step: number }) {
  const { picture, box, accents } = useMemo(() => {
    const body = bodyOfStep(looked.shipped, step, false);
    const drawn = pictureOf(body, MY_SIDE, looked.steps[step]!.shown);
    return {
      picture: drawn,
      box: nearer(boxOf(drawn), knotBoxOf(drawn)),
      accents: accentsOf(looked.steps, step, looked.shipped.strands.length),
    };
  }, [looked, step]);
  return (
    <svg viewBox={viewBox(box)} role="img" aria-label={`${looked.knot.name}, step ${step + 1}`}>
      <KnotStrokes picture={picture} accents={accents} />
    </svg>
  );
}

function LookedAt({ looked }: { looked: Looked }) {
  return (
    <Stack $gap={12}>
      <div>
        <h2>{looked.knot.name}</h2>
        <p>{looked.purpose}</p>
      </div>
      {looked.buildsOn.length === 0 ? <p>It builds on no other: begin with it.</p> : null}
      {looked.buildsOn.map((b) => (
        <figure key={b.id}>
          <Change looked={looked} step={b.step} />
          <figcaption>
            From{' '}
            <Link href={`/knots/map?knot=${b.id}`} prefetch={false}>
              {b.name}
            </Link>
            : {b.changes}
          </figcaption>
        </figure>
      ))}
      {looked.leadsTo.length > 0 ? (
        <ul aria-label="It leads to">
          {looked.leadsTo.map((k) => (
            <li key={k.id}>
              <Small>leads to </Small>
              <Link href={`/knots/map?knot=${k.id}`} prefetch={false}>
                {k.name}
              </Link>
              : {k.changes}
            </li>
          ))}
        </ul>
      ) : null}
      {looked.way.length > 1 ? (
        <p>
          <Small>to learn it: </Small>
          {looked.way.map((k) => k.name).join(' → ')}
        </p>
      ) : null}
      <ButtonLink as={Link} $kind="primary" href={`/knots/${looked.knot.id}`}>
        See how it is tied
      </ButtonLink>
    </Stack>
  );
}

/** What builds on what: knots in columns, from those that build on nothing; one of them looked at. */
export function KnotMap({ map }: { map: KnotMapData }) {
  const { places, leads, alone, looked } = map;
  const at = new Map(places.map((p) => [p.id, p]));
  const way = new Set(looked?.way.map((k) => k.id));
  const [columns, rows] = [
    Math.max(...places.map((p) => p.column)) + 1,
    Math.max(...places.map((p) => p.row)) + 1,
  ];
  const size = { width: left(columns - 1) + WIDTH, height: top(rows - 1) + HEIGHT };
  return (
    <>
      <RoomHead title="What builds on what" />
      <Room>
        <Scroll tabIndex={0} role="region" aria-label="Map of knots">
          <Sheet $width={size.width} $height={size.height}>
            <svg width={size.width} height={size.height} aria-hidden>
              {leads.map(({ from, to }) => {
                const on = way.has(to) && way.has(from);
                return (
                  <path
                    key={`${from} ${to}`}
                    d={wayOf(at.get(from)!, at.get(to)!)}
                    fill="none"
                    stroke={on ? 'var(--ink)' : 'var(--line)'}
                    strokeWidth={on ? 3 : 1.5}
                  />
                );
              })}
            </svg>
            {places.map((p) => (
              <Node
                key={p.id}
                href={`/knots/map?knot=${p.id}`}
                prefetch={false}
                scroll={false}
                $on={way.has(p.id)}
                {...(p.id === looked?.knot.id ? { 'aria-current': 'true' } : {})}
                $column={p.column}
                $row={p.row}
              >
                <KnotPicture id={p.id} />
                {p.name}
              </Node>
            ))}
          </Sheet>
          <p>
            <Small>By themselves: </Small>
            {alone.map((k, i) => (
              <span key={k.id}>
                {i > 0 ? ', ' : ''}
                <Link href={`/knots/${k.id}`} prefetch={false}>
                  {k.name}
                </Link>
              </span>
            ))}
            .
          </p>
        </Scroll>
        <Aside aria-label="The knot looked at">
          {looked ? (
            <LookedAt looked={looked} />
          ) : (
            <p>Choose a knot: what it builds on is shown here, with what changes.</p>
          )}
        </Aside>
      </Room>
    </>
  );
}
