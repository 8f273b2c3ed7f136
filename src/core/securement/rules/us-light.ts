import { formula, traced } from '../../working/working';
import type { Direction } from '../schema';
import type { TallyRow } from '../verdict';
import type { RuleInput, RuleSet } from './rule-set';
import { alongMotion, commonNotices, type Provided, rangedRow, type Reader, requirement, weight, worseSide } from './shared';

/** Accelerations within WLL, g. Source: 49 CFR 393.102(a)(2), from memory; guidance only for private vehicles. */
const REQUIRED_G: Record<Direction, number> = { forward: 0.435, rearward: 0.5, left: 0.25, right: 0.25 };
const CLAUSE = '49 CFR 393.102(a)(2), guidance';
/** Downward force where not fully contained. Source: 49 CFR 393.102(b), from memory. */
const DOWNWARD_PART = 0.2;

const held = formula({
  symbol: 'a', unit: 'g', text: 'μ + (μ × P + D + BC) ÷ W', source: 'friction under weight and pressing, direct pull, blocking', confidence: 'exact',
  compute: ({ mu, P, D, B, W }: Record<'mu' | 'P' | 'D' | 'B' | 'W', number>) => mu + (mu * P + D + B) / W,
});
const pressing = formula({
  symbol: 'p', unit: 'N', text: 'F × s', source: 'tension times sine of its angles', confidence: 'exact', symbols: { F: 'F', s: 's' },
  compute: ({ F, s }: Record<'F' | 's', number>) => F * s,
});

/** Vertical part of all legs: an over-line presses with its pretension, the others with up to their WLL. */
function pressingOf<V>(r: Reader<V>, input: RuleInput): V {
  return r.t.sum('pressing of all lines', 'P', 'N', input.tieDowns.map((td) =>
    r.t.apply(pressing, td.name, {
      F: r.read(td.kind === 'over' ? td.pretension : td.pull),
      s: r.t.given({ label: 'sine of the legs’ angles', symbol: 's', value: td.legs.reduce((sum, l) => sum + l.sinAlpha, 0), unit: 'ratio', source: 'geometry', confidence: 'computed' }),
    })));
}

/** Horizontal part of direct and loop lines against one direction. */
function directOf<V>(r: Reader<V>, input: RuleInput, direction: Direction): V {
  const pulling = input.tieDowns.filter((td) => td.kind !== 'over');
  return r.t.sum('direct pull against the motion', 'D', 'N', pulling.map((td) => {
    const part = td.legs.reduce((sum, l) => sum + Math.max(0, alongMotion(l, direction)) * l.cosAlpha, 0);
    return r.t.apply(pressing, td.name, {
      F: r.read(td.pull), s: r.t.given({ label: 'part against the motion', symbol: 's', value: part, unit: 'ratio', source: 'geometry', confidence: 'computed' }),
    });
  }));
}

function slidingRow(input: RuleInput, direction: Direction): TallyRow {
  const provided: Provided = (r) => r.t.apply(held, `held ${direction}`, {
    mu: r.read(input.article.friction), P: pressingOf(r, input), D: directOf(r, input, direction),
    B: r.read(input.article.blocking[direction].capacity), W: weight(r.t, input.article.massKg),
  });
  return rangedRow({
    code: 'held-acceleration', direction: direction === 'left' || direction === 'right' ? 'sideways' : direction, clause: CLAUSE,
    required: requirement('required acceleration', 'a', REQUIRED_G[direction], 'g', CLAUSE),
  }, provided);
}

const fifth = formula({
  symbol: 'P', unit: 'N', text: '0.2 × W', source: '49 CFR 393.102(b)', confidence: 'from-memory',
  compute: ({ W }: { W: number }) => DOWNWARD_PART * W,
});

function downwardRow(input: RuleInput): TallyRow {
  return rangedRow({
    code: 'downward-force', direction: 'down', clause: '49 CFR 393.102(b), guidance',
    required: traced.apply(fifth, '20 % of the weight', { W: weight(traced, input.article.massKg) }),
  }, (r) => pressingOf(r, input));
}

/** Private light vehicles in the United States: guidance, knots allowed. */
export const usLight: RuleSet = {
  id: 'us-light',
  name: 'US private light vehicle',
  edition: '49 CFR 393.102 as guidance',
  standing: 'State law: nothing may drop, shift, leak or escape. The figures are guidance, not your state’s rule.',
  unmarkedByUsTable: true,
  countsPretension: true,
  basis: (strength) => ({ school: strength.school, designFactor: strength.designFactor, markedOrTableOnly: false }),
  assess: (input) => ({
    rows: [
      slidingRow(input, 'forward'), slidingRow(input, 'rearward'), worseSide(slidingRow(input, 'left'), slidingRow(input, 'right')),
      ...(input.article.fullyContained ? [] : [downwardRow(input)]),
    ],
    findings: [{ code: 'guidance-only', effect: 'notice', clause: 'state law', values: {} }, ...commonNotices(input)],
  }),
};
