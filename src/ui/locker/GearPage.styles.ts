import styled from 'styled-components';

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
  gap: 10px 14px;
  padding-bottom: 14px;
  border-bottom: var(--w-strong) solid var(--ink);
`;

export const Title = styled.div`
  flex: 1 1 260px;
  min-width: 0;
  & h1 {
    display: flex;
    align-items: center;
    gap: 12px;
    flex-wrap: wrap;
  }
`;

export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.35fr) minmax(300px, 1fr);
  gap: 34px;
  padding-top: 18px;
  @media (max-width: 960px) {
    grid-template-columns: minmax(0, 1fr);
    gap: 24px;
  }
`;

export const Facts = styled.dl`
  display: grid;
  grid-template-columns: minmax(104px, auto) minmax(0, 1fr);
  margin: 0;
  & > * {
    padding: 7px 0;
    border-bottom: var(--w-hair) solid var(--line);
  }
  & dd {
    margin: 0;
    font: 560 14px/1.3 var(--font-figure);
    overflow-wrap: anywhere;
  }
  & dt {
    padding-right: 14px;
  }
`;

export const Lying = styled.section`
  padding: 18px 0 6px;
`;
