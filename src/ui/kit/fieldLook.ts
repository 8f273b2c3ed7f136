import { css } from 'styled-components';

/** Label above a field. */
export const label = css`
  display: block;
  font: 560 var(--t-label)/1.2 var(--font-figure);
  font-stretch: var(--wdth-label);
  color: var(--ink-2);
  margin-bottom: 3px;
`;
/** The box of a field. */
export const box = css`
  width: 100%;
  min-height: var(--hit);
  padding: 6px 10px;
  border: var(--w-rule) solid var(--edge);
  background: var(--sheet);
  color: var(--ink);
  font: 560 15px/1.2 var(--font-figure);
  font-variant-numeric: tabular-nums;
  border-radius: 0;
  &[data-invalid] {
    border-color: var(--signal);
    border-style: dashed;
  }
`;
