'use client';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components/Slider';
import styled from 'styled-components';

const Line = styled(Slider)`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  gap: 14px;
  align-items: center;
  font: 560 14px/1 var(--font-figure);
  font-stretch: 88%;
  color: var(--ink-2);
  width: 100%;
`;
const Track = styled(SliderTrack)`
  position: relative;
  height: 44px;
  & > svg {
    position: absolute;
    inset: 0;
    width: 100%;
    height: 44px;
  }
`;
const Thumb = styled(SliderThumb)`
  top: 50%;
  width: 20px;
  height: 38px;
  background: repeating-linear-gradient(to right, var(--plate) 0 4px, var(--canvas) 4px 5.5px);
  cursor: grab;
  &[data-dragging] {
    cursor: grabbing;
  }
  &[data-focus-visible] {
    outline: var(--w-focus) solid var(--ink);
    outline-offset: 3px;
  }
`;

/** A rope that lies in waves where it is still loose, drawn to the width it has. */
function SliderRope({ part }: { part: number }) {
  let d = 'M0 22';
  for (let x = 4; x <= 300; x += 4) {
    const loose = Math.max(0, Math.min(1, (x / 300 - part) * 6));
    d += `L${x} ${(22 + 8 * loose * Math.sin(x / 11)).toFixed(1)}`;
  }
  return (
    <svg viewBox="0 0 300 44" preserveAspectRatio="none" aria-hidden fill="none">
      <path d={d} stroke="var(--rope-ink)" strokeWidth={9} vectorEffect="non-scaling-stroke" />
      <path d={d} stroke="var(--rope)" strokeWidth={6} vectorEffect="non-scaling-stroke" />
    </svg>
  );
}

/** Loose to drawn up, dragged like the rope itself. */
export function DrawUpSlider({
  value,
  onChange,
}: {
  value: number;
  onChange: (value: number) => void;
}) {
  return (
    <Line
      value={value}
      onChange={(v) => onChange(v as number)}
      minValue={0}
      maxValue={1}
      step={0.02}
      aria-label="Loose to drawn up"
      formatOptions={{ style: 'percent' }}
    >
      <span aria-hidden>loose</span>
      <Track>
        <SliderRope part={value} />
        <Thumb />
      </Track>
      <span aria-hidden>drawn up</span>
    </Line>
  );
}
