'use client';
import { useState } from 'react';
import styled from 'styled-components';
import { CAUTIONS, CAUTIONS_VERSION } from '@/wording/cautions';
import { call, messageOf } from '../api';
import { Button } from '../kit/Button';
import { Sheet } from '../kit/Sheet';
import { ErrorText } from '../kit/text';
import { useMember } from './MemberContext';
import { Spaced } from '../kit/layout';

const Caution = styled.li`
  padding: 12px 0 12px 20px;
  border-bottom: var(--w-hair) solid var(--line);
  font-size: var(--t-lead);
  position: relative;
  &::before {
    content: '';
    position: absolute;
    left: 0;
    top: 16px;
    bottom: 16px;
    width: 6px;
    background: var(--p-short);
  }
`;

/** Shown once per member at first use; the acknowledgement is recorded. */
export function CautionGate() {
  const { viewer } = useMember();
  const [open, setOpen] = useState(!viewer.cautioned);
  const [error, setError] = useState<string | null>(null);
  const accept = async (): Promise<void> => {
    const answer = await call('POST /cautions', { body: { version: CAUTIONS_VERSION } });
    if (answer.ok) setOpen(false);
    else setError(messageOf(answer.problem));
  };
  return (
    <Sheet
      title="Before you use these figures"
      open={open}
      onClose={() => setOpen(false)}
      mustAnswer
    >
      <ul>
        {CAUTIONS.map((c) => (
          <Caution key={c}>{c}</Caution>
        ))}
      </ul>
      {error ? <ErrorText role="alert">{error}</ErrorText> : null}
      <Spaced as="p" $top={20}>
        <Button $kind="primary" onPress={() => void accept()} autoFocus>
          I have read this
        </Button>
      </Spaced>
    </Sheet>
  );
}
