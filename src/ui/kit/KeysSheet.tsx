'use client';
import styled from 'styled-components';
import { Sheet } from './Sheet';

const Row = styled.li`
  display: grid;
  grid-template-columns: 130px 1fr;
  padding: 8px 0;
  border-bottom: var(--w-hair) solid var(--line);
`;
const Key = styled.kbd`
  font: 640 14px/1 var(--font-figure);
  border: var(--w-rule) solid var(--ink);
  padding: 4px 7px;
  justify-self: start;
`;

const EVERYWHERE = [
  ['w', 'open the working of the figure in focus'],
  ['Ctrl+Z', 'undo'],
  ['Ctrl+Shift+Z', 'redo'],
  ['?', 'this list'],
  ['Esc', 'close'],
] as const;

/** The keys of a screen: its own, and those that mean the same everywhere. */
export function KeysSheet({
  keys,
  open,
  onClose,
}: {
  keys: readonly (readonly [key: string, what: string])[];
  open: boolean;
  onClose: () => void;
}) {
  return (
    <Sheet title="Keys" open={open} onClose={onClose}>
      <ul>
        {[...keys, ...EVERYWHERE].map(([key, what]) => (
          <Row key={key}>
            <Key>{key}</Key>
            {what}
          </Row>
        ))}
      </ul>
    </Sheet>
  );
}
