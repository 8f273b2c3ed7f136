import Link from 'next/link';
import styled from 'styled-components';

const GRID = '128px minmax(170px,1.3fr) 104px minmax(150px,1fr) 116px 132px minmax(110px,.8fr)';

export const Page = styled.div`
  padding: 16px 24px 24px;
  @media (max-width: 600px) {
    padding: 12px;
  }
`;

export const Head = styled.header`
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 12px;
  padding-bottom: 14px;
  border-bottom: var(--w-strong) solid var(--ink);
`;

export const More = styled.div`
  align-self: end;
  @media (min-width: 701px) {
    display: none;
  }
`;

export const Find = styled.div<{ $open: boolean }>`
  display: grid;
  grid-template-columns: minmax(180px, 1.4fr) repeat(6, minmax(104px, 1fr));
  gap: 10px;
  padding: 12px 0;
  @media (max-width: 1100px) {
    grid-template-columns: repeat(auto-fill, minmax(140px, 1fr));
  }
  @media (max-width: 700px) {
    ${({ $open }) => ($open ? '' : '& > :nth-child(n+3){display:none}')}
  }
`;

export const Columns = styled.div`
  display: grid;
  grid-template-columns: ${GRID};
  gap: 14px;
  padding: 4px 0;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 900px) {
    display: none;
  }
`;

export const Row = styled.li`
  position: relative;
  display: grid;
  grid-template-columns: ${GRID};
  gap: 14px;
  align-items: center;
  min-height: 56px;
  border-bottom: var(--w-hair) solid var(--line);
  &:hover {
    background: var(--sheet);
  }
  & > :first-child {
    justify-self: start;
  }
  @media (max-width: 900px) {
    grid-template-columns: auto minmax(0, 1fr) auto;
    padding: 10px 0;
    gap: 5px 10px;
    & > [data-cell='length'] {
      grid-column: 1 / -1;
      grid-row: 2;
    }
    & > [data-cell='standing'] {
      grid-column: 1;
      grid-row: 3;
    }
    & > [data-cell='due'] {
      grid-column: 2;
      grid-row: 3;
    }
    & > [data-cell='due'] br {
      display: none;
    }
    & > [data-cell='place'] {
      grid-column: 3;
      grid-row: 3;
      text-align: right;
    }
    & > [data-cell='wll'] {
      text-align: right;
    }
  }
`;

export const Name = styled(Link)`
  font: 640 15px/1.25 var(--font-figure);
  overflow-wrap: anywhere;
  text-decoration: none;
  min-width: 0;
  &::after {
    content: '';
    position: absolute;
    inset: 0;
  }
  &:focus-visible::after {
    outline: var(--w-focus) solid var(--ink);
  }
`;

export const Cell = styled.span`
  min-width: 0;
  overflow-wrap: anywhere;
  line-height: 1.2;
`;
