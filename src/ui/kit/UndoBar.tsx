'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Button } from './Button';

const Bar = styled.div`
  display: flex;
  align-items: center;
  gap: 12px;
  padding: 6px 14px;
  background: var(--plate);
  color: var(--on-plate);
  margin-top: 12px;
  & button {
    color: inherit;
  }
`;

/** What was done just now, and the way back. */
export function UndoBar({ onUndo, children }: { onUndo: () => void; children: ReactNode }) {
  return (
    <Bar role="status">
      <span>{children}</span>
      <Button $kind="quiet" onPress={onUndo}>
        Undo
      </Button>
    </Bar>
  );
}
