'use client';
import styled from 'styled-components';

/** A line's number as a rope tag with a punched hole. */
export const Tag = styled.span<{ $hollow?: boolean }>`
  display: inline-grid;
  place-items: center;
  min-width: 34px;
  height: 28px;
  padding: 0 8px 0 14px;
  position: relative;
  flex: none;
  font: 720 15px/1 var(--font-figure);
  --tag: ${({ $hollow }) => ($hollow ? 'var(--sunk)' : 'var(--plate)')};
  background:
    linear-gradient(to bottom right, transparent calc(50% - 0.5px), var(--tag) calc(50% + 0.5px)) 0
      0 / 8px 50% no-repeat,
    linear-gradient(to top right, transparent calc(50% - 0.5px), var(--tag) calc(50% + 0.5px)) 0
      100% / 8px 50% no-repeat,
    linear-gradient(var(--tag) 0 0) 100% 0 / calc(100% - 7px) 100% no-repeat;
  color: ${({ $hollow }) => ($hollow ? 'var(--ink)' : 'var(--on-plate)')};
  &::before {
    content: '';
    position: absolute;
    left: 7px;
    top: 12px;
    width: 4px;
    height: 4px;
    border-radius: 50%;
    background: var(--canvas);
  }
`;
