import styled from 'styled-components';

/** A table that scrolls by itself under its header. */
export const ScrollTable = styled.div`
  overflow: auto;
  max-height: 380px;
  border-top: var(--w-rule) solid var(--ink);
  & table {
    border-collapse: collapse;
    width: 100%;
    font: 500 14px/1.35 var(--font-figure);
  }
  & th {
    position: sticky;
    top: 0;
    background: var(--canvas);
    text-align: left;
    font: 560 12px/1.2 var(--font-figure);
    font-stretch: 84%;
    color: var(--ink-2);
    padding: 6px 12px 6px 0;
  }
  & td {
    padding: 6px 12px 6px 0;
    border-top: var(--w-hair) solid var(--line);
    vertical-align: top;
    overflow-wrap: anywhere;
  }
`;
