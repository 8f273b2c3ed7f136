'use client';
import type { RefObject } from 'react';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import type { Choice } from './Select';

const List = styled(Popover)`
  background: var(--sheet);
  border: var(--w-rule) solid var(--ink);
  max-height: 60vh;
  overflow: auto;
  min-width: var(--trigger-width);
`;
const Item = styled(ListBoxItem)`
  min-height: var(--hit);
  padding: 8px 12px;
  display: flex;
  flex-direction: column;
  justify-content: center;
  font: 560 14px/1.25 var(--font-figure);
  color: var(--ink);
  cursor: pointer;
  &[data-focused] {
    background: var(--plate);
    color: var(--on-plate);
    outline: none;
  }
  &[data-selected] {
    font-weight: 740;
  }
`;
/** Choosing what is chosen already closes the list as well. */
const EVEN_THE_SAME = { allowDuplicateSelectionEvents: true };

/** The open list of a select. */
export function SelectList({
  trigger,
  label,
  value,
  choices,
  onChoose,
  onClose,
}: {
  trigger: RefObject<HTMLButtonElement | null>;
  label: string;
  value: string;
  choices: readonly Choice<string>[];
  onChoose: (id: string) => void;
  onClose: () => void;
}) {
  return (
    <List
      isOpen
      triggerRef={trigger}
      placement="bottom start"
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <ListBox
        autoFocus
        aria-label={label}
        selectionMode="single"
        disallowEmptySelection
        selectedKeys={[value]}
        {...EVEN_THE_SAME}
        onSelectionChange={(keys) => {
          const [key] = [...keys];
          if (key !== undefined) onChoose(String(key));
        }}
      >
        {choices.map((c) => (
          <Item key={c.id} id={c.id} textValue={c.name}>
            {c.name}
          </Item>
        ))}
      </ListBox>
    </List>
  );
}
