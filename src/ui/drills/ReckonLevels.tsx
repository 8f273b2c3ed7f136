'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { wordValue } from '@/wording/figures';
import type { AskedAs } from '@/server/drills/question';
import { call, messageOf } from '../api';
import { useUnits } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import type { AnswerOf } from '../routes';

type Step = NonNullable<AnswerOf<'POST /drills/levels'>['step']>;

const Levels = styled.ol`
  list-style: none;
  padding: 0;
  max-width: 640px;
  border-top: var(--w-rule) solid var(--ink);
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 6px 16px;
    align-items: end;
    padding: 8px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & b {
    font: 700 17px/1.3 var(--font-figure);
    font-variant-numeric: tabular-nums;
  }
`;
const Typed = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: end;
  & > :first-child {
    width: 220px;
  }
`;

/** The working with its figures hidden: each step is shown when the one before it is right. The last is the answer, typed below. */
export function ReckonLevels({ asked }: { asked: AskedAs<'reckon'> }) {
  const units = useUnits();
  const [done, setDone] = useState<readonly Step[]>([]);
  const [typed, setTyped] = useState('');
  const [error, setError] = useState<string | null>(null);
  const before = asked.levels.slice(0, -1);
  const next = before[done.length];
  const check = async (): Promise<void> => {
    if (typed.trim() === '') return setError('Type this step first.');
    const { kind, number, unit } = asked;
    const answer = await call('POST /drills/levels', {
      body: { kind, number, level: done.length, typed, unit: next?.unit ?? unit },
    });
    if (!answer.ok) return setError(messageOf(answer.problem));
    const { step } = answer.value;
    if (!step) return setError('Not right. Look at the formula again.');
    setDone([...done, step]);
    setTyped('');
    setError(null);
  };
  return (
    <Levels aria-label="One step at a time">
      {asked.levels.slice(0, done.length + 1).map(({ label, symbol, formula }, i) => {
        const step = done[i];
        return (
          <li key={i}>
            <span>
              {label}
              <Small $block>
                {symbol} = {formula}
              </Small>
            </span>
            <b>{step ? wordValue(step.value, step.unit, units, 'nearest') : '?'}</b>
            {!step && next ? (
              <Typed
                onKeyDown={(e) => {
                  if (e.key !== 'Enter') return;
                  e.preventDefault();
                  e.stopPropagation();
                  void check();
                }}
              >
                <TextField
                  label={next.unit ? `This step, in ${next.unit} or with its unit` : 'This step'}
                  value={typed}
                  onChange={setTyped}
                  error={error}
                  autoComplete="off"
                />
                <Button onPress={() => void check()}>Check</Button>
              </Typed>
            ) : null}
          </li>
        );
      })}
    </Levels>
  );
}
