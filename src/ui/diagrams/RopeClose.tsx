'use client';
import { memo, useMemo } from 'react';
import styled from 'styled-components';
import type { Ink, Shape, Stretch } from '@/core/inspection/drawing/stretch';
import { drawnStretch } from '@/core/inspection/drawing/texture';
import type { RopeMaterialId } from '@/core/rope/materials';
import { dimmed, LOOK_OF, lookStyle } from './ropeLooks';

/** Colours beside the rope's own. What is seen on rope is of the same colour in any theme; Night takes its light off. */
const INKS: Readonly<Record<Ink, string>> = {
  rope: 'var(--rope)',
  line: 'var(--rope-ink)',
  lit: 'var(--rope-lit)',
  tracer: dimmed('#2F5D7C'),
  pale: dimmed('#EFE6CF'),
  dark: dimmed('#2A211A'),
  brown: dimmed('#8A4B22'),
  violet: dimmed('#54406B'),
  grey: dimmed('#46523F'),
  dust: dimmed('#FBF8EE'),
  card: dimmed('#F6F0DC'),
};

/** What of a stretch is looked at, in rope diameters: above and below its middle; an end has its tag below. */
const ABOVE_D = 1.22;
const BELOW_D = { on: 1, end: 1.66 } as const;

/** Height of a drawn stretch in rope diameters, and of its middle from above. */
export const closeBox = ({ lengthD, begins }: Pick<Stretch, 'lengthD' | 'begins'>) => ({
  wideD: lengthD,
  highD: ABOVE_D + BELOW_D[begins],
  middleD: ABOVE_D,
});

const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  stroke-linecap: round;
  stroke-linejoin: round;
`;

function pathOf({ lines, width }: Shape): string {
  const close = width === 'face' ? 'Z' : '';
  return lines
    .map((l) => {
      const points: string[] = [];
      for (let i = 0; i < l.length; i += 2) points.push(`${l[i]} ${l[i + 1]}`);
      return `M${points.join('L')}${close}`;
    })
    .join('');
}

/** A length of rope from close by, as it is made and with all that is to be seen on it. `label` null: what it shows is said beside it. */
export const RopeClose = memo(function RopeClose({
  stretch,
  material,
  label,
}: {
  stretch: Stretch;
  material: RopeMaterialId;
  label: string | null;
}) {
  const drawn = useMemo(
    () => drawnStretch(stretch).map((s) => ({ ...s, d: pathOf(s) })),
    [stretch],
  );
  const { wideD, highD, middleD } = closeBox(stretch);
  return (
    <Drawing
      viewBox={`0 ${-middleD} ${wideD} ${highD}`}
      style={lookStyle(LOOK_OF[material])}
      {...(label === null ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {drawn.map(({ d, ink, width, opacity }, i) =>
        width === 'face' ? (
          <path key={i} d={d} fill={INKS[ink]} opacity={opacity} />
        ) : (
          <path
            key={i}
            d={d}
            fill="none"
            stroke={INKS[ink]}
            strokeWidth={width}
            opacity={opacity}
          />
        ),
      )}
    </Drawing>
  );
});
