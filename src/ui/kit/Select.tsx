'use client';
import dynamic from 'next/dynamic';
import { memo, useId, useRef, useState } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import { box, label } from './fieldLook';
import { orMissing } from '../orMissing';

/** The list itself is fetched when somebody comes near it: most fields of a page are never opened. */
const fetchList = () => import('./SelectList').then((m) => m.SelectList);
const SelectList = dynamic(() => orMissing(fetchList()), { loading: () => null });

const FieldLabel = styled.span`
  ${label}
`;
const Whole = styled.div`
  min-width: 0;
`;
const SelectBox = styled(AriaButton)`
  ${box} font-stretch:86%;
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  text-align: left;
  cursor: pointer;
  & > span:first-child {
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
    min-width: 0;
  }
`;

export interface Choice<K extends string> {
  readonly id: K;
  readonly name: string;
}

interface SelectProps<K extends string> {
  readonly label: string;
  readonly value: K;
  readonly choices: readonly Choice<K>[];
  readonly onChange: (id: K) => void;
  readonly hideLabel?: boolean;
}

function OneOf<K extends string>({
  label: text,
  value,
  choices,
  onChange,
  hideLabel,
}: SelectProps<K>) {
  const id = useId();
  const trigger = useRef<HTMLButtonElement>(null);
  const [open, setOpen] = useState(false);
  const choose = (key: string): void => {
    setOpen(false);
    onChange(key as K);
  };
  const near = (): void => void fetchList();
  const named = hideLabel
    ? { 'aria-label': `${text}: ${choices.find((c) => c.id === value)?.name ?? ''}` }
    : { 'aria-labelledby': `${id}-label ${id}-value` };
  return (
    <Whole>
      {hideLabel ? null : <FieldLabel id={`${id}-label`}>{text}</FieldLabel>}
      <SelectBox
        ref={trigger}
        {...named}
        aria-haspopup="listbox"
        aria-expanded={open}
        onPress={() => setOpen(true)}
        onHoverStart={near}
        onFocus={near}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown' || e.key === 'ArrowUp') setOpen(true);
          else e.continuePropagation();
        }}
      >
        <span id={`${id}-value`}>{choices.find((c) => c.id === value)?.name}</span>
        <span aria-hidden>▾</span>
      </SelectBox>
      {open ? (
        <SelectList
          trigger={trigger}
          label={text}
          value={value}
          choices={choices}
          onChoose={choose}
          onClose={() => setOpen(false)}
        />
      ) : null}
    </Whole>
  );
}

/** One of several. Drawn again only when something of it changes. */
export const Select = memo(OneOf) as typeof OneOf;
