'use client';
import styled from 'styled-components';
import { Sheet } from '../kit/Sheet';

const Row = styled.li`display:grid;grid-template-columns:130px 1fr;padding:8px 0;border-bottom:var(--w-hair) solid var(--line)`;
const Key = styled.kbd`font:640 14px/1 var(--font-figure);border:var(--w-rule) solid var(--ink);padding:4px 7px;justify-self:start`;

const KEYS = [
  ['1 to 9', 'pick a line'], ['[  and  ]', 'walk the elements of the picked line'], ['w', 'open the working of the figure in focus'],
  ['Ctrl+Z', 'undo'], ['Ctrl+Shift+Z', 'redo'], ['/', 'find a load (in the list)'], ['?', 'this list'], ['Esc', 'close'],
] as const;

export function KeysSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return <Sheet title="Keys" open={open} onClose={onClose}><ul>{KEYS.map(([key, what]) => <Row key={key}><Key>{key}</Key>{what}</Row>)}</ul></Sheet>;
}
