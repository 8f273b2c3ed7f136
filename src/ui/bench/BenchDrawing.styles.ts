import styled from 'styled-components';

export const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 100%;
  touch-action: none;
  user-select: none;
  & text {
    font-family: var(--font-figure);
    fill: var(--ink);
  }
`;

export const HandSpot = styled.g`
  cursor: grab;
  &:active {
    cursor: grabbing;
  }
`;
