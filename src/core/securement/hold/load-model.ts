import { UNLIMITED_N } from '../../line/line';
import { STANDARD_GRAVITY } from '../../units/constants';
import { type Leg, type Point, pullOf } from '../leg';
import type { Article, Blocking, Ranged, RuleInput, StaticsBox, TieDown } from '../rules/rule-set';
import type { Deck } from '../schema';
import { type Direction, DIRECTIONS } from '../vocabulary';
import type { HoldBoard, HoldBody, HoldLine, HoldProblem } from './problem';

/**
 * At which end of the unknowns the load is looked at. `worst`, `best`; `tension-free`: at the worst, but unknown
 * tensions and breaking strengths as good as they may be.
 */
export type HoldEnd = 'worst' | 'tension-free' | 'best';

/** A place off the middle to try, as parts of length and width. */
export interface OffMiddle {
  readonly forwardPart: number;
  readonly leftPart: number;
}
const IN_THE_MIDDLE: OffMiddle = { forwardPart: 0, leftPart: 0 };

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

const clamp = (v: number, least: number, most: number): number =>
  Math.min(most, Math.max(least, v));

/** Corners of the part of the load's bottom that lies on the deck; none where it lies beside it. */
export function feetOf(
  box: NonNullable<Article['box']>,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
): Point[] {
  const [front, rear] = [clamp(box.front, -deck.lengthM, 0), clamp(box.rear, -deck.lengthM, 0)];
  const [left, right] = [
    clamp(box.left, -deck.widthM / 2, deck.widthM / 2),
    clamp(box.right, -deck.widthM / 2, deck.widthM / 2),
  ];
  if (front - rear < 1e-9 || left - right < 1e-9) return [];
  return [front, rear].flatMap((x) => [left, right].map((y) => ({ x, y, z: 0 })));
}

function bodyOf(
  article: Article,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
  weightPart: number,
  look: Look,
): HoldBody | null {
  const off = look.off ?? IN_THE_MIDDLE;
  const { box, massKg, lengthM, widthM } = article;
  if (box === null || massKg === null) return null;
  const height = article.cgHeightM ?? (look.end === 'best' ? LOWEST_M : article.heightM);
  return {
    weightN: massKg * STANDARD_GRAVITY,
    weightPart,
    feet: feetOf(box, deck),
    friction: look.end === 'best' ? article.friction.high : article.friction.low,
    cone: look.cone,
    centre: {
      x: (box.front + box.rear) / 2 + (article.cgForwardM ?? off.forwardPart * lengthM),
      y: (box.left + box.right) / 2 + (article.cgLeftM ?? off.leftPart * widthM),
      z: height,
    },
  };
}

function boardOf(
  article: Article,
  direction: Direction,
  board: Blocking,
  end: HoldEnd,
): HoldBoard[] {
  const { box, heightM } = article;
  const capacityN = end === 'best' ? board.capacity.high : board.capacity.low;
  if (!board.touching || box === null || capacityN <= 0) return [];
  const top = Math.min(heightM, board.heightM ?? (end === 'best' ? heightM : 0));
  const heights = top > 0 ? [0, top] : [0];
  const along = direction === 'forward' || direction === 'rearward';
  const corners = (along ? [box.left, box.right] : [box.front, box.rear]).flatMap((side) =>
    heights.map((z): Point =>
      along
        ? { x: direction === 'forward' ? box.front : box.rear, y: side, z }
        : { x: side, y: direction === 'left' ? box.left : box.right, z },
    ),
  );
  return [{ direction, corners, capacityN }];
}

type PlacedLeg = Leg & { readonly at: Point };
const placedLegs = (td: TieDown): PlacedLeg[] | null => {
  const legs = td.legs.filter((l): l is PlacedLeg => l.at !== null);
  return td.soundness === 'sound' && legs.length > 0 && legs.length === td.legs.length
    ? legs
    : null;
};

/** Whether statics know where a line is. */
export const isPlaced = (td: TieDown): boolean => placedLegs(td) !== null;

/** Whether the legs of a line leave a horizontal pull. */
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

function lineOf(td: TieDown, box: StaticsBox, end: HoldEnd, present: boolean): HoldLine[] {
  const legs = placedLegs(td);
  if (legs === null) return [];
  const bounds =
    td.kind === 'over' ? overBounds(td, end, present) : ([0, workingLimit(td, box, end)] as const);
  if (bounds === null || bounds[1] <= 0) return [];
  return [
    {
      id: td.id,
      legs: legs.map((l) => ({ at: l.at, pull: pullOf(l) })),
      leastN: bounds[0],
      mostN: Math.min(bounds[1], UNLIMITED_N),
      legRatio: td.legRatio,
    },
  ];
}

/** The load of a plan as a problem of statics; null where its mass or its place is not known. */
export function holdProblem(
  input: RuleInput,
  deck: Pick<Deck, 'lengthM' | 'widthM'>,
  box: StaticsBox,
  look: Look,
): HoldProblem | null {
  const body = bodyOf(input.article, deck, box.weightPart ?? 1, look);
  if (body === null) return null;
  return {
    body,
    boards: DIRECTIONS.flatMap((d) =>
      boardOf(input.article, d, input.article.blocking[d], look.end),
    ),
    lines: input.tieDowns.flatMap((td) => lineOf(td, box, look.end, look.present)),
  };
}
