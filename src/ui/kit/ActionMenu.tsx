'use client';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components/Menu';
import { Popover } from 'react-aria-components/Popover';
import styled from 'styled-components';
import { IconButton } from './Button';

const List = styled(Popover)`background:var(--sheet);border:var(--w-rule) solid var(--ink);min-width:150px`;
const Item = styled(MenuItem)`min-height:var(--hit);display:flex;align-items:center;padding:0 14px;font:600 14px/1.2 var(--font-figure);color:var(--ink);cursor:pointer;
  &[data-focused]{background:var(--plate);color:var(--on-plate);outline:none}`;

export interface Action {
  readonly id: string;
  readonly name: string;
  readonly run: () => void;
}

/** Side matters of a thing behind one button. */
export function ActionMenu({ label, actions }: { label: string; actions: readonly Action[] }) {
  return (
    <MenuTrigger>
      <IconButton aria-label={label}><svg width="20" height="20" viewBox="0 0 20 20" aria-hidden><path d="M3 8.5h3v3H3zM8.5 8.5h3v3h-3zM14 8.5h3v3h-3z" fill="currentColor" /></svg></IconButton>
      <List><Menu aria-label={label} onAction={(key) => actions.find((a) => a.id === key)?.run()}>{actions.map((a) => <Item key={a.id} id={a.id}>{a.name}</Item>)}</Menu></List>
    </MenuTrigger>
  );
}
