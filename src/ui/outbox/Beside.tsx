'use client';
import { useEffect, useState } from 'react';
import styled from 'styled-components';
import { wordHappening } from '@/wording/gear';
import type { ToRecord } from '@/core/gear/events';
import { call } from '../api';
import { Label, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import type { AnswerOf } from '../routes';
import type { OutboxEntry } from './outbox';
import { useOutbox } from './OutboxContext';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  & > section {
    border: var(--w-rule) solid var(--ink);
    padding: 8px 10px;
    display: grid;
    gap: 4px;
    align-content: start;
  }
  @media (max-width: 600px) {
    grid-template-columns: 1fr;
  }
`;

const GEAR_HISTORY = /\/gear\/([0-9a-f-]{36})\/history$/;
type History = AnswerOf<'GET /gear/{id}/history'>['history'];

/** What of a thing's history came after what somebody knew who recorded this; empty until it is fetched. */
function useMeanwhile({ path, madeAt, body }: OutboxEntry): History {
  const id = GEAR_HISTORY.exec(path)?.[1];
  const seen = (body as { seen?: string | null }).seen ?? null;
  const [meanwhile, setMeanwhile] = useState<History>([]);
  useEffect(() => {
    if (id === undefined) return;
    let gone = false;
    void call('GET /gear/{id}/history', { params: { id } }).then((answer) => {
      if (gone || !answer.ok) return;
      const { history } = answer.value;
      const known = history.findIndex((h) => h.id === seen);
      setMeanwhile(known < 0 ? history.filter((h) => h.at > madeAt) : history.slice(known + 1));
    });
    return () => {
      gone = true;
    };
  }, [id, seen, madeAt]);
  return meanwhile;
}

/** A record that was not taken beside what was recorded of the same thing meanwhile; nothing where there is nothing. */
export function Beside({ entry }: { entry: OutboxEntry }) {
  const { units } = useOutbox();
  const meanwhile = useMeanwhile(entry);
  if (meanwhile.length === 0) return null;
  const mine = entry.body as ToRecord;
  return (
    <Two data-beside>
      <section aria-label="Yours">
        <Label>Yours, {shortTime(entry.madeAt)}</Label>
        {mine.kind === 'corrected' ? mine.reason : wordHappening(mine, units)}
      </section>
      <section aria-label="Recorded meanwhile">
        {meanwhile.map((h) => (
          <div key={h.id}>
            <Label>
              {h.by}, {shortTime(h.at)}
            </Label>
            <br />
            {h.body.kind === 'corrected' ? h.body.reason : wordHappening(h.body, units)}
          </div>
        ))}
        <Small>Look at the thing again, then record what is still so.</Small>
      </section>
    </Two>
  );
}
