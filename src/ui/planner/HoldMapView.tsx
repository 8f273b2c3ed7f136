'use client';
import { useId } from 'react';
import styled from 'styled-components';
import { placeUnits } from '@/core/securement/load/placed';
import type { Plan } from '@/core/securement/plan';
import type { HoldMap, MapPoint } from '@/core/securement/hold/map';
import type { Direction } from '@/core/securement/vocabulary';
import { formatNumber } from '@/core/units';
import { mechanismWords } from '@/wording/mechanism';
import { Small } from '../kit/text';

const Frame = styled.figure`
  margin: 0;
  min-width: 0;
  & svg {
    display: block;
    width: 100%;
    height: auto;
  }
  & text {
    font: 600 12px var(--font-figure);
    fill: var(--ink);
  }
  & .forward {
    font-size: 11px;
    letter-spacing: 0.14em;
  }
  & .unit {
    fill: var(--ink-2);
    font-weight: 540;
    font-size: 11px;
  }
  & .need {
    fill: var(--signal);
    font-weight: 720;
  }
  & .halo {
    paint-order: stroke;
    stroke: var(--canvas);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
`;
/** As high as the map that is to come, so that nothing below it moves when it does. */
const Coming = styled(Frame)`
  aspect-ratio: 196/250;
  display: grid;
  place-items: center;
`;

const SIZE = 220;
const MIDDLE = SIZE / 2;
/** What the outermost ring stands for: the map is about what is asked, not about how much more could be held. */
const RIM_G = 1.1;
const RIM = 92;
const radius = (g: number): number => (Math.min(RIM_G, Math.max(0, g)) / RIM_G) * RIM;

/** Forward is up, the load's left is left. */
const at = (angleRad: number, g: number): string =>
  `${(MIDDLE - radius(g) * Math.sin(angleRad)).toFixed(1)} ${(MIDDLE - radius(g) * Math.cos(angleRad)).toFixed(1)}`;
const outline = (points: readonly string[]): string => `M${points.join('L')}Z`;
const ANGLES: readonly (readonly [Direction, number])[] = [
  ['forward', 0],
  ['left', Math.PI / 2],
  ['rearward', Math.PI],
  ['right', (3 * Math.PI) / 2],
];

/** The direction asked for in which least is left over. */
function weakest(map: HoldMap): {
  readonly direction: Direction;
  readonly point: MapPoint;
  readonly required: number;
} {
  const asked = ANGLES.map(([direction, angle]) => ({
    direction,
    required: map.required[direction],
    point: map.points.reduce((a, b) => (gap(b, angle) < gap(a, angle) ? b : a)),
  }));
  const left = (x: (typeof asked)[number]): number => (x.point.heldG ?? 0) / x.required;
  return asked.reduce((a, b) => (left(b) < left(a) ? b : a));
}
const gap = (p: MapPoint, angle: number): number =>
  Math.abs(Math.atan2(Math.sin(p.angleRad - angle), Math.cos(p.angleRad - angle)));

/** One sentence for what the drawing shows: the words a driver reads, and a screen reader too. */
function inWords(map: HoldMap): string {
  const { direction, point, required } = weakest(map);
  if (point.heldG === null)
    return 'Its own lines drag the load: nothing is held until they are evened out.';
  const held = point.heldG >= RIM_G ? `more than ${RIM_G}` : formatNumber(point.heldG, 'capacity');
  const way = {
    forward: 'forward',
    rearward: 'rearward',
    left: 'to the left',
    right: 'to the right',
  }[direction];
  const within =
    map.oneOfSeveral && map.strength === 'working' ? 'Within working loads, weakest' : 'Weakest';
  return `${within} ${way}: ${held} g of ${formatNumber(required, 'demand')} g; ${mechanismWords(point.mechanism)}.`;
}

/** The load in the middle, to the scale of its deck, only to show which way is which. */
function Load({ plan }: { plan: Plan }) {
  const { units, deck } = plan;
  const scale = 30 / Math.max(deck.lengthM, deck.widthM);
  const load = placeUnits(units);
  const middle = {
    x: (Math.max(...load.map((p) => p.box.front)) + Math.min(...load.map((p) => p.box.rear))) / 2,
    y: (Math.max(...load.map((p) => p.box.left)) + Math.min(...load.map((p) => p.box.right))) / 2,
  };
  return load.map(({ unit, outline }) => (
    <polygon
      key={unit.id}
      points={outline
        .map((p) => `${MIDDLE - (p.y - middle.y) * scale},${MIDDLE - (p.x - middle.x) * scale}`)
        .join(' ')}
      fill="var(--cargo)"
      stroke="var(--cargo-ink)"
      strokeWidth={1.6}
    />
  ));
}

/** What is held round the compass against what is asked: what is asked and not held is hatched. */
export function HoldMapView({
  map,
  fresh,
  plan,
}: {
  map: HoldMap | null;
  fresh: boolean;
  plan: Plan;
}) {
  const id = useId();
  if (map === null && plan.units.some((u) => u.massKg === null))
    return (
      <Frame>
        <Small>Enter the mass: then what is held shows here, round the load.</Small>
      </Frame>
    );
  if (map === null)
    return (
      <Coming aria-busy>
        <Small>Looking all round…</Small>
      </Coming>
    );
  const held = outline(map.points.map((p) => at(p.angleRad, p.heldG ?? 0)));
  const required = outline(ANGLES.map(([d, a]) => at(a, map.required[d])));
  return (
    <Frame data-hold-map aria-busy={!fresh}>
      <svg
        viewBox={`0 0 ${SIZE} ${SIZE}`}
        role="img"
        aria-label={`Hold map, forward up. ${inWords(map)}`}
      >
        <defs>
          <pattern
            id={`${id}h`}
            width="7"
            height="7"
            patternTransform="rotate(45)"
            patternUnits="userSpaceOnUse"
          >
            <rect width="3" height="7" fill="var(--signal)" />
          </pattern>
        </defs>
        {[0.5, 1].map((g) => (
          <circle
            key={g}
            cx={MIDDLE}
            cy={MIDDLE}
            r={radius(g)}
            fill="none"
            stroke="var(--line)"
            strokeWidth={1}
          />
        ))}
        <path d={required} fill={`url(#${id}h)`} stroke="none" />
        <path d={held} fill="var(--canvas)" stroke="none" />
        <path
          d={held}
          fill="var(--ink)"
          fillOpacity={0.14}
          stroke="var(--ink)"
          strokeWidth={2.4}
          strokeLinejoin="round"
        />
        <path d={required} fill="none" stroke="var(--signal)" strokeWidth={2.2} />
        {ANGLES.filter(([d]) => d !== 'right').map(([d, a]) => {
          const [x, y] = at(a, map.required[d]).split(' ').map(Number) as [number, number];
          return (
            <text
              key={d}
              className="halo need"
              x={d === 'left' ? x - 4 : x}
              y={d === 'forward' ? y - 5 : d === 'rearward' ? y + 14 : y + 4}
              textAnchor={d === 'left' ? 'end' : 'middle'}
            >
              {map.required[d]}
            </text>
          );
        })}
        <Load plan={plan} />
        <text className="halo forward" x={MIDDLE} y={12} textAnchor="middle">
          FORWARD
        </text>
        <text
          className="unit halo"
          x={MIDDLE + radius(0.5) * 0.72 + 3}
          y={MIDDLE + radius(0.5) * 0.72 + 8}
        >
          0.5 g
        </text>
        <text
          className="unit halo"
          x={MIDDLE + radius(1) * 0.72 + 3}
          y={MIDDLE + radius(1) * 0.72 + 8}
        >
          1 g
        </text>
      </svg>
      <figcaption>
        <Small>{inWords(map)}</Small>
      </figcaption>
    </Frame>
  );
}
