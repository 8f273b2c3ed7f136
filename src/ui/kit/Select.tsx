'use client';
import { memo } from 'react';
import { Button as AriaButton } from 'react-aria-components/Button';
import { Label as AriaLabel } from 'react-aria-components/Label';
import { ListBox, ListBoxItem } from 'react-aria-components/ListBox';
import { Popover } from 'react-aria-components/Popover';
import { Select as AriaSelect, SelectValue } from 'react-aria-components/Select';
import styled from 'styled-components';
import { box, label } from './fieldLook';

const FieldLabel = styled(AriaLabel)`${label}`;
const SelectBox = styled(AriaButton)`${box} font-stretch:86%;display:flex;align-items:center;justify-content:space-between;gap:8px;text-align:left;cursor:pointer;
  & > span:first-child{white-space:nowrap;overflow:hidden;text-overflow:ellipsis;min-width:0}`;
const List = styled(Popover)`background:var(--sheet);border:var(--w-rule) solid var(--ink);max-height:60vh;overflow:auto;min-width:var(--trigger-width)`;
const Item = styled(ListBoxItem)`
  min-height:var(--hit);padding:8px 12px;display:flex;flex-direction:column;justify-content:center;font:560 14px/1.25 var(--font-figure);color:var(--ink);cursor:pointer;
  &[data-focused]{background:var(--plate);color:var(--on-plate);outline:none}
  &[data-selected]{font-weight:740}
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

function OneOf<K extends string>({ label: text, value, choices, onChange, hideLabel }: SelectProps<K>) {
  return (
    <AriaSelect value={value} onChange={(key) => onChange(key as K)} {...(hideLabel ? { 'aria-label': text } : {})} style={{ minWidth: 0 }}>
      {hideLabel ? null : <FieldLabel>{text}</FieldLabel>}
      <SelectBox><SelectValue /><span aria-hidden>▾</span></SelectBox>
      <List><ListBox>{choices.map((c) => <Item key={c.id} id={c.id} textValue={c.name}>{c.name}</Item>)}</ListBox></List>
    </AriaSelect>
  );
}

/** One of several. Drawn again only when something of it changes: behind each stands a whole list. */
export const Select = memo(OneOf) as typeof OneOf;
