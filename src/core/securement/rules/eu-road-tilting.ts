import { traced } from '../../working/working';
import { downPart, flatPart } from '../leg';
import type { Direction } from '../vocabulary';
import type { TallyRow } from '../verdict';
import { atMost, STANDARD_GRAVITY } from '../../units/constants';
import { EU, heldTilting, part } from './eu-formulas';
import type { Ranged, RuleBound, RuleInput, TieDown } from './rule-set';
import { alongMotion, type Provided, rangedRow, type Reader, requirement, weight } from './shared';
import { countedN, tensionOf, geometry, safety, directLines, constant } from './eu-road-parts';

export const CLAUSE_TILTING = 'EN 12195-1:2010, tilting';

/** Horizontal distance of a leg's hold from the edge over which the load would tilt, m; half the extent where no place is known. */
function leverM(input: RuleInput, leg: TieDown['legs'][number], direction: Direction): number {
  const { box, widthM, lengthM } = input.article;
  if (!leg.at || !box)
    return (direction === 'left' || direction === 'right' ? widthM : lengthM) / 2;
  return {
    forward: box.front - leg.at.x,
    rearward: leg.at.x - box.rear,
    left: box.left - leg.at.y,
    right: leg.at.y - box.right,
  }[direction];
}

/** Moment about that edge for a tension of 1 in all legs: what presses down, and what pulls at its height against the motion or with it. */
function momentArmM(input: RuleInput, td: TieDown, direction: Direction): number {
  const { widthM, lengthM, heightM } = input.article;
  if (td.anyWay)
    return 2 * (direction === 'left' || direction === 'right' ? widthM : lengthM) + heightM;
  return td.legs.reduce(
    (sum, l) =>
      sum +
      downPart(l) * leverM(input, l, direction) +
      alongMotion(l, direction) * flatPart(l) * (l.at?.z ?? 0),
    0,
  );
}

function overMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const over = input.tieDowns.filter(
    (td) => td.kind === 'over' && (r.dragCounts || momentArmM(input, td, direction) > 0),
  );
  return r.t.sum(
    'moment of the over-lines',
    'M',
    'N',
    over.map((td) => {
      const s = momentArmM(input, td, direction);
      // The safety factor divides what helps; what pulls the load over counts whole.
      return r.t.apply(part, td.name, {
        F: tensionOf(r, td),
        s: geometry(r, 'lever arms of both legs', 's', s < 0 ? s * safety(direction) : s, 'm'),
      });
    }),
  );
}

function directMoment<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const lines = directLines(input, direction).filter((td) => momentArmM(input, td, direction) > 0);
  return r.t.sum(
    'moment of direct lines',
    'N',
    'N',
    lines.map((td) =>
      r.t.apply(part, td.name, {
        F: r.read(td.pull),
        s: geometry(r, 'lever arms of all legs', 's', momentArmM(input, td, direction), 'm'),
      }),
    ),
  );
}

/** From the centre of gravity to the edge over which the load would tilt, m; each of several rows has its own middle. */
function toTiltingEdgeM({ article }: RuleInput, direction: Direction): number {
  if (direction === 'left' || direction === 'right') {
    if (article.rows > 1) return article.widthM / article.rows / 2;
    const off = (direction === 'left' ? 1 : -1) * (article.cgLeftM ?? 0);
    return article.widthM / 2 - off - article.cgLeftWithinM;
  }
  const off = (direction === 'forward' ? 1 : -1) * (article.cgForwardM ?? 0);
  return article.lengthM / 2 - off - article.cgForwardWithinM;
}

/** CG height: unknown lies between the deck and the top of the load. */
function cgHeight(input: RuleInput): Ranged {
  const { cgHeightM, heightM } = input.article;
  const working = traced.given({
    label: 'height of the centre of gravity',
    symbol: 'd',
    value: cgHeightM,
    unit: 'm',
    source: 'your entry',
    confidence: 'entered',
  });
  return { working, low: heightM, high: 1e-6 };
}

/** An over-line whose tension counts as LC/2 because it is set higher. */
export function overHalfLc(td: TieDown): boolean {
  const [F, LC] = [td.pretension.working.value, td.wll.working.value];
  return td.kind === 'over' && F !== null && LC !== null && !atMost(F, EU.largestPartOfLc * LC);
}

export function tiltingRow(input: RuleInput, direction: Direction): TallyRow {
  const { article } = input;
  const sideways = direction === 'left' || direction === 'right';
  // Several rows side by side need a formula of their own; only what stands by itself is claimed here.
  const alone = sideways && article.rows > 1;
  const provided: Provided = (r) => {
    const none = (label: string, symbol: string) => r.t.sum(label, symbol, 'N', []);
    return r.t.apply(heldTilting, alone ? 'held, each row by itself' : 'held against tilting', {
      b: geometry(r, 'CG to the tilting edge', 'b', toTiltingEdgeM(input, direction), 'm'),
      d: r.read(cgHeight(input)),
      M: alone
        ? none('over-lines, not counted for several rows', 'M')
        : overMoment(r, input, direction),
      fs: constant(r, 'safety factor', 'f_s', safety(direction)),
      N: alone
        ? none('direct lines, not counted for several rows', 'N')
        : directMoment(r, input, direction),
      W: weight(r.t, article.massKg),
    });
  };
  const c =
    sideways && input.tieDowns.some(overHalfLc) ? EU.tiltingAtHalfLc : EU.required[direction];
  const required = requirement('required acceleration', 'c', c, 'g', CLAUSE_TILTING);
  const row = rangedRow(
    {
      code: 'tilting',
      direction: sideways ? 'sideways' : direction,
      clause: CLAUSE_TILTING,
      required,
    },
    provided,
  );
  return alone && row.verdict === 'short' ? { ...row, verdict: 'cannot-say' } : row;
}

/** What a direction's tilting adds up to over lines. Left out where the mass is not known. */
export function tiltingBound(input: RuleInput, direction: Direction): RuleBound | null {
  const { article, tieDowns } = input;
  if (article.massKg === null) return null;
  const sideways = direction === 'left' || direction === 'right';
  const alone = sideways && article.rows > 1;
  const heightM = article.cgHeightM ?? article.heightM;
  const weightMoment = article.massKg * STANDARD_GRAVITY * heightM;
  const pulling = new Set(directLines(input, direction));
  return {
    code: 'tilting',
    direction: sideways ? 'sideways' : direction,
    unit: 'g',
    required: EU.required[direction],
    base: (EU.verticalC * toTiltingEdgeM(input, direction)) / heightM,
    each: tieDowns.map((td) => {
      const armM = alone ? 0 : momentArmM(input, td, direction);
      if (td.kind !== 'over')
        return pulling.has(td) && armM > 0 ? (td.pull.high * armM) / weightMoment : 0;
      return (countedN(td) * armM) / (armM < 0 ? 1 : safety(direction)) / weightMoment;
    }),
  };
}
