import styled from 'styled-components';

/** So much of the window's height is left for a drawing. */
export const TALL = '66vh';

/** Everything on the big screen is measured by it: what is read from ten metres must not depend on the projector. */
export const Body = styled.div`
  height: 100%;
  min-height: 0;
  font: 560 calc(3 * var(--u)) / 1.2 var(--font-figure);
`;
export const Beside = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: calc(3 * var(--u));
  height: 100%;
  min-height: 0;
  align-items: center;
`;
export const Rows = styled.ul`
  list-style: none;
  padding: 0;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: var(--u);
    align-items: baseline;
    padding: calc(0.7 * var(--u)) calc(1 * var(--u));
    border-bottom: var(--w-rule) solid var(--line);
  }
  & > li[data-right] {
    background: var(--plate);
    color: var(--on-plate);
  }
  & b {
    font: 740 calc(3.4 * var(--u)) / 1 var(--font-figure);
    font-variant-numeric: tabular-nums;
  }
`;
export const Says = styled.p`
  font: 500 calc(2 * var(--u)) / 1.3 var(--font-read);
`;
export const Small = styled.p`
  font: 500 calc(1.35 * var(--u)) / 1.3 var(--font-read);
`;
/** How many pointed at a part of a rope. */
export const On = styled.b`
  padding: 0 calc(0.5 * var(--u));
  font: 740 calc(2.4 * var(--u)) / 1.2 var(--font-figure);
  background: var(--sheet);
  color: var(--ink);
`;
/** A deck is higher than wide. */
export const Still = styled.div`
  width: min(100%, calc(${TALL} * 0.82));
  margin: 0 auto;
`;
export const Ask = styled.p`
  font: 560 calc(3.2 * var(--u)) / 1.28 var(--font-read);
  max-width: 30em;
`;
export const Verdict = styled.p`
  font: 740 calc(4 * var(--u)) / 1.1 var(--font-figure);
`;
/** How many pointed at a place of the drawing. */
export const At = styled.span<{ $right: boolean }>`
  position: absolute;
  z-index: ${({ $right }) => ($right ? 1 : 0)};
  transform: translate(-50%, -50%);
  min-width: calc(2.8 * var(--u));
  padding: calc(0.25 * var(--u)) calc(0.4 * var(--u));
  border-radius: calc(2 * var(--u));
  text-align: center;
  font: 740 calc(2 * var(--u)) / 1 var(--font-figure);
  background: ${({ $right }) => ($right ? 'var(--plate)' : 'var(--sheet)')};
  color: ${({ $right }) => ($right ? 'var(--on-plate)' : 'var(--ink)')};
  border: ${({ $right }) => ($right ? '4px double var(--signal)' : '3px solid var(--ink)')};
`;
export const Steps = styled.ol<{ $columns: number }>`
  display: grid;
  grid-template-columns: repeat(${({ $columns }) => $columns}, minmax(0, 1fr));
  gap: calc(1.2 * var(--u));
  list-style: none;
  padding: 0;
  & svg {
    width: 100%;
    max-height: 22vh;
    border: var(--w-rule) solid var(--line);
    background: var(--sheet);
  }
  & > li > p {
    font: 500 calc(1.7 * var(--u)) / 1.2 var(--font-read);
  }
`;
