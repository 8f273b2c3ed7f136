'use client';
import type { RefObject } from 'react';
import { Menu, MenuItem } from 'react-aria-components/Menu';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import type { Action } from './ActionMenu';

const List = styled(Popover)`
  background: var(--sheet);
  border: var(--w-rule) solid var(--ink);
  min-width: 150px;
`;
const Item = styled(MenuItem)`
  min-height: var(--hit);
  display: flex;
  align-items: center;
  padding: 0 14px;
  font: 600 14px/1.2 var(--font-figure);
  color: var(--ink);
  cursor: pointer;
  &[data-focused] {
    background: var(--plate);
    color: var(--on-plate);
    outline: none;
  }
`;

/** The open list of an action menu. */
export function ActionList({
  trigger,
  label,
  actions,
  onClose,
}: {
  trigger: RefObject<HTMLButtonElement | null>;
  label: string;
  actions: readonly Action[];
  onClose: () => void;
}) {
  const run = (key: string): void => {
    onClose();
    actions.find((a) => a.id === key)?.run();
  };
  return (
    <List
      isOpen
      triggerRef={trigger}
      placement="bottom start"
      onOpenChange={(open) => {
        if (!open) onClose();
      }}
    >
      <Menu
        autoFocus="first"
        aria-label={label}
        onClose={onClose}
        onAction={(key) => run(String(key))}
      >
        {actions.map((a) => (
          <Item key={a.id} id={a.id}>
            {a.name}
          </Item>
        ))}
      </Menu>
    </List>
  );
}
