import { UNLIMITED_N } from '../../line/line';
import { STANDARD_GRAVITY } from '../../units/constants';
import { type Leg, type Point, pullOf } from '../leg';
import { cgOffM } from '../load/articles';
import type { Spot } from '../load/outline';
import { fromMiddle, type Placed } from '../load/placed';
import type { UnitPull } from '../route/path';
import type { Blocking, Ranged, StaticsBox, TieDown } from '../rules/rule-set';
import { type Direction, DIRECTIONS } from '../vocabulary';
import type { HoldBoard, HoldBody, HoldLine, HoldProblem, HoldPush } from './problem';
import type { StaticsBody, StaticsPart } from './statics-load';

/**
 * At which end of the unknowns the load is looked at. `worst`, `best`; `tension-free`: at the worst, but unknown
 * tensions and breaking strengths as good as they may be.
 */
export type HoldEnd = 'worst' | 'tension-free' | 'best';

/** How far off what is said a centre of gravity is tried, m, by unit. */
export type OffMiddle = ReadonlyMap<string, Spot>;
const IN_THE_MIDDLE: Spot = { x: 0, y: 0 };

/** What else decides how a load is looked at. */
export interface Look {
  readonly end: HoldEnd;
  /** Whether over-lines of unknown strength are taken to hold; where it matters both are tried. */
  readonly present: boolean;
  readonly cone: HoldBody['cone'];
  readonly off?: OffMiddle;
}

/** Lowest centre of gravity that is tried where nobody knows it, m. */
const LOWEST_M = 0.01;
/** A net pull of this part of the tension drags the load worth a word. */
const DRAGGING_PART = 0.02;

function bodyOf(
  { article, placed, feet, onId }: StaticsBody,
  part: StaticsPart,
  weightPart: number,
  look: Look,
): HoldBody | null {
  const { massKg } = article;
  if (massKg === null) return null;
  const off = look.off?.get(placed.unit.id) ?? IN_THE_MIDDLE;
  const known = cgOffM(placed);
  const height = article.cgHeightM ?? article.heightM;
  const low = placed.unit.cgHeightM;
  const lowest = low === null ? LOWEST_M : Math.max(LOWEST_M, low - placed.unit.cgHeightWithinM);
  const turned = fromMiddle({ middle: { x: 0, y: 0 }, unit: placed.unit }, off);
  return {
    weightN: massKg * STANDARD_GRAVITY,
    weightPart,
    feet,
    on: onId === null ? null : part.bodies.findIndex((b) => b.id === onId),
    friction: look.end === 'best' ? article.friction.high : article.friction.low,
    cone: look.cone,
    centre: {
      x: placed.middle.x + (known.x + turned.x),
      y: placed.middle.y + (known.y + turned.y),
      z: placed.baseM + (look.end === 'best' ? lowest : height),
    },
  };
}

/** What a board can reach of one unit; none: it does not touch it, or reaches nothing of it. */
function faceOf(
  { article, placed }: StaticsBody,
  direction: Direction,
  board: Blocking,
  end: HoldEnd,
): Point[] {
  if (!board.touching || article.box === null) return [];
  const { box, heightM } = article;
  const { baseM } = placed;
  const reaches = board.heightM ?? (end === 'best' ? baseM + heightM : 0);
  const top = Math.min(baseM + heightM, reaches);
  if (baseM > 0 && top <= baseM) return [];
  const along = direction === 'forward' || direction === 'rearward';
  const heights = facesRound(placed, along)
    ? [baseM + heightM / 2].filter((z) => z <= reaches)
    : top > baseM
      ? [baseM, top]
      : [baseM];
  const [from, to] = along ? [box.left, box.right] : [box.front, box.rear];
  // What is turned or round touches a board with no more than its middle.
  const sides =
    placed.unit.turnRad === 0 && placed.unit.shape.kind !== 'cylinder-upright'
      ? [from, to]
      : [touchingAt(placed, direction)];
  return sides.flatMap((side) =>
    heights.map((z): Point =>
      along
        ? { x: direction === 'forward' ? box.front : box.rear, y: side, z }
        : { x: side, y: direction === 'left' ? box.left : box.right, z },
    ),
  );
}

/** Whether the round side of a lying cylinder faces a board that stands along or across the driving direction. */
const facesRound = ({ unit: { shape, turnRad } }: Placed, along: boolean): boolean =>
  shape.kind === 'cylinder-lying' && ((shape.axis === 'width') === along || turnRad !== 0);

/** Where a unit's outline reaches farthest toward a board. */
function touchingAt({ outline }: Placed, direction: Direction): number {
  const reach = {
    forward: (p: Spot) => p.x,
    rearward: (p: Spot) => -p.x,
    left: (p: Spot) => p.y,
    right: (p: Spot) => -p.y,
  }[direction];
  const p = outline.reduce((a, b) => (reach(b) > reach(a) ? b : a));
  return direction === 'forward' || direction === 'rearward' ? p.y : p.x;
}

function boardOf(part: StaticsPart, direction: Direction, end: HoldEnd): HoldBoard[] {
  const faces = part.bodies.flatMap((b, body) => {
    const corners = faceOf(b, direction, b.article.blocking[direction], end);
    return corners.length > 0 ? [{ body, corners }] : [];
  });
  const board = part.bodies.find((b) => b.article.blocking[direction].touching);
  const capacity = board?.article.blocking[direction].capacity;
  const capacityN = capacity === undefined ? 0 : end === 'best' ? capacity.high : capacity.low;
  return faces.length > 0 && capacityN > 0 ? [{ direction, faces, capacityN }] : [];
}

function pushesOf(part: StaticsPart, end: HoldEnd): HoldPush[] {
  const at = (id: string): number => part.bodies.findIndex((b) => b.id === id);
  return [
    ...part.contacts.map((c): HoldPush => ({
      body: at(c.to),
      from: at(c.from),
      corners: c.corners,
      normal: c.normal,
      capacityN: Infinity,
    })),
    ...part.chocks.flatMap((c): HoldPush[] => {
      const capacityN = c.capacityN ?? (end === 'best' ? UNLIMITED_N : 0);
      return capacityN > 0 ? [{ ...c, body: at(c.bodyId), from: null, capacityN }] : [];
    }),
  ];
}

type PlacedPull = UnitPull & { readonly leg: Leg & { readonly at: Point } };
const placedPulls = (td: TieDown): PlacedPull[] | null => {
  const pulls = td.pulls.filter((p): p is PlacedPull => p.leg.at !== null);
  return td.soundness === 'sound' && pulls.length > 0 && pulls.length === td.pulls.length
    ? pulls
    : null;
};

/** Whether statics know where a line is. */
export const isPlaced = (td: TieDown): boolean => placedPulls(td) !== null;

/** Whether the legs of a line leave a horizontal pull on the load as a whole, or on one of several units. */
export function isUnlike(td: TieDown): boolean {
  const pulls = td.legs.map(pullOf);
  return (
    Math.hypot(
      pulls.reduce((sum, p) => sum + p.x, 0),
      pulls.reduce((sum, p) => sum + p.y, 0),
    ) > DRAGGING_PART
  );
}

/** Bounds of an over-line's tension. `present`: whether one of unknown strength is taken to hold. Null: not there. */
function overBounds(
  td: TieDown,
  end: HoldEnd,
  present: boolean,
): readonly [leastN: number, mostN: number] | null {
  const F = td.keptN;
  const wll = td.wll.working.value;
  if (end === 'best') return [0, F ?? td.wll.high];
  if (F === null) return end === 'tension-free' && wll !== null ? [0, wll] : null;
  if (wll === null) return present ? [F, F] : null;
  // Beyond its limit it is over-tension, said elsewhere; no more than the limit is credited.
  return [Math.min(F, wll), Math.min(F, wll)];
}

const known = (ranged: Ranged, best: boolean): number =>
  ranged.working.value ?? (best ? ranged.high : ranged.low);

function workingLimit(td: TieDown, box: StaticsBox, end: HoldEnd): number {
  if (box.strength === 'working') return known(td.pull, end === 'best');
  return end === 'worst' ? known(td.breaking, false) : td.breaking.high;
}

function lineOf(
  td: TieDown,
  part: StaticsPart,
  box: StaticsBox,
  { end, present }: Look,
): HoldLine[] {
  const pulls = placedPulls(td);
  if (pulls === null) return [];
  const bounds =
    td.kind === 'over' ? overBounds(td, end, present) : ([0, workingLimit(td, box, end)] as const);
  if (bounds === null || bounds[1] <= 0) return [];
  const at = new Map(part.bodies.map((b, i) => [b.id, i]));
  return [
    {
      id: td.id,
      legs: pulls.map((p) => ({
        // Without units of its own a line can only be at the one there is.
        body: at.get(p.unitId) ?? 0,
        at: p.leg.at,
        pull: pullOf(p.leg),
        stretch: p.stretch,
      })),
      leastN: bounds[0],
      mostN: Math.min(bounds[1], UNLIMITED_N),
      ratios: td.ratios,
    },
  ];
}

/** A part of a load as a problem of statics; null where a mass in it is not known. */
export function holdProblem(part: StaticsPart, box: StaticsBox, look: Look): HoldProblem | null {
  const bodies = part.bodies.map((b) => bodyOf(b, part, box.weightPart ?? 1, look));
  if (bodies.some((b) => b === null)) return null;
  return {
    bodies: bodies as HoldBody[],
    boards: DIRECTIONS.flatMap((d) => boardOf(part, d, look.end)),
    pushes: pushesOf(part, look.end),
    lines: part.tieDowns.flatMap((td) => lineOf(td, part, box, look)),
  };
}
