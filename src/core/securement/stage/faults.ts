import { isAnchorUsed } from './used';
import type { Point } from '../leg';
import { overlapping } from '../load/contacts';
import { runsThrough } from '../load/findings';
import { areaOf, type Outline, type Spot, within } from '../load/outline';
import { type Placed, placeUnits } from '../load/placed';
import type { Plan } from '../plan';
import type { DrawnPlan } from './drawn-plan';
import { FLAT_LINE_RAD } from '../flat-line';
import type { LineFacts } from '../rule-input';
import { anchorPoint } from './ends';

/** What is wrong on a deck, where it can be seen. */
export type StageFault =
  | {
      readonly code: 'units-overlap';
      readonly unitIds: readonly [string, string];
      readonly area: Outline;
    }
  | {
      readonly code: 'hangs-over';
      readonly unitId: string;
      readonly area: Outline;
      readonly byM: number;
    }
  | {
      readonly code: 'stands-on-little';
      readonly unitId: string;
      readonly underId: string;
      readonly area: Outline;
    }
  | {
      readonly code: 'runs-through';
      readonly lineId: string;
      readonly unitId: string;
      readonly from: Point;
      readonly to: Point;
    }
  | {
      readonly code: 'anchor-not-read';
      readonly anchorId: string;
      readonly at: Point;
      readonly lineIds: readonly string[];
    }
  | {
      readonly code: 'leg-flat';
      readonly lineId: string;
      readonly at: Point;
      readonly alphaRad: number;
    };

/** Less than this is measuring, m and m². */
const LEAST_M = 0.02;
const LEAST_M2 = 1e-3;

const overlaps = (load: readonly Placed[]): StageFault[] =>
  overlapping(load).map(([a, b]) => ({
    code: 'units-overlap',
    unitIds: [a.unit.id, b.unit.id],
    area: within(a.outline, b.outline),
  }));

/** Farther away than anything on a deck, m. */
const FAR_M = 200;

/** What lies beyond each edge of a deck, against the clock. */
const beyond = ({ lengthM, widthM }: Plan['deck']): Outline[] => {
  const box = (front: number, rear: number, left: number, right: number): Spot[] => [
    { x: front, y: left },
    { x: rear, y: left },
    { x: rear, y: right },
    { x: front, y: right },
  ];
  const half = widthM / 2;
  return [
    box(FAR_M, 0, FAR_M, -FAR_M),
    box(-lengthM, -FAR_M, FAR_M, -FAR_M),
    box(FAR_M, -FAR_M, FAR_M, half),
    box(FAR_M, -FAR_M, -half, -FAR_M),
  ];
};

/** How far a unit reaches over each edge of the deck, in the order of `beyond`. */
const reachesOver = ({ box }: Placed, { lengthM, widthM }: Plan['deck']): number[] => [
  box.front,
  -lengthM - box.rear,
  box.left - widthM / 2,
  -widthM / 2 - box.right,
];

const hangingOver = (plan: DrawnPlan, load: readonly Placed[]): StageFault[] =>
  load
    .filter(({ unit }) => unit.on.kind === 'deck')
    .flatMap((placed) =>
      reachesOver(placed, plan.deck).flatMap((byM, i): StageFault[] => {
        const area = within(placed.outline, beyond(plan.deck)[i]!);
        return byM > LEAST_M && areaOf(area) > LEAST_M2
          ? [{ code: 'hangs-over', unitId: placed.unit.id, area, byM }]
          : [];
      }),
    );

/** Units whose middle has nothing under it: less than half of them is carried. */
function standingOnLittle(load: readonly Placed[]): StageFault[] {
  return load.flatMap((placed): StageFault[] => {
    const { on, id } = placed.unit;
    const under = on.kind === 'unit' ? load.find((p) => p.unit.id === on.unitId) : undefined;
    if (!under) return [];
    const carriedM2 = areaOf(within(placed.outline, under.outline));
    return carriedM2 < areaOf(placed.outline) / 2 - LEAST_M2
      ? [{ code: 'stands-on-little', unitId: id, underId: under.unit.id, area: placed.outline }]
      : [];
  });
}

/** Over-lines that hardly press, at their flattest leg: flatter than the angle that rules warn of. */
function flatLegs({ line, shape }: Pick<LineFacts, 'line' | 'shape'>): StageFault[] {
  const legs = line.kind === 'over' ? shape.legs.filter((l) => l.at !== null) : [];
  const flattest = legs.reduce<(typeof legs)[number] | null>(
    (a, b) => (a !== null && a.sinAlpha <= b.sinAlpha ? a : b),
    null,
  );
  if (flattest === null) return [];
  const alphaRad = Math.asin(Math.max(-1, Math.min(1, flattest.sinAlpha)));
  return alphaRad < FLAT_LINE_RAD - 1e-9
    ? [{ code: 'leg-flat', lineId: line.id, at: flattest.at!, alphaRad }]
    : [];
}

/** What is wrong on the deck, each where it is. Geometry alone: cheap enough for every picture of a drag. */
export function stageFaults(
  plan: DrawnPlan,
  lines: readonly Pick<LineFacts, 'line' | 'shape'>[],
  load = placeUnits(plan.units),
): StageFault[] {
  return [
    ...overlaps(load),
    ...hangingOver(plan, load),
    ...standingOnLittle(load),
    ...lines.flatMap((facts): StageFault[] => [
      ...runsThrough(load, facts).map(({ placed, from, to }): StageFault => ({
        code: 'runs-through',
        lineId: facts.line.id,
        unitId: placed.unit.id,
        from,
        to,
      })),
      ...flatLegs(facts),
    ]),
    ...plan.deck.anchors.flatMap((anchor): StageFault[] => {
      const lineIds = plan.lines.filter((l) => isAnchorUsed(l, anchor.id)).map((l) => l.id);
      return anchor.rating.state === 'unrated' && lineIds.length > 0
        ? [{ code: 'anchor-not-read', anchorId: anchor.id, at: anchorPoint(anchor), lineIds }]
        : [];
    }),
  ];
}
