import { Button as AriaButton } from 'react-aria-components/Button';
import styled, { css } from 'styled-components';
import { LineKnot } from '../knots/KnotPicture';

export const NARROW = '@media (max-width:760px)';
/** Height of the bars, px; a place that allows more than the scale shows is drawn broken. */
export const BAR_PX = 86;

export const Grid = styled.ol<{ $n: number }>`
  position: relative;
  display: grid;
  grid-template-columns: repeat(${({ $n }) => $n}, minmax(0, 1fr));
  padding-right: 26px;
  ${NARROW} {
    display: block;
    padding: 0;
  }
`;

export const Slot = styled.li<{ $picked: boolean }>`
  position: relative;
  min-width: 0;
  display: flex;
  flex-direction: column;
  ${({ $picked }) =>
    $picked &&
    css`
      background: var(--sheet);
      box-shadow: 0 0 0 var(--w-strong) var(--ink);
      z-index: 2;
    `}
  ${NARROW} {
    display: grid;
    grid-template-columns: 56px minmax(0, 1fr);
    align-items: center;
    height: 72px;
  }
`;

export const Pick = styled(AriaButton)`
  display: flex;
  align-items: flex-end;
  justify-content: center;
  height: 44px;
  padding: 0 2px 4px;
  border: 0;
  background: none;
  cursor: pointer;
  min-width: 0;
  font: 560 12px/1.12 var(--font-figure);
  font-stretch: 76%;
  color: var(--ink-2);
  text-align: center;
  overflow-wrap: anywhere;
  &[data-pressed],
  &[aria-pressed='true'] {
    color: var(--ink);
    font-weight: 720;
  }
  ${NARROW} {
    grid-column: 2;
    grid-row: 1;
    justify-content: flex-start;
    align-items: center;
    text-align: left;
    height: 44px;
    padding: 0 8px;
    font-size: 14px;
    font-stretch: 84%;
  }
`;

export const Art = styled.div`
  position: relative;
  height: 64px;
  & > svg {
    display: block;
    width: 100%;
    height: 100%;
  }
  ${NARROW} {
    grid-column: 1;
    grid-row: 1 / span 2;
    width: 56px;
    height: 72px;
    position: relative;
    & > svg {
      position: absolute;
      width: 72px;
      height: 56px;
      left: -8px;
      top: 8px;
      transform: rotate(90deg);
    }
  }
`;

/** The knot as the catalogue draws it, never stretched with the slot. */
export const Over = styled(LineKnot)<{ $mirrored: boolean }>`
  && {
    position: absolute;
    width: 64px;
    height: 64px;
    left: calc(50% - 32px);
    top: 0;
    transform: ${({ $mirrored }) => ($mirrored ? 'scaleX(-1)' : 'none')};
  }
  ${NARROW} {
    && {
      width: 60px;
      height: 60px;
      left: -2px;
      top: 6px;
      transform: rotate(90deg) ${({ $mirrored }) => ($mirrored ? 'scaleX(-1)' : '')};
    }
  }
`;

export const Bars = styled.div`
  position: relative;
  height: 112px;
  display: flex;
  justify-content: center;
  ${NARROW} {
    grid-column: 2;
    grid-row: 2;
    height: 24px;
    justify-content: flex-start;
    padding: 0 84px 0 8px;
  }
`;

export const Bar = styled.div<{ $weak: boolean; $unknown: boolean }>`
  position: relative;
  width: min(40px, 64%);
  height: var(--size);
  background: var(--sheet);
  border: 2px solid var(--ink);
  border-top: 0;
  overflow: hidden;
  ${({ $weak }) =>
    $weak &&
    css`
      border-color: var(--signal);
      background: var(--p-short);
    `}
  ${({ $unknown }) =>
    $unknown &&
    css`
      border-style: dashed;
      background: none;
    `}
  ${NARROW} {
    width: var(--size);
    height: 20px;
    border-top: 2px solid;
    border-left: 0;
    border-color: ${({ $weak }) => ($weak ? 'var(--signal)' : 'var(--ink)')};
  }
`;

export const Kept = styled.i`
  position: absolute;
  left: 0;
  top: 0;
  right: 0;
  height: var(--kept);
  background: var(--plate);
  ${NARROW} {
    right: auto;
    bottom: 0;
    height: auto;
    width: var(--kept);
  }
`;

export const Amount = styled.span<{ $weak: boolean }>`
  position: absolute;
  top: calc(100% + 3px);
  left: 50%;
  transform: translateX(-50%);
  font: 640 13px/1 var(--font-figure);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  ${({ $weak }) =>
    $weak &&
    css`
      background: var(--signal);
      color: var(--on-signal);
      padding: 5px 7px 5px 12px;
      clip-path: polygon(0 0, 100% 0, 100% 100%, 0 100%, 7px 50%);
      font-size: 14px;
      font-weight: 740;
    `}
  ${NARROW} {
    top: 50%;
    left: calc(100% + 6px);
    transform: translateY(-50%);
  }
`;

export const Break = styled.i`
  position: absolute;
  left: -6px;
  right: -6px;
  bottom: 10px;
  height: 8px;
  background: var(--canvas);
  border-top: 1.5px solid var(--ink);
  border-bottom: 1.5px solid var(--ink);
  transform: rotate(-9deg);
  ${NARROW} {
    left: auto;
    right: 10px;
    top: -6px;
    bottom: -6px;
    width: 8px;
    height: auto;
    border: 0;
    border-left: 1.5px solid var(--ink);
    border-right: 1.5px solid var(--ink);
  }
`;

export const Cross = styled.i<{ $signal?: boolean }>`
  position: absolute;
  left: 0;
  right: 0;
  top: calc(108px + var(--at));
  border-top: ${({ $signal }) => ($signal ? '2px solid var(--signal)' : '1.5px dotted var(--ink)')};
  pointer-events: none;
  z-index: 1;
  & > span {
    position: absolute;
    right: 0;
    bottom: 1px;
    font: 640 11px/1 var(--font-figure);
    font-style: normal;
    padding: 1px 3px;
    background: var(--canvas);
    color: ${({ $signal }) => ($signal ? 'var(--signal)' : 'var(--ink-2)')};
  }
  ${NARROW} {
    display: none;
  }
`;

export const AmountAt = styled.span`
  position: absolute;
  left: 50%;
  top: 0;
  width: 0;
  height: var(--size);
  ${NARROW} {
    left: 8px;
    top: 0;
    height: 20px;
    width: var(--size);
  }
`;

export const BarsScope = styled.div`
  --full: ${BAR_PX}px;
  ${NARROW} {
    --full: calc(100vw - 220px);
  }
`;
