'use client';
import type { Plan } from '@/core/securement/plan';
import type { HoldMap, MapPoint } from '@/core/securement/hold/map';
import type { Direction } from '@/core/securement/vocabulary';
import { formatNumber } from '@/core/units';
import { mechanismWords } from '@/wording/mechanism';
import { Small } from '../kit/text';

/** What the outermost ring of the map stands for: the map is about what is asked, not about how much more could be held. */
const RIM_G = 1.1;
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

/** What the map round the load says, in one sentence. */
export function MapWords({
  map,
  fresh,
  plan,
}: {
  map: HoldMap | null;
  fresh: boolean;
  plan: Plan;
}) {
  if (map === null && plan.units.some((u) => u.massKg === null))
    return (
      <p>
        <Small>Enter the mass: then what is held shows here, round the load.</Small>
      </p>
    );
  return (
    <p data-hold-map aria-busy={!fresh || map === null}>
      <Small>{map === null ? 'Looking all round…' : inWords(map)}</Small>
    </p>
  );
}
