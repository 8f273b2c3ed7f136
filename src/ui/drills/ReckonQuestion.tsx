'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { wordValue } from '@/wording/figures';
import { useUnits } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';
import { Marking } from './Marking';
import type { MarkedAs, QuestionProps } from './question';
import { ReckonLevels } from './ReckonLevels';

const Ask = styled.p`
  font: 500 21px/1.4 var(--font-read);
  max-width: 36em;
`;
const Typed = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
  & > :first-child {
    width: 220px;
  }
`;
const Steps = styled.ol`
  border-top: var(--w-hair) solid var(--line);
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 16px;
    padding: 8px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & b {
    font: 700 17px/1.3 var(--font-figure);
    font-variant-numeric: tabular-nums;
  }
`;

function Explained({ marked }: { marked: MarkedAs<'reckon'> }) {
  const units = useUnits();
  const [opened, setOpened] = useState<OpenedWorking | null>(null);
  const isRight = marked.mark === 'right';
  const right = wordValue(marked.working.value, marked.working.unit, units, 'nearest');
  return (
    <Marking
      grade={marked.grade}
      slip={marked.slip}
      words={isRight ? 'Right.' : `Not right. It is ${right}.`}
    >
      {marked.says ? <p>{marked.says}</p> : null}
      {marked.mark === 'wrong' ? (
        <p>That figure comes of no mistake we know. Go through the steps.</p>
      ) : null}
      <Steps aria-label="Step by step">
        {marked.steps.map((s, i) => (
          <li key={i}>
            <span>
              {s.label}
              <Small $block>
                {s.symbol} = {s.formula}
              </Small>
            </span>
            <b>{wordValue(s.value, s.unit, units, 'nearest')}</b>
          </li>
        ))}
      </Steps>
      <Cluster>
        <Button
          $kind="quiet"
          onPress={() =>
            setOpened({ working: marked.working, title: 'The answer', rounding: 'nearest' })
          }
        >
          Whole working
        </Button>
      </Cluster>
      <WorkingSheet opened={opened} over="Drills" onClose={() => setOpened(null)} />
    </Marking>
  );
}

/** A figure is typed; the mistake is named from it, and every step shown. */
export function ReckonQuestion({
  asked,
  marked,
  error,
  sending,
  give,
  onProblem,
}: QuestionProps<'reckon'>) {
  const [typed, setTyped] = useState('');
  const [steps, setSteps] = useState(false);
  const answer = (): void => {
    if (typed.trim() === '') return onProblem('Type your answer first.');
    const { number, kind, unit } = asked;
    give({ ask: 'reckon', number, kind, typed, unit });
  };
  return (
    <>
      <Ask>{asked.text}</Ask>
      {steps && !marked ? <ReckonLevels asked={asked} /> : null}
      <Typed
        onKeyDown={(e) => {
          if (e.key !== 'Enter' || marked) return;
          e.preventDefault();
          answer();
        }}
      >
        <TextField
          label={`Your answer, in ${asked.unit} or with its unit`}
          value={typed}
          onChange={setTyped}
          error={error}
          readOnly={marked !== null}
          autoComplete="off"
        />
        {marked ? null : (
          <Button $kind="primary" onPress={answer} isDisabled={sending}>
            Answer
          </Button>
        )}
        {marked || steps || asked.levels.length < 2 ? null : (
          <Button $kind="quiet" onPress={() => setSteps(true)}>
            One step at a time
          </Button>
        )}
      </Typed>
      {marked ? <Explained marked={marked} /> : null}
    </>
  );
}
