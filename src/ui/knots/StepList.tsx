'use client';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { knotBoxOf } from '@/core/knot/drawing/picture';
import { KnotStrokes, NextArrow, viewBox } from './KnotDrawing';
import { nearer } from './layout';
import type { StageState } from './useStage';

const List = styled.ol`
  display: grid;
  align-content: start;
  border-right: var(--w-hair) solid var(--line);
  @media (max-width: 760px) {
    display: flex;
    overflow-x: auto;
    border-right: 0;
    border-top: var(--w-hair) solid var(--line);
  }
`;
const Pick = styled(AriaButton)<{ $now: boolean }>`
  width: 100%;
  display: grid;
  grid-template-columns: 20px 62px minmax(0, 1fr);
  gap: 6px;
  align-items: start;
  text-align: left;
  padding: 12px 10px 12px 9px;
  border: 0;
  border-bottom: var(--w-hair) solid var(--line);
  border-left: 6px solid transparent;
  background: none;
  color: var(--ink);
  cursor: pointer;
  min-height: 112px;
  ${({ $now }) =>
    $now &&
    css`
      background: var(--sheet);
      border-left-color: var(--signal);
    `}
  &[data-hovered] {
    background: var(--sunk);
  }
  & > b {
    font: 720 17px/1.1 var(--font-figure);
  }
  & > span {
    min-width: 0;
    font: 660 14px/1.25 var(--font-figure);
    font-stretch: 94%;
  }
  & > span > small {
    display: block;
    font: 400 13px/1.3 var(--font-read);
    color: var(--ink-2);
    margin-top: 3px;
  }
  & > svg {
    width: 62px;
    height: 88px;
  }
  @media (max-width: 760px) {
    width: 172px;
    grid-template-columns: 18px minmax(0, 1fr);
    border-left: 0;
    border-bottom: 0;
    border-top: 5px solid transparent;
    border-right: var(--w-hair) solid var(--line);
    ${({ $now }) =>
      $now &&
      css`
        border-top-color: var(--signal);
      `}
    & > svg {
      grid-column: 1 / -1;
      grid-row: 2;
      width: 100%;
      height: 70px;
    }
  }
`;

/** All steps with their pictures; the one shown large is marked. */
export function StepList({ state }: { state: StageState }) {
  const { steps } = state;
  return (
    <List aria-label="Steps">
      {steps.map((step, i) => {
        const { picture, box: whole, accents, arrow } = state.thumbnail(i);
        const box = nearer(whole, knotBoxOf(picture));
        return (
          <li key={i}>
            <Pick
              $now={state.step === i}
              onPress={() => state.show(i)}
              aria-current={state.step === i ? 'step' : undefined}
            >
              <b>{i + 1}</b>
              <svg viewBox={viewBox(box)} aria-hidden>
                <KnotStrokes picture={picture} accents={accents} lay={false} />
                {arrow ? <NextArrow arrow={arrow} size={box.height / 26} /> : null}
              </svg>
              <span>
                {step.say}
                <small>{step.look}</small>
              </span>
            </Pick>
          </li>
        );
      })}
    </List>
  );
}
