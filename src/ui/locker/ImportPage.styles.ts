import styled from 'styled-components';

export const Page = styled.div`
  padding: 16px 24px 24px;
  max-width: 1120px;
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

export const Sums = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 30px;
  padding: 16px 0;
  & > span {
    display: inline-flex;
    flex-direction: column;
  }
`;

export const Columns = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  padding: 6px 0 14px;
  & li {
    border: 1px solid var(--edge);
    padding: 4px 9px;
    font: 560 13px/1.2 var(--font-figure);
  }
  & li[data-unknown='true'] {
    border-style: dashed;
    color: var(--ink-2);
  }
`;
