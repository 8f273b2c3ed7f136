'use client';
import dynamic from 'next/dynamic';
import { useState } from 'react';
import styled from 'styled-components';
import { orMissing } from '../orMissing';
import { useOutbox } from './OutboxContext';

export const fetchSheet = () => import('./OutboxSheet').then((m) => m.OutboxSheet);
const OutboxSheet = dynamic(() => orMissing(fetchSheet()), {
  loading: () => null,
});

const Bar = styled.button`
  display: flex;
  align-items: center;
  gap: 10px;
  width: 100%;
  min-height: var(--hit);
  padding: 6px 20px;
  border: 0;
  border-bottom: var(--w-rule) solid var(--ink);
  background: var(--plate);
  color: var(--on-plate);
  font: 600 15px/1.25 var(--font-figure);
  text-align: left;
  cursor: pointer;
  position: sticky;
  top: 0;
  z-index: 4;
  & > u {
    margin-left: auto;
    text-underline-offset: 3px;
  }
  &:focus-visible {
    outline: var(--w-focus) solid var(--ink);
    outline-offset: -6px;
  }
  @media print {
    display: none;
  }
`;

const records = (n: number): string => (n === 1 ? 'One record' : `${n} records`);

/** What the server does not have yet; nothing while it has everything. */
export function OutboxBar() {
  const { entries } = useOutbox();
  const [open, setOpen] = useState(false);
  const refused = entries.filter((e) => e.refused !== null).length;
  const waiting = entries.length - refused;
  const words = [
    waiting > 0
      ? `${records(waiting)} ${waiting === 1 ? 'waits' : 'wait'} on this device and ${waiting === 1 ? 'is' : 'are'} sent by itself.`
      : null,
    refused > 0 ? `${records(refused)} ${refused === 1 ? 'was' : 'were'} not taken.` : null,
  ].filter((w) => w !== null);
  return (
    <>
      {entries.length > 0 ? (
        <Bar type="button" onClick={() => setOpen(true)} data-outbox={entries.length}>
          <span role="status">{words.join(' ')}</span>
          <u>Show</u>
        </Bar>
      ) : null}
      {open ? <OutboxSheet onClose={() => setOpen(false)} /> : null}
    </>
  );
}
