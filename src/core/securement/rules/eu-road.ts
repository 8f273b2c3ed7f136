import { traced } from '../../working/working';
import { type Direction, DIRECTIONS } from '../vocabulary';
import { STANDARD_GRAVITY } from '../../units/constants';
import { RULE_SET_TITLES } from '../rule-set-ids';
import type { Finding, TallyRow } from '../verdict';
import {
  directPull,
  EU,
  heldByOver,
  heldByUnlike,
  heldOlder,
  heldWithDirect,
  part,
} from './eu-formulas';
import type { RuleBound, RuleInput, RuleSet, StaticsBox, TieDown } from './rule-set';
import {
  about,
  againstMotion,
  commonNotices,
  pressingPart,
  type Provided,
  rangedRow,
  type Reader,
  requirement,
  weight,
  worseSide,
} from './shared';
import { CLAUSE_TILTING, overHalfLc, tiltingBound, tiltingRow } from './eu-road-tilting';
import { constant, countedN, geometry, safety, tensionOf, directLines } from './eu-road-parts';

const CLAUSE_SLIDING = 'EN 12195-1:2010, sliding';

function pressing<V>(r: Reader<V>, input: RuleInput): V {
  const over = input.tieDowns.filter((td) => td.kind === 'over');
  return r.t.sum(
    'pressing of the over-lines',
    'P',
    'N',
    over.map((td) =>
      r.t.apply(part, td.name, {
        F: tensionOf(r, td),
        s: geometry(r, 'sine of both legs’ angles', 's', pressingPart(td)),
      }),
    ),
  );
}

function directForce<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum(
    'direct lashings',
    'D',
    'N',
    directLines(input, direction).map((td) =>
      r.t.apply(directPull, td.name, {
        LC: r.read(td.pull),
        h: geometry(r, 'cos α × cos β, both legs', 'h', againstMotion(td, direction)),
        f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor),
        mu: r.read(input.article.friction),
        v: geometry(r, 'sin α, both legs', 'v', pressingPart(td)),
      }),
    ),
  );
}

/** Over-lines whose legs are unlike enough to pull along a direction. */
const unlikeOver = (input: RuleInput, direction: Direction, dragCounts = true): TieDown[] =>
  input.tieDowns.filter(
    (td) =>
      td.kind === 'over' &&
      !td.anyWay &&
      Math.abs(againstMotion(td, direction)) > 1e-9 &&
      (dragCounts || againstMotion(td, direction) > 0),
  );

/** What unlike legs leave along a direction; where it helps the safety factor takes its part, where it drags all of it counts. */
function unlikePull<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  return r.t.sum(
    'pull of unlike legs',
    'H',
    'N',
    unlikeOver(input, direction, r.dragCounts).map((td) => {
      const s = againstMotion(td, direction);
      return r.t.apply(part, td.name, {
        F: tensionOf(r, td),
        s: geometry(r, 'against the motion, both legs', 's', s > 0 ? s / safety(direction) : s),
      });
    }),
  );
}

function slidingRow(input: RuleInput, direction: Direction): TallyRow {
  const hasDirect = directLines(input, direction).length > 0;
  const unlike = unlikeOver(input, direction).length > 0;
  const required = requirement(
    'required acceleration',
    'c',
    EU.required[direction],
    'g',
    CLAUSE_SLIDING,
  );
  const provided: Provided = (r) => {
    const common = {
      mu: r.read(input.article.friction),
      P: pressing(r, input),
      fs: constant(r, 'safety factor', 'f_s', safety(direction)),
      B: r.read(input.article.blocking[direction].capacity),
      W: weight(r.t, input.article.massKg),
    };
    const H = unlikePull(r, input, direction);
    const over = unlike
      ? r.t.apply(heldByUnlike, 'held by over-lashing', { ...common, H })
      : r.t.apply(heldByOver, 'held by over-lashing', common);
    if (!hasDirect) return over;
    // Leaving a line out of account never endangers anybody, so the better of the two readings counts.
    const mixed = r.t.apply(heldWithDirect, 'held with direct lashing', {
      ...common,
      H,
      f: constant(r, 'friction factor', 'f_μ', EU.directFrictionFactor),
      D: directForce(r, input, direction),
    });
    return r.t.extreme('greatest', 'held', 'a', [over, mixed]);
  };
  const sideways = direction === 'left' || direction === 'right';
  const row = rangedRow(
    {
      code: 'sliding',
      direction: sideways ? 'sideways' : direction,
      clause: CLAUSE_SLIDING,
      required,
    },
    provided,
  );
  return { ...row, beside: olderSchool(input, direction) };
}

function olderSchool(input: RuleInput, direction: Direction) {
  const r: Reader<ReturnType<typeof traced.given>> = {
    t: traced,
    dragCounts: true,
    read: (ranged) => ranged.working,
  };
  return traced.apply(heldOlder, 'older school: k 1.5, dynamic friction, no safety factor', {
    q: constant(
      r,
      'dynamic friction as part of static',
      'q',
      EU.olderDynamicPart,
      'EN 12195-1:2003',
    ),
    mu: r.read(input.article.friction),
    P: pressing(r, input),
    k: constant(r, 'both legs together', 'k', EU.olderK, 'EN 12195-1:2003'),
    B: r.read(input.article.blocking[direction].capacity),
    W: weight(traced, input.article.massKg),
  });
}

function lineFindings(td: TieDown): Finding[] {
  return [
    ...(td.gear === 'rope' ? [about(td, 'no-lashing-capacity', 'notice', 'EN 12195-2')] : []),
    ...(td.gear === 'webbing' && td.knotIds[0]
      ? [about(td, 'webbing-knotted', 'barred', 'EN 12195-2', td.knotIds[0])]
      : []),
    ...(overHalfLc(td) ? [about(td, 'pretension-over-half-lc', 'notice', 'EN 12195-1:2010')] : []),
  ];
}

/** What statics must balance: the accelerations of the edition, lines up to their lashing capacity. */
const BOX: StaticsBox = {
  id: 'lc',
  clause: 'EN 12195-1:2010, accelerations',
  strength: 'working',
  requiredG: EU.required,
};

/** What a direction's sliding adds up to over lines: more than either reading of a mixture comes to. */
function slidingBound(input: RuleInput, direction: Direction): RuleBound | null {
  const { massKg, friction, blocking } = input.article;
  if (massKg === null) return null;
  const weightN = massKg * STANDARD_GRAVITY;
  const mu = friction.high;
  const pulling = new Set(directLines(input, direction));
  return {
    code: 'sliding',
    direction: direction === 'left' || direction === 'right' ? 'sideways' : direction,
    unit: 'g',
    required: EU.required[direction],
    base: mu + blocking[direction].capacity.high / weightN,
    each: input.tieDowns.map((td) => {
      const [down, back] = [pressingPart(td), againstMotion(td, direction)];
      if (td.kind !== 'over')
        return pulling.has(td)
          ? (td.pull.high * (back + EU.directFrictionFactor * mu * down)) / weightN
          : 0;
      const pull = td.anyWay ? 0 : back > 0 ? back / safety(direction) : back;
      return (countedN(td) * ((mu * down) / safety(direction) + pull)) / weightN;
    }),
  };
}

/** Europe, road: EN 12195-1:2010, all from memory. */
export const euRoad: RuleSet = {
  id: 'eu-road',
  ...RULE_SET_TITLES['eu-road'],
  unmarkedByUsTable: false,
  mat: 'anti-slip-mat',
  countsPretension: true,
  statics: { boxes: [BOX], downPart: null, ruleStandsWithoutTension: false },
  basis: (strength) => ({
    school: strength.school,
    designFactor: strength.designFactor,
    markedOrTableOnly: false,
  }),
  bounds: (input) =>
    DIRECTIONS.flatMap((d) => [slidingBound(input, d), tiltingBound(input, d)]).filter(
      (b) => b !== null,
    ),
  assess(input) {
    const both = (row: (input: RuleInput, d: Direction) => TallyRow): TallyRow[] => [
      row(input, 'forward'),
      row(input, 'rearward'),
      worseSide(row(input, 'left'), row(input, 'right')),
    ];
    const rows = input.article.rows > 1;
    return {
      rows: [...both(slidingRow), ...both(tiltingRow)],
      findings: [
        ...input.tieDowns.flatMap(lineFindings),
        ...(rows
          ? [
              {
                code: 'tilting-rows' as const,
                effect: 'notice' as const,
                clause: CLAUSE_TILTING,
                values: { rows: input.article.rows },
              },
            ]
          : []),
        ...commonNotices(input),
      ],
    };
  },
};
