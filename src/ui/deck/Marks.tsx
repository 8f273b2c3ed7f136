import type { HoldMap } from '@/core/securement/hold/map';
import type { Point } from '@/core/securement/leg';
import type { StageFault } from '@/core/securement/stage/faults';
import type { StageLayout } from '@/core/securement/stage/layout';
import type { MotionMark } from '@/core/securement/stage/motion';
import type { Scene } from '@/core/securement/stage/scene';
import type { UnitChoice } from '@/core/units';
import { wordFaultShortly } from '@/wording/stage';
import { widthOfText } from '../diagrams/names';
import { pathOf, type Picture, placeOn } from '@/core/securement/stage/paths';

/** What is wrong or gives way is drawn in the one signal colour. */
const SIGNAL = 'var(--signal)';

function Note({
  at: [x, y],
  words,
  width,
}: {
  at: readonly [number, number];
  words: string;
  width: number;
}) {
  const half = widthOfText(words, 11) / 2 + 4;
  const inside = Math.min(width - half - 2, Math.max(half + 2, x));
  return (
    <g>
      <rect
        x={inside - half}
        y={y - 9}
        width={2 * half}
        height={17}
        fill="var(--canvas)"
        stroke={SIGNAL}
        strokeWidth={1.2}
      />
      <text x={inside} y={y + 3.5} textAnchor="middle" fontSize={11} className="signal">
        {words}
      </text>
    </g>
  );
}

const middleOf = (points: readonly (readonly [number, number])[]): readonly [number, number] => {
  const sum = points.reduce<[number, number]>(([x, y], p) => [x + p[0], y + p[1]], [0, 0]);
  return [sum[0] / points.length, sum[1] / points.length];
};

/** One thing that is wrong, where it is. */
function Fault({
  fault,
  layout,
  hatch,
  units,
}: {
  fault: StageFault;
  layout: StageLayout;
  hatch: string;
  units: UnitChoice;
}) {
  const words = wordFaultShortly(fault, units);
  switch (fault.code) {
    case 'units-overlap':
    case 'hangs-over':
    case 'stands-on-little': {
      const area = fault.area.map((p) => layout.plan(p));
      if (area.length < 3) return null;
      return (
        <g data-fault={fault.code}>
          <path d={pathOf(area, true)} fill={`url(#${hatch})`} stroke={SIGNAL} strokeWidth={1.6} />
          <Note at={middleOf(area)} words={words} width={layout.width} />
        </g>
      );
    }
    case 'runs-through': {
      const [a, b] = [layout.plan(fault.from), layout.plan(fault.to)];
      return (
        <g data-fault={fault.code}>
          <path d={pathOf([a, b])} stroke={SIGNAL} strokeWidth={9} strokeDasharray="3 3" />
          <Note at={middleOf([a, b])} words={words} width={layout.width} />
        </g>
      );
    }
    case 'anchor-not-read': {
      const [x, y] = layout.plan(fault.at);
      return (
        <g data-fault={fault.code}>
          <circle
            cx={x}
            cy={y}
            r={12}
            fill="none"
            stroke={SIGNAL}
            strokeWidth={2}
            strokeDasharray="4 3"
          />
          <Note at={[x, y + 21]} words={words} width={layout.width} />
        </g>
      );
    }
    case 'leg-flat': {
      const [x, y] = layout.elevation(fault.at);
      return (
        <g data-fault={fault.code}>
          <circle cx={x} cy={y} r={5} fill={SIGNAL} />
          <Note at={[x, y - 14]} words={words} width={layout.width} />
        </g>
      );
    }
  }
}

/** Everything that is wrong on the deck, each where it is. */
export function Faults({
  scene,
  layout,
  hatch,
  units,
}: {
  scene: Scene;
  layout: StageLayout;
  hatch: string;
  units: UnitChoice;
}) {
  return scene.faults.map((fault, i) => (
    <Fault key={`${fault.code}${i}`} fault={fault} layout={layout} hatch={hatch} units={units} />
  ));
}

function Arrow({ from, to }: { from: readonly [number, number]; to: readonly [number, number] }) {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const length = Math.hypot(dx, dy);
  if (length < 4) return null;
  const [ux, uy] = [dx / length, dy / length];
  const head = (s: number): readonly [number, number] => [
    to[0] - 13 * ux - 8 * s * uy,
    to[1] - 13 * uy + 8 * s * ux,
  ];
  return (
    <>
      <path d={pathOf([from, [to[0] - 9 * ux, to[1] - 9 * uy]])} stroke={SIGNAL} strokeWidth={5} />
      <path d={pathOf([to, head(1), head(-1)], true)} fill={SIGNAL} />
    </>
  );
}

/** Three quarters of a turn round a place, with a head. */
function Turn({ at: [x, y], r }: { at: readonly [number, number]; r: number }) {
  const small = Math.max(14, Math.min(r, 40));
  return (
    <>
      <circle cx={x} cy={y} r={5} fill={SIGNAL} />
      <path
        d={`M${x + small} ${y}A${small} ${small} 0 1 0 ${x} ${y + small}`}
        fill="none"
        stroke={SIGNAL}
        strokeWidth={4}
      />
      <path d={`M${x + small - 8} ${y - 2}h16l-8 12z`} fill={SIGNAL} />
    </>
  );
}

/** How the load gives way: an arrow it goes along, the edge it tips over, the corner it swings round. */
export function Motion({
  motion,
  layout,
  picture,
}: {
  motion: MotionMark;
  layout: StageLayout;
  picture: Picture;
}) {
  const at = placeOn(layout, picture);
  const { arrow, edge, round, kind } = motion;
  const ends = (pair: readonly [Point, Point]) => [at(pair[0]), at(pair[1])] as const;
  return (
    <g data-motion={kind}>
      {edge ? (
        <path d={pathOf(ends(edge))} stroke={SIGNAL} strokeWidth={6} strokeLinecap="round" />
      ) : null}
      {arrow ? <Arrow from={ends(arrow)[0]} to={ends(arrow)[1]} /> : null}
      {round && picture === 'plan' ? (
        <Turn at={at(round.at)} r={round.radiusM * layout.perM * 0.4} />
      ) : null}
    </g>
  );
}

/** What the outermost ring of the map stands for. */
const RIM_G = 1.1;
/** Room for the word above the deck. */
const NAME_ROOM = 14;
const DIRECTIONS = [
  ['forward', 0],
  ['left', Math.PI / 2],
  ['rearward', Math.PI],
  ['right', (3 * Math.PI) / 2],
] as const;

/** Where on the picture so much held in a direction lies: round the middle of the load, so large that what is asked lies outside it where there is room. */
function roundLoad(scene: Scene, layout: StageLayout) {
  const { load } = scene;
  const front = Math.max(...load.map((p) => p.box.front));
  const rear = Math.min(...load.map((p) => p.box.rear));
  const left = Math.max(...load.map((p) => p.box.left));
  const right = Math.min(...load.map((p) => p.box.right));
  const middle = { x: (front + rear) / 2, y: (left + right) / 2 };
  const [x, y] = layout.plan(middle);
  const room = Math.min(x, layout.width - x, y - NAME_ROOM, layout.splitY - y) / RIM_G;
  const oneG = Math.min(Math.hypot(front - rear, left - right), room / layout.perM);
  return (angleRad: number, g: number): readonly [number, number] => {
    const r = Math.min(RIM_G, Math.max(0, g)) * oneG;
    return layout.plan({
      x: middle.x + r * Math.cos(angleRad),
      y: middle.y + r * Math.sin(angleRad),
    });
  };
}

/** What is held round the compass against what is asked, round the load: what is asked and not held is hatched. */
export function MapRoundLoad({
  map,
  scene,
  layout,
  hatch,
}: {
  map: HoldMap;
  scene: Scene;
  layout: StageLayout;
  hatch: string;
}) {
  const at = roundLoad(scene, layout);
  const held = pathOf(
    map.points.map((p) => at(p.angleRad, p.heldG ?? 0)),
    true,
  );
  const required = pathOf(
    DIRECTIONS.map(([d, a]) => at(a, map.required[d])),
    true,
  );
  return (
    <g data-map-round-load>
      <mask id={`${hatch}m`}>
        <rect width={layout.width} height={layout.height} fill="white" />
        <path d={held} fill="black" />
      </mask>
      <path d={required} fill={`url(#${hatch})`} mask={`url(#${hatch}m)`} />
      <path
        d={held}
        fill="var(--ink)"
        fillOpacity={0.07}
        stroke="var(--ink)"
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <path d={required} fill="none" stroke={SIGNAL} strokeWidth={1.6} />
    </g>
  );
}

/** What is asked, in figures; drawn over what stands there. */
export function MapFigures({
  map,
  scene,
  layout,
}: {
  map: HoldMap;
  scene: Scene;
  layout: StageLayout;
}) {
  const at = roundLoad(scene, layout);
  return (
    <>
      {DIRECTIONS.filter(([d]) => d !== 'right').map(([d, a]) => {
        const [x, y] = at(a, map.required[d]);
        return (
          <text key={d} x={x} y={y - 4} textAnchor="middle" className="halo signal" fontSize={11}>
            {map.required[d]}
          </text>
        );
      })}
    </>
  );
}
