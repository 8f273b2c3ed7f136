import styled, { css } from 'styled-components';

interface Room {
  $top?: number;
  $bottom?: number;
}

/** Room above and below, in px; twice the class, because it is said where it is used and so comes before what a parent says. */
const room = css<Room>`
  ${({ $top }) => $top !== undefined && `&&{padding-top:${$top}px;}`}
  ${({ $bottom }) => $bottom !== undefined && `&&{padding-bottom:${$bottom}px;}`}
`;

/** Room above and below; `as` says what it is. */
export const Spaced = styled.div<Room>`
  ${room}
`;

/** Things side by side, which wrap where there is no room. */
export const Cluster = styled.div<Room & { $gap?: number }>`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: ${({ $gap = 10 }) => $gap}px;
  ${room}
`;

/** Things below each other. */
export const Stack = styled.div<Room & { $gap?: number }>`
  display: grid;
  align-content: start;
  gap: ${({ $gap = 14 }) => $gap}px;
  ${room}
`;

/** Takes what room is left in a row. */
export const Grow = styled.div`
  flex: 1;
  min-width: 0;
`;

/** A group of fields without the browser's frame. */
export const Fields = styled.fieldset<Room>`
  border: 0;
  padding: 0;
  min-width: 0;
  ${room}
`;

/** No wider than a reader, or a field, wants it, px. */
export const Narrow = styled.div<Room & { $most: number }>`
  max-width: ${({ $most }) => $most}px;
  ${room}
`;
