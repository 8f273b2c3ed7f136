'use client';
import { type CSSProperties, useState } from 'react';
import styled from 'styled-components';
import type { Plan } from '@/core/securement/plan';
import { type Doubt, DOUBTS } from '@/core/securement/uncertainty/vocabulary';
import type { DirectionSure } from '@/core/securement/uncertainty/summary';
import { TOWARD } from '@/wording/drive';
import { DOUBT_WORDS, wordDoubt, wordShare, wordSpread } from '@/wording/sure';
import { SURE_DRAWS, useSure } from '@/workers/useSure';
import { Button } from '../kit/Button';
import { Check } from '../kit/Check';
import { Cluster } from '../kit/layout';
import { Small } from '../kit/text';
import { Part } from './DrivePage.styles';

const Ticks = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 0 12px;
`;
const Bar = styled.div`
  height: 10px;
  border: 1px solid var(--ink);
  flex: 1;
  & > i {
    display: block;
    height: 100%;
    background: var(--plate);
    width: var(--part);
  }
`;
const Found = styled.li`
  display: grid;
  gap: 3px;
  padding: 8px 0;
  border-bottom: var(--w-hair) solid var(--line);
  & > b {
    font: 680 16px/1.25 var(--font-figure);
  }
`;
const Spread = styled.svg`
  display: block;
  width: 100%;
  height: 26px;
`;

/** All bars have one scale: they are looked at one under the other. */
const mostOf = (sure: readonly DirectionSure[]): number =>
  1.05 * Math.max(0.01, ...sure.flatMap((s) => [s.quantilesG[2], s.requiredG]));

/** What is held, from the fifth of a hundred cases to the ninety-fifth, and what is asked. */
function SpreadBar({ sure, mostG }: { sure: DirectionSure; mostG: number }) {
  const [low, middle, high] = sure.quantilesG.map((v) => Math.max(0, v)) as [
    number,
    number,
    number,
  ];
  const x = (g: number): number => (400 * g) / mostG;
  return (
    <Spread viewBox="0 0 400 26" preserveAspectRatio="none" aria-hidden>
      <path d="M0 13H400" stroke="var(--line)" strokeWidth={1} />
      <rect
        x={x(low)}
        y={6}
        width={Math.max(2, x(high) - x(low))}
        height={14}
        fill="var(--plate)"
        opacity={0.85}
      />
      <path d={`M${x(middle)} 3V23`} stroke="var(--canvas)" strokeWidth={2} />
      <path d={`M${x(sure.requiredG)} 0V26`} stroke="var(--signal)" strokeWidth={3} />
    </Spread>
  );
}

/** How sure it is that the load is held: what is not sure is drawn over and over, and statics asked each time. */
export function HowSure({ plan }: { plan: Plan }) {
  const [open, setOpen] = useState<readonly Doubt[]>(DOUBTS);
  const { progress, sure, refused, begin, stop } = useSure(plan);
  return (
    <Part aria-label="How sure" data-sure={sure ? 'there' : progress === null ? 'none' : 'coming'}>
      <h2>How sure is that?</h2>
      <Small $block>
        Nobody knows friction or pull to two digits. What is ticked is drawn{' '}
        {SURE_DRAWS.toLocaleString('en-US')} times, and statics asked each time. Bars: from the
        fifth to the ninety-fifth of a hundred cases, parted at the middle; the red mark is what is
        asked.
      </Small>
      <Ticks role="group" aria-label="What is not sure">
        {DOUBTS.map((d) => (
          <Check
            key={d}
            selected={open.includes(d)}
            onChange={(on) =>
              setOpen(
                on
                  ? DOUBTS.filter((x) => x === d || open.includes(x))
                  : open.filter((x) => x !== d),
              )
            }
          >
            <span>
              {DOUBT_WORDS[d].name} <Small $block>{DOUBT_WORDS[d].range}</Small>
            </span>
          </Check>
        ))}
      </Ticks>
      <Cluster>
        {progress === null ? (
          <Button onPress={() => begin(open)}>{sure ? 'Draw again' : 'Draw'}</Button>
        ) : (
          <>
            <Button onPress={stop}>Stop</Button>
            <Bar
              role="progressbar"
              aria-label="Draws done"
              aria-valuenow={Math.round(100 * progress)}
            >
              <i style={{ '--part': `${100 * progress}%` } as CSSProperties} />
            </Bar>
          </>
        )}
      </Cluster>
      {refused ? (
        <p role="alert">Say what everything weighs: nothing can be drawn without it.</p>
      ) : null}
      {sure ? (
        <ul>
          {sure.map((s) => (
            <Found key={s.direction}>
              <b>
                {TOWARD[s.direction]}: statics hold {wordShare(s)}
              </b>
              <SpreadBar sure={s} mostG={mostOf(sure)} />
              <Small $block>{wordSpread(s)}</Small>
              {wordDoubt(s) ? <span>{wordDoubt(s)}</span> : null}
            </Found>
          ))}
        </ul>
      ) : null}
    </Part>
  );
}
