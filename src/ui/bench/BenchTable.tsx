'use client';
import Link from 'next/link';
import { memo, useState } from 'react';
import styled from 'styled-components';
import { knot } from '@/core/knot/knots';
import { LineKnot } from '../knots/KnotPicture';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { BenchDrawing } from './BenchDrawing';
import { BenchVerdict } from './BenchVerdict';
import { FamilyPicker } from './FamilyPicker';
import { Gauge } from './Gauge';
import { HandControls } from './HandControls';
import { useThrottled } from '../useThrottled';
import { ThreeFigures } from './ThreeFigures';
import { type Bench, useStill } from './useBench';

const NARROW = '@media (max-width:1180px)';
const PHONE = '@media (max-width:600px)';
/** The answer stands first wherever there is no room for it beside the drawing. */
const Whole = styled.div`
  display: grid;
  grid-template:
    'stage scale answer' auto 'stage scale controls' 1fr / minmax(330px, 400px)
    206px minmax(0, 1fr);
  align-items: start;
  ${NARROW} {
    grid-template:
      'answer answer' auto 'stage scale' auto 'controls controls' auto / minmax(280px, 1fr)
      206px;
  }
  ${PHONE} {
    grid-template: 'answer' auto 'stage' auto 'controls' auto 'scale' auto / minmax(0, 1fr);
  }
`;
const Stage = styled.div`
  grid-area: stage;
  position: sticky;
  top: 0;
  height: calc(100vh - 176px);
  min-height: 480px;
  ${NARROW} {
    position: relative;
    height: 64vh;
    min-height: 430px;
    border-top: var(--w-rule) solid var(--ink);
  }
`;
const Scale = styled.div`
  grid-area: scale;
  position: sticky;
  top: 0;
  height: calc(100vh - 176px);
  min-height: 480px;
  background: var(--sheet);
  border-left: var(--w-hair) solid var(--ink);
  border-right: var(--w-hair) solid var(--ink);
  padding: 6px 0;
  ${NARROW} {
    position: static;
    height: 64vh;
    min-height: 430px;
    border-top: var(--w-rule) solid var(--ink);
  }
  ${PHONE} {
    border-width: var(--w-hair) 0;
  }
`;
const Answer = styled.div`
  grid-area: answer;
  padding: 0 20px;
  min-width: 0;
  ${PHONE} {
    display: flex;
    flex-direction: column;
    & > :last-child {
      order: -1;
    }
  }
  & > section:first-child {
    margin: 0 -20px;
    padding: 0 6px;
  }
  ${PHONE} {
    padding: 0 12px 8px;
    & > section:first-child {
      margin: 0 -12px;
      padding: 0;
    }
  }
`;
const Controls = styled.div`
  grid-area: controls;
  padding: 0 20px 24px;
  min-width: 0;
  ${NARROW} {
    border-top: var(--w-rule) solid var(--ink);
  }
  ${PHONE} {
    padding: 0 12px 16px;
  }
`;

const Inset = styled.aside`
  position: absolute;
  left: 16px;
  top: 16px;
  width: 132px;
  font: 560 12px/1.25 var(--font-figure);
  font-stretch: 88%;
  color: var(--ink-2);
  & > svg {
    display: block;
    width: 104px;
    height: 104px;
    transform: rotate(-90deg);
    background: var(--sheet);
    border: var(--w-rule) solid var(--ink);
    border-radius: 50%;
    margin-bottom: 4px;
  }
  & a {
    display: inline-block;
    line-height: 32px;
    color: var(--ink);
    font-weight: 640;
  }
  @media (max-width: 600px) {
    left: 8px;
    top: 8px;
    width: 84px;
    & > svg {
      width: 72px;
      height: 72px;
    }
  }
`;

const READ_EVERY_MS = 90;

/** The loop knot as the catalogue draws it, beside the bench's small one. */
const LoopInset = memo(function LoopInset({ bench }: { bench: Bench }) {
  const { system } = bench.doc;
  const stage = system.kind === 'truckers' ? knot(system.loop).taught : null;
  if (!stage || system.kind !== 'truckers') return null;
  return (
    <Inset aria-label="Loop">
      <LineKnot stage={stage} />
      {knot(system.loop).name}
      <br />
      <Link href={`/knots/${stage.entry}?form=${stage.form}`}>How to tie it</Link>
    </Inset>
  );
});

/** The bench itself: what is drawn, the gauge, and everything that can be set. Used in the room and in a plan. */
export function BenchTable({ bench, title }: { bench: Bench; title: string }) {
  const [working, setWorking] = useState<OpenedWorking | null>(null);
  const still = useStill(bench);
  // The drawing and the gauge follow every movement; words and figures a few times a second.
  const later = useThrottled(bench, READ_EVERY_MS);
  return (
    <>
      <Whole data-bench>
        <Stage>
          <BenchDrawing bench={bench} />
          <LoopInset bench={still} />
        </Stage>
        <Scale>
          <Gauge bench={bench} />
        </Scale>
        <Answer>
          <ThreeFigures bench={later} onWorking={setWorking} />
          <BenchVerdict bench={later} onWorking={setWorking} />
        </Answer>
        <Controls>
          <HandControls bench={bench} still={still} later={later} />
          <FamilyPicker bench={still} />
        </Controls>
      </Whole>
      <WorkingSheet opened={working} over={title} onClose={() => setWorking(null)} />
    </>
  );
}
