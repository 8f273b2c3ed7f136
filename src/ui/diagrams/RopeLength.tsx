'use client';
import type { ReactNode } from 'react';
import styled from 'styled-components';
import { formatQuantity, UNITS, type UnitChoice } from '@/core/units';

/** A rope lying straight, drawn as rope. Its thickness and length are set by the caller. */
export const RopeStrip = styled.span<{ $thick?: number }>`
  display: block;
  width: var(--reach, auto);
  ${({ $thick }) => $thick !== undefined && `height:${$thick}px;`}
  border: 1.5px solid var(--rope-ink);
  border-radius: 2px;
  background: repeating-linear-gradient(
    118deg,
    var(--rope-ink) 0 1px,
    var(--rope) 1px 3px,
    var(--rope-lit) 3px 5px,
    var(--rope) 5px 7px
  );
`;
/** Webbing, chain and wire lie there as a plain band. */
export const PlainStrip = styled(RopeStrip)`
  border-color: var(--steel-ink);
  background: linear-gradient(var(--steel-lit), var(--steel) 60%);
`;

const Whole = styled.div`
  position: relative;
  min-width: 0;
`;
const Lying = styled.div<{ $thick: number }>`
  position: relative;
  height: ${({ $thick }) => $thick}px;
`;
const Outline = styled.span<{ $thick: number }>`
  position: absolute;
  left: var(--at);
  height: ${({ $thick }) => $thick}px;
  right: 0;
  border: 1px dashed var(--edge);
  border-left: 0;
`;
const Ruler = styled.div`
  position: relative;
  height: 20px;
  font: 560 12px/1 var(--font-figure);
  font-stretch: 84%;
  color: var(--ink-2);
  font-variant-numeric: tabular-nums;
`;
const Tick = styled.span`
  position: absolute;
  left: var(--at);
  top: 0;
  padding-top: 6px;
  transform: translateX(-50%);
  white-space: nowrap;
  &::before {
    content: '';
    position: absolute;
    left: 50%;
    top: 0;
    height: 5px;
    border-left: 1.5px solid var(--ink);
  }
  &[data-first='true'] {
    transform: none;
  }
  &[data-first='true']::before {
    left: 0;
  }
  &[data-last='true'] {
    transform: translateX(-100%);
  }
  &[data-last='true']::before {
    left: 100%;
  }
`;
const Mark = styled.span`
  position: absolute;
  left: var(--at);
  top: -5px;
  bottom: -5px;
  width: 12px;
  transform: translateX(-50%);
  border: 2px solid var(--signal);
  background: var(--p-short);
`;

const STEPS = [0.1, 0.2, 0.5, 1, 2, 5, 10, 20, 50, 100, 200, 500, 1000];
const MOST_TICKS = 7;

/** Places of a ruler in the member's unit of length, in m: round figures, not too many, and the end. */
export function ruler(lengthM: number, units: UnitChoice): number[] {
  const unit = UNITS[units.length].si;
  const step = STEPS.find((s) => lengthM / (s * unit) <= MOST_TICKS) ?? STEPS.at(-1)!;
  const places = Array.from(
    { length: Math.floor(lengthM / (step * unit) + 1e-9) + 1 },
    (_, i) => i * step * unit,
  );
  // The end is written too, unless the last round figure stands too close.
  return lengthM - places.at(-1)! > 0.4 * step * unit ? [...places, lengthM] : places;
}

/** What is left of a length, to scale: the rope that is there, the part that is gone dashed, damage marked, a ruler if asked for. */
export function RopeLength({
  fullM,
  leftM,
  thickness = 12,
  rope = true,
  damagedAtM = [],
  units,
  withRuler = false,
  children,
}: {
  fullM: number;
  leftM: number;
  thickness?: number;
  rope?: boolean;
  damagedAtM?: readonly number[];
  units: UnitChoice;
  withRuler?: boolean;
  children?: ReactNode;
}) {
  const whole = Math.max(fullM, leftM, 1e-6);
  const part = (m: number): string => `${(100 * m) / whole}%`;
  const Strip = rope ? RopeStrip : PlainStrip;
  return (
    <Whole>
      <Lying $thick={thickness} aria-hidden>
        {leftM < fullM ? <Outline $thick={thickness} style={{ '--at': part(leftM) }} /> : null}
        <Strip $thick={thickness} style={{ '--reach': part(leftM) }} />
        {damagedAtM.map((m) => (
          <Mark key={m} style={{ '--at': part(m) }} />
        ))}
        {children}
      </Lying>
      {withRuler ? (
        <Ruler aria-hidden>
          {ruler(whole, units).map((m, i, all) => (
            <Tick
              key={m}
              style={{ '--at': part(m) }}
              data-first={i === 0}
              data-last={i === all.length - 1 && m > 0.9 * whole}
            >
              {formatQuantity(m, 'length', units).replace(/\.0+(?=\D)/, '')}
            </Tick>
          ))}
        </Ruler>
      ) : null}
    </Whole>
  );
}
