'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { messageOf } from '../api';
import { Button } from '../kit/Button';
import { Cluster, Spaced } from '../kit/layout';
import { Sheet } from '../kit/Sheet';
import { ErrorText, Small } from '../kit/text';
import { shortTime } from '../kit/time';
import { Beside } from './Beside';
import { useOutbox } from './OutboxContext';
import type { OutboxEntry } from './outbox';

const Row = styled.li`
  display: grid;
  gap: 2px;
  padding: 12px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;

function Entry({ entry, onDiscard }: { entry: OutboxEntry; onDiscard: () => void }) {
  const [sure, setSure] = useState(false);
  return (
    <Row>
      <b>{entry.words}</b>
      <Small>made {shortTime(entry.madeAt)}</Small>
      {entry.refused ? (
        <>
          <ErrorText>{messageOf(entry.refused)}</ErrorText>
          <Beside entry={entry} />
        </>
      ) : (
        <Small>waits to be sent</Small>
      )}
      <Cluster $top={8}>
        {sure ? (
          <>
            <span>It is then recorded nowhere.</span>
            <Button onPress={onDiscard}>Let it go</Button>
            <Button $kind="quiet" onPress={() => setSure(false)}>
              Leave it
            </Button>
          </>
        ) : (
          <Button $kind="quiet" onPress={() => setSure(true)}>
            Let go of it…
          </Button>
        )}
      </Cluster>
    </Row>
  );
}

/** Everything that waits on this device, and what was not taken, with the reason. */
export function OutboxSheet({ onClose }: { onClose: () => void }) {
  const { entries, flush, discard } = useOutbox();
  return (
    <Sheet title="On this device" open onClose={onClose}>
      <p>
        What is recorded stays here until the server has it. It is sent in this order, as often as
        it takes, and counts once.
      </p>
      {entries.length === 0 ? (
        <Spaced as="p" $top={14}>
          Everything is with the server.
        </Spaced>
      ) : null}
      <ul aria-label="On this device">
        {entries.map((e) => (
          <Entry key={e.key} entry={e} onDiscard={() => discard(e.key)} />
        ))}
      </ul>
      {entries.some((e) => e.refused === null) ? (
        <Cluster $top={14}>
          <Button $kind="primary" onPress={flush}>
            Send now
          </Button>
        </Cluster>
      ) : null}
    </Sheet>
  );
}
