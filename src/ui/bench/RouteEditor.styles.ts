import styled from 'styled-components';

export const Rope = styled.li`
  border-top: var(--w-hair) solid var(--line);
  padding: 8px 0;
  & > header {
    display: flex;
    align-items: center;
    gap: 8px;
  }
`;

/** Stops hang on the rope that runs through them. */
export const Stops = styled.ol`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 14px;
  align-items: stretch;
  & > li:not(:last-child)::after {
    content: '';
    position: absolute;
    left: calc(100% + 1px);
    top: 20px;
    width: 14px;
    height: 9px;
    border-block: 1.3px solid var(--rope-ink);
    background: repeating-linear-gradient(115deg, var(--rope) 0 4px, var(--rope-ink) 4px 5px);
  }
`;

export const Stop = styled.li`
  border: var(--w-rule) solid var(--ink);
  background: var(--sheet);
  padding: 4px 8px 8px;
  min-width: 128px;
  max-width: 150px;
  position: relative;
  & > header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 44px;
  }
`;

export const End = styled(Stop)`
  background: none;
  border-style: dashed;
  min-width: 112px;
`;

export const Bodies = styled.ul`
  display: grid;
  gap: 8px;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
`;

export const Held = styled.li`
  border: var(--w-hair) solid var(--edge);
  padding: 6px 8px 8px;
  & > header {
    display: flex;
    justify-content: space-between;
    align-items: center;
    min-height: 44px;
  }
`;
