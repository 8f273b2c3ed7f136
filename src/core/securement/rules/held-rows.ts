import { formula, traced } from '../../working/working';
import type { Direction } from '../vocabulary';
import type { TallyRow } from '../verdict';
import type { Ranged, RuleInput, StaticsBox, TieDown } from './rule-set';
import {
  againstMotion,
  pressingPart,
  type Provided,
  rangedRow,
  type Reader,
  requirement,
  weight,
  worseSide,
} from './shared';

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

const heldLighter = formula({
  symbol: 'a',
  unit: 'g',
  text: 'c_z × μ + (μ × P + D + BC) ÷ W',
  source:
    'friction under what is left of the weight and under pressing, pull against the motion, blocking',
  confidence: 'exact',
  symbols: { cz: 'c_z' },
  compute: ({ cz, mu, P, D, B, W }: Record<'cz' | 'mu' | 'P' | 'D' | 'B' | 'W', number>) =>
    cz * mu + (mu * P + D + B) / W,
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

/** Acceleration in one direction, held by friction, pull and blocking, against what a box asks for there. */
function heldRow(
  input: RuleInput,
  direction: Direction,
  box: StaticsBox,
  clause: string,
): TallyRow {
  const lines = holding(input, direction);
  const force = (td: TieDown): Ranged => limitOf(td, box);
  const provided: Provided = (r) => {
    const parts = {
      mu: r.read(input.article.friction),
      P: pressingOf(r, lines, force),
      D: directOf(r, lines, direction, force),
      B: r.read(input.article.blocking[direction].capacity),
      W: weight(r.t, input.article.massKg),
    };
    if (box.weightPart === undefined) return r.t.apply(held, `held ${direction}`, parts);
    const cz = r.t.given({
      label: 'part of the weight on the deck',
      symbol: 'c_z',
      value: box.weightPart,
      unit: 'ratio',
      source: clause,
      confidence: 'from-memory',
    });
    return r.t.apply(heldLighter, `held ${direction}`, { ...parts, cz });
  };
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

/** The rows of a box in the directions it asks for; of left and right the worse. */
export function heldRows(input: RuleInput, box: StaticsBox, clause: string): TallyRow[] {
  const row = (direction: Direction): TallyRow => heldRow(input, direction, box, clause);
  const lengthwise = (['forward', 'rearward'] as const).filter((d) => box.requiredG[d] > 0);
  return [
    ...lengthwise.map(row),
    ...(box.requiredG.left > 0 ? [worseSide(row('left'), row('right'))] : []),
  ];
}

const partOfWeight = formula({
  symbol: 'P',
  unit: 'N',
  text: 'p × W',
  source: 'part of the weight to be held down',
  confidence: 'from-memory',
  compute: ({ p, W }: Record<'p' | 'W', number>) => p * W,
});

/** Held down against lifting by a part of its weight. An over-line holds down with the tension it keeps, not with its limit. */
export function downwardRow(input: RuleInput, weightPart: number, clause: string): TallyRow {
  const required = traced.apply(partOfWeight, `${weightPart * 100} % of the weight`, {
    p: traced.given({
      label: 'part of the weight',
      symbol: 'p',
      value: weightPart,
      unit: 'ratio',
      source: clause,
      confidence: 'from-memory',
    }),
    W: weight(traced, input.article.massKg),
  });
  return rangedRow({ code: 'downward-force', direction: 'down', clause, required }, (r) =>
    pressingOf(r, input.tieDowns, (td) => (td.kind === 'over' ? td.pretension : td.pull)),
  );
}
