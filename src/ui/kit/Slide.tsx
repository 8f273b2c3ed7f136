'use client';
import type { ReactNode } from 'react';
import { Slider, SliderThumb, SliderTrack } from 'react-aria-components/Slider';
import styled from 'styled-components';

const Whole = styled.div`
  min-width: 0;
`;
const Bar = styled(Slider)`
  display: block;
  width: 100%;
`;
const Track = styled(SliderTrack)`
  position: relative;
  height: 44px;
  &::before {
    content: '';
    position: absolute;
    left: 0;
    right: 0;
    top: 20px;
    height: 4px;
    border: 1px solid var(--ink);
    background: var(--canvas);
  }
`;
const Filled = styled.i`
  position: absolute;
  left: 0;
  top: 20px;
  height: 4px;
  background: var(--ink);
  pointer-events: none;
  width: var(--part);
`;
const Thumb = styled(SliderThumb)`
  top: 50%;
  width: 20px;
  height: 32px;
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
const Notes = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 8px;
  font: 560 12px/1.2 var(--font-figure);
  font-stretch: 84%;
  color: var(--ink-2);
  margin-top: -6px;
`;

/** A whipped slider with a figure beside it. `value` runs from 0 to 1 over what `text` says. */
export function Slide({
  label,
  value,
  step = 0.01,
  onChange,
  text,
  notes,
  disabled = false,
}: {
  label: string;
  value: number;
  step?: number;
  onChange: (value: number) => void;
  text: string;
  notes?: readonly ReactNode[];
  disabled?: boolean;
}) {
  return (
    <Whole>
      <Bar
        value={value}
        onChange={(v) => onChange(v as number)}
        minValue={0}
        maxValue={1}
        step={step}
        isDisabled={disabled}
        aria-label={`${label}: ${text}`}
      >
        <Track>
          <Filled style={{ '--part': `${100 * value}%` }} />
          <Thumb aria-label={label} />
        </Track>
      </Bar>
      {notes ? (
        <Notes>
          {notes.map((n, i) => (
            <span key={i}>{n}</span>
          ))}
        </Notes>
      ) : null}
    </Whole>
  );
}
