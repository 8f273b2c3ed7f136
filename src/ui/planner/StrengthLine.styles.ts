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
    overflow: visible;
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
  flex: none;
  position: relative;
  top: calc(100% + 3px);
  font: 640 13px/1 var(--font-figure);
  font-variant-numeric: tabular-nums;
  white-space: nowrap;
  ${({ $weak }) =>
    $weak &&
    css`
      background:
        linear-gradient(
            to top right,
            transparent calc(50% - 0.5px),
            var(--signal) calc(50% + 0.5px)
          )
          0 0 / 7px 50% no-repeat,
        linear-gradient(
            to bottom right,
            transparent calc(50% - 0.5px),
            var(--signal) calc(50% + 0.5px)
          )
          0 100% / 7px 50% no-repeat,
        linear-gradient(var(--signal) 0 0) 100% 0 / calc(100% - 6px) 100% no-repeat;
      color: var(--on-signal);
      padding: 5px 7px 5px 12px;
      font-size: 14px;
      font-weight: 740;
    `}
  ${NARROW} {
    top: 0;
    left: calc(100% + 6px);
  }
`;

/** Two strokes across with nothing between them, their edges as soft as a line's. */
const BROKEN = [
  'transparent calc(50% - 4.5px), var(--ink) calc(50% - 3.75px) calc(50% - 3px)',
  'var(--canvas) calc(50% - 2.25px) calc(50% + 2.25px)',
  'var(--ink) calc(50% + 3px) calc(50% + 3.75px), transparent calc(50% + 4.5px)',
].join();

export const Break = styled.i`
  position: absolute;
  left: 0;
  right: 0;
  bottom: 6px;
  height: 16px;
  background: linear-gradient(171deg, ${BROKEN});
  ${NARROW} {
    left: auto;
    right: 6px;
    top: 0;
    bottom: 0;
    width: 16px;
    height: auto;
    background: linear-gradient(81deg, ${BROKEN});
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

/** Its figure stands under the middle of the bar, wider than this as it is. */
export const AmountAt = styled.span`
  position: absolute;
  display: flex;
  justify-content: center;
  align-items: flex-start;
  left: 50%;
  top: 0;
  width: 0;
  height: var(--size);
  ${NARROW} {
    justify-content: flex-start;
    align-items: center;
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
