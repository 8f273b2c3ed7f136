'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { type AuditEntry, trailSentence } from '@/wording/trail';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster } from '../kit/layout';
import { ErrorText, Small } from '../kit/text';
import { shortTime } from '../kit/time';

const Row = styled.li`
  display: grid;
  gap: 2px;
  padding: 8px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;

interface Page {
  readonly entries: readonly AuditEntry[];
  readonly next: string | null;
}

/** Who changed what about the crew and its people, fetched when it is asked for. */
export function Trail() {
  const [pages, setPages] = useState<readonly Page[]>([]);
  const [error, setError] = useState<string | null>(null);
  const last = pages.at(-1);
  const more = async (): Promise<void> => {
    const answer = await call('GET /crew/trail', { query: { after: last?.next ?? null } });
    if (!answer.ok) return setError(messageOf(answer.problem));
    setError(null);
    setPages((was) => [...was, answer.value]);
  };
  const entries = pages.flatMap((p) => p.entries);
  return (
    <section>
      <h2>Who changed what</h2>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      {entries.length > 0 ? (
        <ul aria-label="Who changed what">
          {entries.map((e) => (
            <Row key={e.id}>
              {trailSentence(e)}
              <Small>{shortTime(e.at)}</Small>
            </Row>
          ))}
        </ul>
      ) : null}
      {last && entries.length === 0 ? <p>Nothing was changed yet.</p> : null}
      {!last || last.next ? (
        <Cluster $top={10}>
          <Button onPress={() => void more()}>{last ? 'Show more' : 'Show'}</Button>
        </Cluster>
      ) : null}
    </section>
  );
}
