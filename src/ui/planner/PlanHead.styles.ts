import styled, { css } from 'styled-components';
import { verdictPattern } from '../kit/VerdictMark';

export const Head = styled.header`
  display: grid;
  grid-template-columns: minmax(0, 392px) minmax(0, 1fr) auto;
  gap: 8px 16px;
  align-items: center;
  padding: 10px 20px 4px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media (max-width: 760px) {
    padding: 10px 14px;
  }
`;

export const Name = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 172px;
  gap: 12px;
  align-items: center;
  & h1 {
    overflow-wrap: anywhere;
  }
`;

/** A verdict that is still of the plan before fades, where it is not replaced at once. */
const fadesWhenOld = css`
  transition: opacity 0.1s linear 0.25s;
  &[aria-busy='true'] {
    opacity: 0.5;
  }
`;

export const Banner = styled.div`
  ${fadesWhenOld}
  display:flex;
  align-items: center;
  gap: 16px;
  min-height: 62px;
  border: var(--w-strong) solid;
  padding: 0 16px 0 0;
  border-color: var(--ink);
  &[data-is='holds'] {
    background: var(--plate);
    color: var(--on-plate);
    border-color: var(--plate);
    padding-left: 18px;
  }
  &[data-is='short'],
  &[data-is='barred'] {
    background: var(--sheet);
    border-color: var(--signal);
  }
`;

export const Swatch = styled.i`
  align-self: stretch;
  width: 18px;
  flex: none;
  ${verdictPattern}
  border-width: 0 2px 0 0;
`;

export const Word = styled.b`
  font: 800 28px/1 var(--font-figure);
  font-stretch: var(--wdth-verdict);
  white-space: nowrap;
  &[data-is='short'],
  &[data-is='barred'] {
    color: var(--signal);
  }
  @media (max-width: 600px) {
    font-size: 24px;
  }
`;

export const Say = styled.span`
  font-size: 14.5px;
  line-height: 1.3;
  padding: 8px 0;
  @media (max-width: 600px) {
    font-size: 14px;
  }
`;

export const Actions = styled.div`
  display: flex;
  gap: 8px;
  align-items: center;
`;

export const Side = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 10px;
  & > :first-child {
    flex: 1 1 320px;
    margin-right: auto;
  }
`;

export const Stay = styled.div`
  position: sticky;
  top: 0;
  z-index: 4;
  height: 0;
  @media print {
    display: none;
  }
`;

export const Strip = styled.div`
  ${fadesWhenOld}
  display:flex;
  align-items: center;
  gap: 12px;
  height: 44px;
  overflow: hidden;
  padding-right: 14px;
  border-bottom: var(--w-strong) solid;
  background: var(--sheet);
  color: var(--ink);
  border-color: var(--signal);
  &[data-is='holds'] {
    background: var(--plate);
    color: var(--on-plate);
    border-color: var(--plate);
    padding-left: 18px;
  }
  &[data-is='cannot-say'] {
    border-color: var(--ink);
  }
  & > b {
    font-size: 20px;
  }
  & > span {
    padding: 0;
    white-space: nowrap;
    overflow: hidden;
    text-overflow: ellipsis;
  }
`;

export const Alarm = styled.p`
  grid-column: 1 / -1;
  color: var(--signal);
  font-weight: 600;
`;
