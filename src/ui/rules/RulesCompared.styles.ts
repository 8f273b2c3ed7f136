import styled from 'styled-components';

export const Page = styled.div`
  padding: 16px 24px 24px;
  @media (max-width: 760px) {
    padding: 12px;
  }
`;
export const Head = styled.header`
  display: grid;
  gap: 6px;
  padding-bottom: 14px;
`;
export const Name = styled.p`
  max-width: 70ch;
  color: var(--ink-2);
`;
/** Rows become blocks where there is no room for columns. */
export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  border-top: var(--w-strong) solid var(--ink);
  & th,
  & td {
    padding: 11px 14px 11px 0;
    text-align: left;
    vertical-align: top;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & thead th {
    font: 620 12.5px/1.2 var(--font-figure);
    font-stretch: 90%;
    color: var(--ink-2);
  }
  & tbody th {
    font: 700 16px/1.2 var(--font-figure);
    width: 19%;
  }
  & tbody td {
    width: 24%;
  }
  & tbody td:nth-of-type(1) {
    width: 14%;
  }
  & tbody td:nth-of-type(3) {
    width: 18%;
  }
  & tr[aria-current] {
    background: var(--sunk);
    box-shadow: inset 6px 0 var(--plate);
  }
  & tr[aria-current] th {
    padding-left: 16px;
  }
  @media (max-width: 760px) {
    & thead {
      position: absolute;
      width: 1px;
      height: 1px;
      overflow: hidden;
      clip-path: inset(50%);
    }
    & tr {
      display: grid;
      grid-template-columns: 1fr auto;
      border-bottom: var(--w-hair) solid var(--line);
      padding: 8px 0;
    }
    & tr[aria-current] {
      padding-left: 14px;
    }
    & tr[aria-current] th {
      padding-left: 0;
    }
    & tbody th,
    & tbody td,
    & tbody td:nth-of-type(1) {
      width: auto;
      border: 0;
      padding: 3px 0;
    }
    & tbody td:nth-of-type(n + 2) {
      grid-column: 1 / -1;
    }
  }
`;
export const Spare = styled.span`
  display: block;
  font: 620 14px/1.3 var(--font-figure);
  margin-top: 4px;
`;
/** Where it stands in the rules: on a line of its own. */
export const Clause = styled.span`
  display: block;
  font: 500 13px/1.3 var(--font-figure);
  font-stretch: 88%;
  color: var(--ink-2);
  margin-top: 2px;
`;
