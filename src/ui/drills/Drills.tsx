'use client';
import { useRouter } from 'next/navigation';
import { type FormEvent, useState } from 'react';
import styled from 'styled-components';
import { wordValue } from '@/wording/figures';
import type { DrillPage } from '@/server/drills';
import { call, messageOf } from '../api';
import { useMember } from '../frame/MemberContext';
import { Button } from '../kit/Button';
import { Cluster, Stack } from '../kit/layout';
import { Small } from '../kit/text';
import { TextField } from '../kit/TextField';
import type { AnswerOf } from '../routes';
import { type DrillKinds, DrillRoom, Word } from './DrillRoom';
import { type OpenedWorking, WorkingSheet } from '../working/WorkingSheet';

type Marked = AnswerOf<'POST /drills/marks'>;

const Ask = styled.p`
  font: 500 21px/1.4 var(--font-text);
  max-width: 36em;
`;
const Typed = styled.form`
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

function Explained({
  marked,
  onOpen,
}: {
  marked: Marked;
  onOpen: (opened: OpenedWorking) => void;
}) {
  const { units } = useMember();
  const isRight = marked.mark === 'right';
  const right = wordValue(marked.working.value, marked.working.unit, units, 'nearest');
  return (
    <Stack $gap={10} role="status" data-mark={marked.mark} data-slip={marked.slip ?? undefined}>
      <Word $right={isRight}>{isRight ? 'Right.' : `Not right. It is ${right}.`}</Word>
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
            onOpen({ working: marked.working, title: 'The answer', rounding: 'nearest' })
          }
        >
          Whole working
        </Button>
      </Cluster>
    </Stack>
  );
}

function Question({ page }: { page: DrillPage }) {
  const router = useRouter();
  const [typed, setTyped] = useState('');
  const [marked, setMarked] = useState<Marked | null>(null);
  const [error, setError] = useState<string | null>(null);
  const [asking, setAsking] = useState(false);
  const [opened, setOpened] = useState<OpenedWorking | null>(null);
  const next = (): void => router.push(`/drills?kind=${page.kind}&n=${page.next}`);
  const send = async (e: FormEvent): Promise<void> => {
    e.preventDefault();
    if (marked) return next();
    if (typed.trim() === '') return setError('Type your answer first.');
    setAsking(true);
    const { kind, number, unit } = page;
    const answer = await call('POST /drills/marks', { body: { kind, number, typed, unit } });
    setAsking(false);
    if (answer.ok) setMarked(answer.value);
    setError(answer.ok ? null : messageOf(answer.problem));
  };
  return (
    <Stack $gap={16}>
      <Ask>{page.ask}</Ask>
      <Typed onSubmit={(e) => void send(e)}>
        <TextField
          label={`Your answer, in ${page.unit} or with its unit`}
          value={typed}
          onChange={setTyped}
          error={error}
          readOnly={marked !== null}
          autoComplete="off"
        />
        <Button $kind="primary" type="submit" isDisabled={asking}>
          {marked ? 'Next question' : 'Answer'}
        </Button>
        {marked ? null : (
          <Button $kind="quiet" onPress={next}>
            Another one
          </Button>
        )}
      </Typed>
      {marked ? <Explained marked={marked} onOpen={setOpened} /> : null}
      <WorkingSheet opened={opened} over="Drills" onClose={() => setOpened(null)} />
    </Stack>
  );
}

/** Reckoning by questions: one at a time, marked at once, the mistake named, every step shown. */
export function Drills({ page, kinds }: { page: DrillPage; kinds: DrillKinds }) {
  return (
    <DrillRoom current={page.kind} kinds={kinds} title={page.title}>
      <Question page={page} />
    </DrillRoom>
  );
}
