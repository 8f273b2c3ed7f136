'use client';
import styled from 'styled-components';

/** A label: narrow, small, calm. */
export const Label = styled.span`
  font: 560 var(--t-label)/1.2 var(--font-figure);
  font-stretch: var(--wdth-label);
  color: var(--ink-2);
`;
/** A figure with tabular numerals. */
export const Figure = styled.span<{ $size?: number; $alarm?: boolean }>`
  font-family: var(--font-figure);
  font-variant-numeric: tabular-nums;
  font-weight: 620;
  white-space: nowrap;
  ${({ $size }) => $size && `font-size:${$size}px;`}
  ${({ $alarm }) => $alarm && 'color:var(--signal);'}
`;
export const Small = styled.span<{ $block?: boolean; $alarm?: boolean }>`
  font: 500 var(--t-small)/1.35 var(--font-figure);
  font-stretch: 90%;
  color: var(--ink-2);
  ${({ $block }) => $block && 'display:block;'}
  ${({ $alarm }) => $alarm && 'color:var(--signal);font-weight:700;'}
`;
/** Text for screen readers only. */
export const Hidden = styled.span`
  position: absolute;
  width: 1px;
  height: 1px;
  overflow: hidden;
  clip-path: inset(50%);
  white-space: nowrap;
`;
export const ErrorText = styled.p`
  font-size: var(--t-small);
  color: var(--signal);
  font-weight: 600;
`;
