import styled from 'styled-components';

export const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) 400px;
  gap: 0 20px;
  padding: 12px 20px 28px;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
    padding: 12px;
  }
`;
export const Head = styled.header`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 4px 16px;
  padding-bottom: 8px;
  border-bottom: var(--w-strong) solid var(--ink);
`;
export const Says = styled.p<{ $alarm: boolean }>`
  font: 700 22px/1.25 var(--font-figure);
  text-wrap: pretty;
  ${({ $alarm }) => $alarm && 'color: var(--signal);'}
`;
export const Seen = styled.div`
  min-width: 0;
  padding-top: 10px;
`;
export const Aside = styled.div`
  display: grid;
  align-content: start;
  gap: 16px;
  padding-top: 12px;
`;
export const Player = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) 132px;
  gap: 12px;
  align-items: center;
  border-top: var(--w-hair) solid var(--line);
  @media (max-width: 600px) {
    grid-template-columns: auto minmax(0, 1fr);
    padding-right: 12px;
  }
`;
export const Now = styled.div`
  font: 640 13px/1.25 var(--font-figure);
  font-variant-numeric: tabular-nums;
  text-align: right;
  @media (max-width: 600px) {
    grid-column: 1 / -1;
    text-align: left;
  }
`;
export const Looks = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 4px 16px;
  padding: 4px 0 8px;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Part = styled.section`
  border-top: var(--w-rule) solid var(--ink);
  padding-top: 8px;
  display: grid;
  gap: 6px;
`;
export const Happened = styled.ol`
  display: grid;
  & > li {
    border-bottom: var(--w-hair) solid var(--line);
  }
  & button {
    display: grid;
    grid-template-columns: 74px minmax(0, 1fr);
    gap: 10px;
    width: 100%;
    min-height: var(--hit);
    align-items: center;
    padding: 0;
    border: 0;
    background: none;
    color: var(--ink);
    font: 560 14px/1.3 var(--font-figure);
    text-align: left;
    cursor: pointer;
  }
  & button b {
    font-variant-numeric: tabular-nums;
  }
`;
export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font: 560 14px/1.3 var(--font-figure);
  & th,
  & td {
    text-align: left;
    vertical-align: top;
    padding: 6px 8px 6px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & tbody th {
    white-space: nowrap;
  }
  & td.figure,
  & th.figure {
    text-align: right;
    font-variant-numeric: tabular-nums;
    white-space: nowrap;
  }
`;
