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
  gap: 12px;
  padding-bottom: 14px;
  border-bottom: var(--w-strong) solid var(--ink);
`;

export const Columns = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.75fr) minmax(300px, 1fr);
  gap: 30px;
  padding-top: 16px;
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const Row = styled.li`
  display: grid;
  grid-template-columns:
    56px 104px minmax(120px, 1.35fr) minmax(120px, 1.35fr) minmax(90px, 0.8fr)
    44px;
  gap: 8px;
  align-items: end;
  padding: 10px 0;
  border-bottom: var(--w-hair) solid var(--line);
  @media (max-width: 700px) {
    grid-template-columns: 64px 1fr 44px;
    & > * {
      grid-column: 1 / -1;
    }
    & > :nth-child(1) {
      grid-column: 1;
    }
    & > :nth-child(2) {
      grid-column: 2;
    }
    & > :nth-child(6) {
      grid-column: 3;
      grid-row: 1;
    }
  }
`;

export const Below = styled.div`
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  align-items: center;
`;

export const Ropes = styled.ul`
  max-height: 420px;
  overflow: auto;
  border-top: var(--w-rule) solid var(--ink);
`;

export const Choice = styled.li`
  border-bottom: var(--w-hair) solid var(--line);
  display: flex;
  align-items: center;
  gap: 10px;
  min-height: 48px;
  & > label {
    flex: 1;
  }
`;

/** Where the others have their box to tick. */
export const Unchecked = styled.span`
  padding-left: 32px;
`;
