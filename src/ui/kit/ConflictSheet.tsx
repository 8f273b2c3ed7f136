'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button';
import { Sheet } from './Sheet';
import { Spaced } from './layout';

const Two = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 20px;
  @media (max-width: 600px) {
    grid-template-columns: 1fr;
  }
`;
const Version = styled.section`
  border: var(--w-rule) solid var(--ink);
  padding: 14px;
  display: flex;
  flex-direction: column;
  gap: 10px;
  & li {
    padding: 4px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & li[data-differs='true'] {
    font-weight: 700;
    border-left: 4px solid var(--signal);
    padding-left: 8px;
  }
`;

/** One version in facts that can be compared, and its verdict if it has one. */
export interface Side {
  readonly facts: readonly (readonly [what: string, value: string])[];
  readonly mark?: ReactNode;
}

function OneSide({
  title,
  side,
  other,
  action,
  onKeep,
}: {
  title: string;
  side: Side;
  other: Side;
  action: string;
  onKeep: () => void;
}) {
  const theirs = new Map(other.facts);
  const differs = ([what, value]: Side['facts'][number]): boolean => theirs.get(what) !== value;
  const list = (facts: Side['facts']) =>
    facts.length === 0 ? null : (
      <ul>
        {facts.map((fact) => (
          <li key={fact[0]} data-differs={differs(fact)}>
            {fact[0]}: {fact[1]}
          </li>
        ))}
      </ul>
    );
  // What has to be decided is in sight before anything is scrolled.
  return (
    <Version aria-label={title}>
      <h3>{title}</h3>
      {list(side.facts.filter(differs))}
      <Button $kind="primary" onPress={onKeep}>
        {action}
      </Button>
      {side.mark}
      {list(side.facts.filter((fact) => !differs(fact)))}
    </Version>
  );
}

/** Both versions side by side when somebody else saved first; what differs is marked. Nothing is overwritten unasked. */
export function ConflictSheet({
  what,
  by,
  mine,
  theirs,
  children,
  onKeep,
}: {
  what: string;
  by: string;
  mine: Side;
  theirs: Side;
  children: ReactNode;
  onKeep: (which: 'mine' | 'theirs') => void;
}) {
  return (
    <Sheet
      title={`${by} saved this ${what} first`}
      open
      onClose={() => onKeep('theirs')}
      mustAnswer
    >
      <Spaced as="p" $bottom={14}>
        {children}
      </Spaced>
      <Two>
        <OneSide
          title="Yours"
          side={mine}
          other={theirs}
          action="Keep mine"
          onKeep={() => onKeep('mine')}
        />
        <OneSide
          title={`From ${by}`}
          side={theirs}
          other={mine}
          action="Take theirs"
          onKeep={() => onKeep('theirs')}
        />
      </Two>
    </Sheet>
  );
}
