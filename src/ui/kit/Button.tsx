'use client';
import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';

const look = css<{ $kind?: 'primary' | 'plain' | 'quiet' }>`
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: 8px;
  min-height: var(--hit);
  padding: 0 16px;
  border: var(--w-rule) solid var(--ink);
  background: transparent;
  color: var(--ink);
  font: 640 14px/1.15 var(--font-figure);
  font-stretch: 92%;
  cursor: pointer;
  text-decoration: none;
  text-align: center;
  ${({ $kind }) => $kind === 'primary' && 'background:var(--plate);color:var(--on-plate);border-color:var(--plate);'}
  ${({ $kind }) => $kind === 'quiet' && 'border-color:transparent;padding:0 8px;text-decoration:underline;text-underline-offset:4px;text-decoration-thickness:1.5px;'}
  &[data-disabled],&:disabled {
    opacity: 0.45;
    cursor: default;
  }
  &[data-hovered] {
    background: var(--sunk);
  }
  ${({ $kind }) => $kind === 'primary' && '&[data-hovered]{background:var(--ink-2);color:var(--on-ink)}'}
`;

/** The one button. `primary` for what should be done next, `quiet` for side matters. */
export const Button = styled(AriaButton)<{ $kind?: 'primary' | 'plain' | 'quiet' }>`
  ${look}
`;
/** A link that looks like a button. */
export const ButtonLink = styled.a<{ $kind?: 'primary' | 'plain' | 'quiet' }>`
  ${look}
`;

/** A square button with a glyph only; it must be given an aria-label. */
export const IconButton = styled(AriaButton)`
  display: inline-grid;
  place-items: center;
  min-width: var(--hit);
  min-height: var(--hit);
  padding: 0 6px;
  border: var(--w-rule) solid transparent;
  background: none;
  color: var(--ink);
  font: 600 14px/1 var(--font-figure);
  cursor: pointer;
  &[data-hovered] {
    background: var(--sunk);
  }
  &[data-disabled] {
    opacity: 0.4;
    cursor: default;
  }
`;
