import styled from 'styled-components';

export const Page = styled.div`
  padding: 12px 20px 24px;
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;

export const Head = styled.header`
  padding: 14px 20px 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;

export const Controls = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
  padding-bottom: 12px;
  & > * {
    min-width: 170px;
  }
`;

export const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.25fr) minmax(0, 1fr);
  gap: 24px;
  align-items: start;
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const Wide = styled.div`
  overflow-x: auto;
`;

export const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  font-family: var(--font-figure);
  & th,
  & td {
    text-align: left;
    padding: 8px 10px;
    border-bottom: var(--w-hair) solid var(--line);
    font-size: 14.5px;
    vertical-align: top;
    font-variant-numeric: tabular-nums;
  }
  & thead th {
    border-bottom: var(--w-rule) solid var(--ink);
    font-weight: 680;
    min-width: 104px;
  }
  & tbody th {
    font-weight: 560;
    font-stretch: 88%;
    color: var(--ink-2);
    min-width: 128px;
  }
  & td {
    font-weight: 620;
  }
  & td button {
    margin: -9px 0;
    padding: 4px 0;
  }
  & td[data-best='true'] {
    background: var(--sheet);
    box-shadow: inset 0 0 0 2px var(--ink);
  }
`;

export const Key = styled.svg`
  display: block;
  width: 64px;
  height: 12px;
`;

export const Named = styled.div`
  display: flex;
  justify-content: space-between;
`;
