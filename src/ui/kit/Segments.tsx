'use client';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled from 'styled-components';
import type { Choice } from './Select';
import { Label } from './text';

const Whole = styled.div`
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 8px;
  align-items: center;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
`;
const Group = styled.div`
  display: flex;
  flex-wrap: wrap;
  border: var(--w-rule) solid var(--ink);
`;
const Part = styled(AriaButton)`
  flex: 1 1 auto;
  min-height: var(--hit);
  padding: 4px 9px;
  border: 0;
  border-right: var(--w-hair) solid var(--line);
  background: none;
  color: var(--ink);
  font: 640 13px/1.15 var(--font-figure);
  font-stretch: 84%;
  cursor: pointer;
  &:last-child {
    border-right: 0;
  }
  &[data-hovered] {
    background: var(--sunk);
  }
  &[aria-pressed='true'] {
    background: var(--plate);
    color: var(--on-plate);
  }
  &[data-disabled] {
    opacity: 0.5;
    cursor: default;
  }
  &[data-focus-visible] {
    position: relative;
    z-index: 1;
  }
`;

/** One of a few, all in sight. */
export function Segments<K extends string>({
  label,
  value,
  choices,
  onChange,
  disabled = false,
}: {
  label: string;
  value: K | null;
  choices: readonly Choice<K>[];
  onChange: (id: K) => void;
  disabled?: boolean;
}) {
  return (
    <Whole>
      <Label aria-hidden>{label}</Label>
      <Group role="group" aria-label={label}>
        {choices.map((c) => (
          <Part
            key={c.id}
            aria-pressed={c.id === value}
            isDisabled={disabled}
            onPress={() => {
              if (c.id !== value) onChange(c.id);
            }}
          >
            {c.name}
          </Part>
        ))}
      </Group>
    </Whole>
  );
}
