import styled from 'styled-components';

const NARROW = '@media (max-width:760px)';

export const Head = styled.header`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 4px 30px;
  align-items: center;
  padding: 14px 24px 12px 20px;
  border-bottom: var(--w-rule) solid var(--ink);
  & > p {
    max-width: 560px;
  }
  ${NARROW} {
    grid-template-columns: minmax(0, 1fr) auto;
    padding: 8px 12px;
    gap: 4px 10px;
    & > p,
    & [data-wide],
    & span {
      display: none;
    }
    & h1 {
      font-size: 22px;
    }
    & button {
      padding: 0 12px;
    }
  }
`;

export const Body = styled.div`
  display: grid;
  grid-template-columns: 232px minmax(0, 1fr) 372px;
  align-items: start;
  @media (max-width: 1180px) {
    grid-template-columns: 200px minmax(0, 1fr);
  }
  ${NARROW} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

export const Middle = styled.div`
  position: sticky;
  top: 0;
  height: calc(100vh - 172px);
  min-height: 500px;
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto auto auto;
  padding: 10px 24px 8px;
  gap: 8px;
  border-right: var(--w-hair) solid var(--line);
  @media (max-width: 1180px) {
    border-right: 0;
  }
  ${NARROW} {
    position: static;
    height: calc(100dvh - 184px);
    min-height: 480px;
    padding: 6px 12px;
    order: -1;
  }
`;

export const Now = styled.div`
  display: flex;
  align-items: center;
  justify-content: center;
  gap: 14px;
  padding: 6px 0 10px;
  border-bottom: var(--w-rule) solid var(--ink);
  & > b {
    background: var(--plate);
    color: var(--on-plate);
    width: 32px;
    height: 32px;
    display: grid;
    place-items: center;
    font: 720 18px/1 var(--font-figure);
    flex: none;
  }
  & > p {
    font: 660 23px/1.15 var(--font-figure);
    font-stretch: 94%;
  }
  ${NARROW} {
    justify-content: flex-start;
    & > p {
      font-size: 19px;
      flex: 1;
    }
  }
`;

export const Views = styled.div`
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 8px;
  & > div {
    display: flex;
  }
  & > div > button + button {
    border-left: 0;
  }
  ${NARROW} {
    gap: 6px;
    & button {
      padding: 0 10px;
      font-size: 13px;
    }
  }
`;

export const Aside = styled.aside`
  padding: 12px 24px 28px 20px;
  min-width: 0;
  @media (max-width: 1180px) {
    grid-column: 1 / -1;
    border-top: var(--w-rule) solid var(--ink);
  }
  ${NARROW} {
    padding: 12px;
  }
`;

export const Actions = styled.div`
  display: flex;
  align-items: center;
  gap: 8px;
`;

export const Forms = styled.nav`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  padding: 8px 20px;
  border-bottom: var(--w-hair) solid var(--line);
  font-size: 14px;
  & > div {
    flex: 0 1 340px;
  }
  & a[aria-current] {
    font-weight: 700;
    text-decoration-thickness: 3px;
  }
  ${NARROW} {
    padding: 0 12px;
    flex-wrap: nowrap;
    overflow-x: auto;
    white-space: nowrap;
    & > span {
      display: none;
    }
    & > a {
      line-height: 44px;
    }
  }
`;

export const Picture = styled.div`
  min-width: 0;
  min-height: 0;
`;
