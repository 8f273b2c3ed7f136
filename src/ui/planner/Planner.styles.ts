import styled, { css } from 'styled-components';
import type { StageSize } from '../deck/DeckStage';

/** Beside each other the deck stays in sight while lines scroll by; below each other it comes first, then what it comes to. */
export const Columns = styled.div<{ $size: StageSize }>`
  display: grid;
  grid-template-columns: ${({ $size }) => ($size === 'large' ? 'minmax(0, 1fr)' : '392px minmax(0, 1fr)')};
  align-items: start;
  @media (max-width: 1100px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
export const Left = styled.div<{ $size: StageSize }>`
  padding: 4px 18px 20px 20px;
  min-width: 0;
  ${({ $size }) =>
    $size === 'large'
      ? css`
          display: contents;
        `
      : css`
          border-right: var(--w-hair) solid var(--line);
          position: sticky;
          top: 46px;
          max-height: calc(100vh - 78px);
          overflow: auto;
        `}
  @media (max-width: 1100px) {
    display: contents;
  }
`;
export const StagePart = styled.div<{ $size: StageSize }>`
  min-width: 0;
  ${({ $size }) => $size === 'large' && 'padding:4px 20px 8px;'}
  @media (max-width: 1100px) {
    padding: 4px 20px 8px;
  }
  @media (max-width: 760px) {
    padding: 4px 14px 8px;
  }
`;
export const FieldsPart = styled.div<{ $size: StageSize }>`
  min-width: 0;
  ${({ $size }) => $size === 'large' && 'padding:8px 20px;order:2;'}
  @media (max-width: 1100px) {
    padding: 8px 20px;
    order: 2;
  }
  @media (max-width: 760px) {
    padding: 8px 14px;
  }
`;
export const Right = styled.div`
  order: 1;
  padding: 8px 20px 24px;
  min-width: 0;
  @media (max-width: 760px) {
    padding: 8px 14px;
  }
`;
export const AddLine = styled.div`
  display: flex;
  gap: 10px;
  align-items: flex-end;
  padding-top: 14px;
  border-top: var(--w-rule) solid var(--ink);
  flex-wrap: wrap;
  & > div {
    min-width: 250px;
  }
`;
