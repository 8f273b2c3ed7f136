import { formula, traced } from '../../working/working';
import type { Direction } from '../vocabulary';
import { RULE_SET_TITLES } from '../rule-set-ids';
import type { TallyRow } from '../verdict';
import type { Ranged, RuleInput, RuleSet, StaticsBox, TieDown } from './rule-set';
import {
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
import { US_BREAKING_BOX, US_WORKING_BOX } from './us-boxes';

/** Downward force where not fully contained. Source: 49 CFR 393.102(b), from memory. */
const DOWNWARD_PART = 0.2;

const held = formula({
  symbol: 'a',
  unit: 'g',
  text: 'μ + (μ × P + D + BC) ÷ W',
  source: 'friction under weight and pressing, pull against the motion, blocking',
  confidence: 'exact',
  compute: ({ mu, P, D, B, W }: Record<'mu' | 'P' | 'D' | 'B' | 'W', number>) =>
    mu + (mu * P + D + B) / W,
});
const part = formula({
  symbol: 'p',
  unit: 'N',
  text: 'F × s',
  source: 'tension times sine or cosine of its angles',
  confidence: 'exact',
  symbols: { F: 'F', s: 's' },
  compute: ({ F, s }: Record<'F' | 's', number>) => F * s,
});

/** A line's tension times a sum over its legs: one rope has one tension. */
function partOf<V>(r: Reader<V>, td: TieDown, force: Ranged, label: string, value: number): V {
  return r.t.apply(part, td.name, {
    F: r.read(force),
    s: r.t.given({
      label,
      symbol: 's',
      value,
      unit: 'ratio',
      source: 'geometry',
      confidence: 'computed',
    }),
  });
}

/** Lines that hold against a motion: over-lines press, the others only where their legs together pull against it. */
const holding = (input: RuleInput, direction: Direction): TieDown[] =>
  input.tieDowns.filter((td) => td.kind === 'over' || againstMotion(td, direction) > 0);
const limitOf = (td: TieDown, box: StaticsBox): Ranged =>
  td.kind === 'over' ? td.pretension : box.strength === 'breaking' ? td.breaking : td.pull;

function pressingOf<V>(r: Reader<V>, lines: readonly TieDown[], force: (td: TieDown) => Ranged): V {
  return r.t.sum(
    'pressing of the lines',
    'P',
    'N',
    lines.map((td) => partOf(r, td, force(td), 'sine of the legs’ angles', pressingPart(td))),
  );
}

/** Pull against the motion: of an over-line what its unlike legs leave, which may be with the motion. */
function directOf<V>(
  r: Reader<V>,
  lines: readonly TieDown[],
  direction: Direction,
  force: (td: TieDown) => Ranged,
): V {
  const pulling = lines.filter(
    (td) =>
      td.kind !== 'over' ||
      (!td.anyWay &&
        Math.abs(againstMotion(td, direction)) > 1e-9 &&
        (r.dragCounts || againstMotion(td, direction) > 0)),
  );
  return r.t.sum(
    'pull against the motion',
    'D',
    'N',
    pulling.map((td) =>
      partOf(r, td, force(td), 'part against the motion', againstMotion(td, direction)),
    ),
  );
}

function slidingRow(input: RuleInput, direction: Direction, box: StaticsBox): TallyRow {
  const lines = holding(input, direction);
  const force = (td: TieDown): Ranged => limitOf(td, box);
  const provided: Provided = (r) =>
    r.t.apply(held, `held ${direction}`, {
      mu: r.read(input.article.friction),
      P: pressingOf(r, lines, force),
      D: directOf(r, lines, direction, force),
      B: r.read(input.article.blocking[direction].capacity),
      W: weight(r.t, input.article.massKg),
    });
  const clause = `${box.clause}, guidance`;
  return rangedRow(
    {
      code: box.strength === 'breaking' ? 'held-at-breaking' : 'held-acceleration',
      direction: direction === 'left' || direction === 'right' ? 'sideways' : direction,
      clause,
      required: requirement('required acceleration', 'a', box.requiredG[direction], 'g', clause),
    },
    provided,
  );
}

const fifth = formula({
  symbol: 'P',
  unit: 'N',
  text: '0.2 × W',
  source: '49 CFR 393.102(b)',
  confidence: 'from-memory',
  compute: ({ W }: { W: number }) => DOWNWARD_PART * W,
});

/** Of the two readings of 393.102(b) the stricter: an over-line holds down with the tension it keeps, not with its limit. */
function downwardRow(input: RuleInput): TallyRow {
  return rangedRow(
    {
      code: 'downward-force',
      direction: 'down',
      clause: '49 CFR 393.102(b), guidance: over-lines by kept tension',
      required: traced.apply(fifth, '20 % of the weight', {
        W: weight(traced, input.article.massKg),
      }),
    },
    (r) => pressingOf(r, input.tieDowns, (td) => (td.kind === 'over' ? td.pretension : td.pull)),
  );
}

/** Private light vehicles in the United States: guidance, knots allowed. Tipping and turning are left to the statics. */
export const usLight: RuleSet = {
  id: 'us-light',
  ...RULE_SET_TITLES['us-light'],
  unmarkedByUsTable: true,
  mat: 'unmarked-mat',
  countsPretension: true,
  statics: {
    boxes: [US_WORKING_BOX, US_BREAKING_BOX],
    downPart: DOWNWARD_PART,
    ruleStandsWithoutTension: false,
  },
  basis: (strength) => ({
    school: strength.school,
    designFactor: strength.designFactor,
    markedOrTableOnly: false,
  }),
  assess(input) {
    const boxRows = (box: StaticsBox): TallyRow[] => [
      slidingRow(input, 'forward', box),
      slidingRow(input, 'rearward', box),
      worseSide(slidingRow(input, 'left', box), slidingRow(input, 'right', box)),
    ];
    return {
      rows: [
        ...boxRows(US_WORKING_BOX),
        ...boxRows(US_BREAKING_BOX),
        ...(input.article.fullyContained ? [] : [downwardRow(input)]),
      ],
      findings: [
        { code: 'guidance-only', effect: 'notice', clause: 'state law', values: {} },
        ...commonNotices(input),
      ],
    };
  },
};
