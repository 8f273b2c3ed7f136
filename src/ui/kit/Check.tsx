'use client';
import type { ReactNode } from 'react';
import { Checkbox } from 'react-aria-components/Checkbox';
import styled from 'styled-components';

const Line = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: var(--hit);
  font-size: 14px;
  line-height: 1.25;
  cursor: pointer;
  & > i {
    flex: none;
    width: 22px;
    height: 22px;
    border: 2px solid var(--ink);
    display: grid;
    place-items: center;
    font: 800 16px/1 var(--font-figure);
    font-style: normal;
  }
  &[data-selected] > i {
    background: var(--plate);
    color: var(--on-plate);
  }
`;

/** A yes or no. */
export function Check({
  selected,
  onChange,
  children,
}: {
  selected: boolean;
  onChange: (on: boolean) => void;
  children: ReactNode;
}) {
  return (
    <Line isSelected={selected} onChange={onChange}>
      {({ isSelected }) => (
        <>
          <i aria-hidden>{isSelected ? '✓' : ''}</i>
          <span>{children}</span>
        </>
      )}
    </Line>
  );
}
