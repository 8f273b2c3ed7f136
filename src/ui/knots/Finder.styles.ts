import styled, { css } from 'styled-components';
import { Button } from '../kit/Button';

export const Head = styled.header`
  display: grid;
  grid-template-columns: auto minmax(220px, 420px) auto 1fr;
  gap: 10px 24px;
  align-items: end;
  padding: 16px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
    padding: 12px;
  }
`;

/** Links to the other rooms that lead to a knot. */
export const Ways = styled.nav`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
`;

export const Filters = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 10px 24px 10px 20px;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 760px) {
    padding: 8px 12px;
    flex-wrap: nowrap;
    overflow-x: auto;
    & > * {
      flex: none;
    }
  }
`;

export const Chip = styled(Button)`
  min-height: 36px;
  padding: 0 11px;
  font-size: 13px;
  font-stretch: 86%;
  @media (max-width: 760px) {
    min-height: 44px;
  }
`;

export const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(226px, 1fr));
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;

export const Card = styled.li<{ $picked: boolean }>`
  border-right: var(--w-hair) solid var(--line);
  border-bottom: var(--w-hair) solid var(--line);
  display: grid;
  grid-template-rows: auto 1fr auto;
  min-width: 0;
  ${({ $picked }) =>
    $picked &&
    css`
      background: var(--sheet);
      box-shadow: inset 0 0 0 var(--w-strong) var(--ink);
    `}
  & > a {
    display: block;
    text-decoration: none;
    padding: 12px 16px 0;
  }
  & > a > svg {
    display: block;
    width: 100%;
    height: 132px;
  }
  & > a > h2 {
    font-size: 18px;
    margin-top: 6px;
  }
  & > a[data-hovered] > h2,
  & > a:hover > h2 {
    text-decoration: underline;
  }
  & > div {
    padding: 2px 16px 4px;
  }
  & > footer {
    padding: 0 16px 6px;
    border-top: var(--w-hair) solid var(--line);
    margin-top: 6px;
  }
  @media (max-width: 760px) {
    & > a {
      display: grid;
      grid-template-columns: 104px 1fr;
      align-items: center;
      gap: 12px;
    }
    & > a > svg {
      height: 104px;
    }
  }
`;

export const Marks = styled.dl`
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 2px 10px;
  font-size: 13px;
  margin: 6px 0 0;
  & dt {
    color: var(--ink-2);
    font: 560 12px/1.5 var(--font-figure);
    font-stretch: 84%;
  }
  & dd {
    margin: 0;
    font: 600 13px/1.4 var(--font-figure);
  }
`;

export const Bar = styled.div`
  position: sticky;
  bottom: 30px;
  background: var(--sheet);
  border-top: var(--w-strong) solid var(--ink);
  padding: 10px 20px;
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: center;
  @media (max-width: 760px) {
    bottom: 68px;
    padding: 8px 12px;
  }
`;

export const Dots = styled.span`
  letter-spacing: 2px;
`;

export const WhatFor = styled.p`
  font-size: 14px;
  padding-top: 2px;
`;

export const Nothing = styled.p`
  padding: 24px;
`;
