import styled from 'styled-components';

export const Head = styled.header`
  padding: 14px 20px 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;

export const Page = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(320px, 1fr);
  gap: 0 28px;
  padding: 10px 20px 24px;
  align-items: start;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
  @media (max-width: 760px) {
    padding: 8px 12px;
  }
`;

export const Answer = styled.div<{ $bad: boolean }>`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 4px 14px;
  align-items: center;
  border: var(--w-strong) solid ${({ $bad }) => ($bad ? 'var(--signal)' : 'var(--ink)')};
  background: var(--sheet);
  padding: 10px 14px;
  margin: 8px 0;
  @media (max-width: 600px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const Facts = styled.dl`
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  padding: 6px 0;
  & dt,
  & dd {
    min-height: 45px;
    display: flex;
    align-items: center;
    border-bottom: var(--w-hair) solid var(--line);
    font-size: 14.5px;
  }
  & dd {
    justify-content: flex-end;
    font-family: var(--font-figure);
    font-weight: 640;
    font-variant-numeric: tabular-nums;
  }
`;
