import styled from 'styled-components';

const NARROW = '@media (max-width:820px)';

export const Body = styled.div`
  display: grid;
  grid-template-columns: 292px minmax(0, 1fr);
  align-items: start;
  & > section {
    padding: 14px 24px 28px;
    min-width: 0;
  }
  & h2 {
    font-size: 17px;
    padding: 14px 0 6px;
  }
  ${NARROW} {
    grid-template-columns: minmax(0, 1fr);
    & > section {
      padding: 8px 12px 20px;
    }
  }
`;
export const Asked = styled.div`
  padding: 2px 0 20px 20px;
  ${NARROW} {
    padding: 0 12px;
  }
`;
export const JobList = styled.ul`
  border-top: var(--w-hair) solid var(--line);
  & a {
    display: block;
    min-height: 40px;
    padding: 9px 10px;
    border-bottom: var(--w-hair) solid var(--line);
    color: var(--ink);
    text-decoration: none;
    font: 560 14px/1.3 var(--font-figure);
  }
  & a:hover {
    background: var(--sunk);
  }
  & a[aria-current] {
    background: var(--plate);
    color: var(--on-plate);
  }
  ${NARROW} {
    display: flex;
    overflow-x: auto;
    border-top: 0;
    & a {
      width: 168px;
      min-height: 60px;
      border: var(--w-hair) solid var(--line);
    }
  }
`;
export const Chips = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 6px;
  padding-bottom: 10px;
  & > a,
  & > span {
    min-height: 38px;
    padding: 0 11px;
    font-size: 13px;
    font-stretch: 86%;
  }
  & > div {
    width: 230px;
  }
  ${NARROW} {
    & > a,
    & > span {
      min-height: 44px;
    }
  }
`;
export const Knots = styled.ol`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(100%, 390px), 1fr));
  gap: 12px;
`;
export const Knot = styled.li<{ $first: boolean }>`
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  gap: 14px;
  padding: 12px;
  background: var(--sheet);
  border: ${({ $first }) => ($first ? 'var(--w-strong)' : 'var(--w-hair)')} solid
    ${({ $first }) => ($first ? 'var(--ink)' : 'var(--line)')};
  & > svg {
    width: 104px;
    height: 104px;
  }
  & h3 {
    font: 740 18px/1.2 var(--font-figure);
  }
`;
export const Why = styled.ul`
  display: grid;
  gap: 2px;
  padding: 6px 0;
  font-size: 14px;
  & > li {
    display: grid;
    grid-template-columns: 16px minmax(0, 1fr);
    gap: 4px;
  }
  & > li[data-says='out'] {
    color: var(--signal);
    font-weight: 650;
  }
`;
export const Marks = styled.dl`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 2px 10px;
  font: 500 13px/1.35 var(--font-figure);
  & > dt {
    color: var(--ink-2);
  }
`;
