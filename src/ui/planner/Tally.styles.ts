import styled, { css } from 'styled-components';

export const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-family: var(--font-figure);
  & caption {
    position: absolute;
    clip-path: inset(50%);
  }
  & th,
  & td {
    text-align: left;
    padding: 0 8px 0 0;
    border-bottom: var(--w-hair) solid var(--line);
    height: 48px;
    vertical-align: middle;
  }
  & thead th,
  & thead td {
    height: 26px;
    font-weight: 400;
  }
  & td.fig {
    text-align: right;
    white-space: nowrap;
  }
  & thead th.fig {
    text-align: right;
  }
  & td.last {
    width: 122px;
    padding-left: 8px;
    white-space: nowrap;
  }
  @media (max-width: 760px) {
    & thead {
      position: absolute;
      clip-path: inset(50%);
    }
    & .bar {
      display: none;
    }
    & tbody tr {
      display: grid;
      grid-template-columns: minmax(0, 1fr) minmax(0, 1fr) auto;
      align-items: center;
      border-bottom: var(--w-hair) solid var(--line);
      padding: 6px 0;
    }
    & tbody th {
      grid-column: 1 / -1;
      height: auto;
    }
    & tbody th,
    & tbody td {
      border: 0;
      height: auto;
      padding: 2px 6px 2px 0;
    }
    & td.fig {
      text-align: left;
    }
    & td.fig::before {
      content: attr(data-what);
      display: block;
      font: 560 12px/1.2 var(--font-figure);
      color: var(--ink-2);
    }
    & td.last {
      width: auto;
    }
  }
`;

export const Dir = styled.b`
  display: block;
  font-weight: 640;
  font-size: 15px;
  line-height: 1.2;
`;

export const How = styled.span`
  display: block;
  font: 500 13px/1.25 var(--font-figure);
  font-stretch: 90%;
  color: var(--ink-2);
  &[data-bad='true'] {
    color: var(--signal);
    font-weight: 640;
  }
`;

export const Opinion = styled.span<{ $governs: boolean }>`
  display: block;
  line-height: 1.1;
  & button {
    padding: 2px;
    min-height: 26px;
  }
  ${({ $governs }) =>
    !$governs &&
    css`
      & button span {
        font-weight: 480;
        color: var(--ink-2);
      }
    `}
`;

export const Track = styled.div`
  position: relative;
  width: 160px;
  height: 22px;
`;

export const Held = styled.i`
  position: absolute;
  left: 0;
  top: 5px;
  height: 11px;
  width: var(--held);
  border: 2px solid var(--ink);
  &[data-is='holds'] {
    background: var(--plate);
  }
  &[data-is='short'] {
    border-color: var(--signal);
    background: var(--p-short);
  }
  &[data-is='cannot-say'] {
    border-style: dashed;
  }
`;

export const Needs = styled.i`
  position: absolute;
  left: var(--needs);
  top: 0;
  bottom: 0;
  border-left: 2.5px solid var(--ink);
  &::before {
    content: '';
    position: absolute;
    left: -6px;
    top: 0;
    border: 5px solid transparent;
    border-top: 6px solid var(--ink);
    border-bottom: 0;
  }
`;

/** The second opinion: a diamond beside the rule's bar. */
export const Diamond = styled.i`
  position: absolute;
  left: var(--statics);
  top: 5px;
  width: 10px;
  height: 10px;
  margin-left: -5px;
  background: var(--canvas);
  border: 2px solid var(--ink);
  transform: rotate(45deg);
`;
