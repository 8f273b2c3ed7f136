import { type ReactNode, useId } from 'react';
import type { LensAt } from './layout';

/** A detail of a drawing in this page (`drawing`: its id), enlarged in a circle and tied to its place by a line. */
export function Lens({
  lens: { from, to, radius, zoom },
  drawing,
  ink,
  line,
  children,
}: {
  lens: Omit<LensAt, 'text'>;
  drawing: string;
  ink: string;
  line: number;
  children?: ReactNode;
}) {
  const id = useId();
  const small = radius / zoom;
  const away = Math.hypot(to.x - from.x, to.y - from.y) || 1;
  return (
    <g>
      <defs>
        <clipPath id={id}>
          <circle cx={to.x} cy={to.y} r={radius} />
        </clipPath>
      </defs>
      <circle cx={from.x} cy={from.y} r={small} fill="none" stroke={ink} strokeWidth={line} />
      <line
        x1={from.x + ((to.x - from.x) / away) * small}
        y1={from.y + ((to.y - from.y) / away) * small}
        x2={to.x}
        y2={to.y}
        stroke={ink}
        strokeWidth={line}
      />
      <circle cx={to.x} cy={to.y} r={radius} fill="var(--sheet)" />
      <g clipPath={`url(#${id})`}>
        <g transform={`translate(${to.x} ${to.y}) scale(${zoom}) translate(${-from.x} ${-from.y})`}>
          <use href={`#${drawing}`} />
        </g>
      </g>
      <circle cx={to.x} cy={to.y} r={radius} fill="none" stroke={ink} strokeWidth={line * 1.3} />
      {children}
    </g>
  );
}
