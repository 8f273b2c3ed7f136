import { atLeast, atMost, M_PER_FT, STANDARD_GRAVITY, KG_PER_LB } from '../../units/constants';
import { bare, formula, traced } from '../../working/working';
import { COMMODITIES } from '../vocabulary';
import { RULE_SET_TITLES } from '../rule-set-ids';
import type { Finding, TallyRow } from '../verdict';
import type { Ranged, RuleBound, RuleInput, RuleSet, TieDown } from './rule-set';
import { about, commonNotices, rangedRow, requirement, weight } from './shared';
import { US_BREAKING_BOX, US_WORKING_BOX } from './us-boxes';

/** Boundaries of 49 CFR 393.110, from memory. */
const SHORT_ARTICLE_M = 5 * M_PER_FT;
const MIDDLE_ARTICLE_M = 10 * M_PER_FT;
const LIGHT_ARTICLE_KG = 1100 * KG_PER_LB;

/** Whole steps of 10 ft (or part of one) in a length; exactly 10 ft is one step. */
function tenFootParts(lengthM: number): number {
  return Math.ceil(lengthM / MIDDLE_ARTICLE_M - 1e-9);
}

/**
 * Least number of tie-downs. Source: 49 CFR 393.110, from memory.
 * Blocked forward: 1 for every 10 ft or part. Not blocked: ≤ 5 ft and ≤ 1,100 lb 1; ≤ 10 ft 2; longer 2 + 1 for every
 * further 10 ft or part.
 * @param massKg null (unknown) is taken as heavy.
 */
export function leastTieDowns(
  lengthM: number,
  massKg: number | null,
  blockedForward: boolean,
): number {
  if (blockedForward) return Math.max(1, tenFootParts(lengthM));
  const light = massKg !== null && atMost(massKg, LIGHT_ARTICLE_KG);
  if (atMost(lengthM, SHORT_ARTICLE_M) && light) return 1;
  if (atMost(lengthM, MIDDLE_ARTICLE_M)) return 2;
  return 2 + tenFootParts(lengthM - MIDDLE_ARTICLE_M);
}

/**
 * Full or half counting of 393.106(d): full from the vehicle, over or round the cargo, to the other side of the vehicle;
 * half to the cargo or back to the same side. Where the sides are not known: between the two.
 */
export function countingPart(tieDown: Pick<TieDown, 'kind' | 'crosses'>): {
  readonly low: 1 | 0.5;
  readonly high: 1 | 0.5;
} {
  if (tieDown.kind === 'direct' || tieDown.crosses === false) return { low: 0.5, high: 0.5 };
  return { low: tieDown.crosses ? 1 : 0.5, high: 1 };
}

const halfWeight = formula({
  symbol: 'W/2',
  unit: 'N',
  text: 'W ÷ 2',
  source: '49 CFR 393.106(d)',
  confidence: 'from-memory',
  compute: ({ W }: { W: number }) => W / 2,
});
const counted = formula({
  symbol: 'c',
  unit: 'N',
  text: 'WLL × p',
  source: '49 CFR 393.106(d): full over or round the load, half to the load',
  confidence: 'from-memory',
  compute: ({ wll, part }: Record<'wll' | 'part', number>) => wll * part,
});

function aggregateRow(input: RuleInput): TallyRow {
  const required = traced.apply(halfWeight, 'half the weight', {
    W: weight(traced, input.article.massKg, STANDARD_GRAVITY),
  });
  const part = (td: TieDown): Ranged => {
    const { low, high } = countingPart(td);
    const source =
      low === high ? '49 CFR 393.106(d)' : '49 CFR 393.106(d), sides of the vehicle not known';
    return {
      low,
      high,
      working: traced.given({
        label: 'counted part',
        symbol: 'p',
        value: low === high ? low : null,
        unit: 'ratio',
        source,
        confidence: 'from-memory',
      }),
    };
  };
  return rangedRow(
    { code: 'aggregate-wll', direction: 'all', clause: '49 CFR 393.106(d)', required },
    (r) =>
      r.t.sum(
        'sum of working load limits',
        'ΣWLL',
        'N',
        input.tieDowns.map((td) =>
          r.t.apply(counted, td.name, { wll: r.read(td.wll), part: r.read(part(td)) }),
        ),
      ),
  );
}

/** A tie-down is one only with a working load limit above nothing: unknown counts between none and one. */
function tieDownsThatCount(input: RuleInput): Ranged {
  const sure = input.tieDowns.filter(
    (td) => td.wll.working.value !== null && td.wll.working.value > 0,
  ).length;
  const possible = input.tieDowns.filter((td) => td.wll.high > 0).length;
  const source =
    sure < input.tieDowns.length
      ? `of ${input.tieDowns.length} lines those whose working load limit is known and above nothing`
      : 'lines of this plan';
  return {
    low: sure,
    high: possible,
    working: traced.given({
      label: 'tie-downs that count',
      symbol: 'n',
      value: sure,
      unit: 'count',
      source,
      confidence: 'computed',
    }),
  };
}

const enoughBlocking = formula({
  symbol: 'BC',
  unit: 'N',
  text: 'max(0, (c − μ) × W)',
  source: 'blocking alone against 49 CFR 393.102(a)(1) forward',
  confidence: 'from-memory',
  compute: ({ c, mu, W }: Record<'c' | 'mu' | 'W', number>) => Math.max(0, (c - mu) * W),
});

/** Whether a board in front holds the load forward by itself: none, too weak or of no known strength is not blocked. Null: not known. */
function blockedForward(input: RuleInput): boolean | null {
  const { blocking, massKg, friction } = input.article;
  const board = blocking.forward;
  if (!board.touching) return false;
  const given = (
    label: string,
    symbol: string,
    value: number,
    unit: 'g' | 'ratio',
  ): number | null =>
    bare.given({ label, symbol, value, unit, source: '', confidence: 'from-memory' });
  const needs = (mu: number): number | null =>
    bare.apply(enoughBlocking, 'blocking that suffices', {
      c: given('forward', 'c', US_BREAKING_BOX.requiredG.forward, 'g'),
      mu: given('friction', 'μ', mu, 'ratio'),
      W: weight(bare, massKg),
    });
  const [most, least] = [needs(friction.low), needs(friction.high)];
  if (most !== null && atLeast(board.capacity.low, most) && board.capacity.working.value !== null)
    return true;
  if (least !== null && !atLeast(board.capacity.high, least)) return false;
  return null;
}

function countRow(input: RuleInput): TallyRow {
  const { article } = input;
  const blocked = blockedForward(input);
  const least = (b: boolean): number => leastTieDowns(article.lengthM, article.massKg, b);
  const why =
    blocked === null
      ? 'not known whether the board suffices: as not blocked'
      : blocked
        ? 'blocked forward: 1 for every 10 ft'
        : 'not blocked forward: by length and weight';
  const given = tieDownsThatCount(input);
  const row = rangedRow(
    {
      code: 'tie-down-count',
      direction: 'all',
      clause: '49 CFR 393.110',
      required: requirement(
        'least tie-downs',
        'n',
        least(blocked ?? false),
        'count',
        `49 CFR 393.110, ${why}`,
      ),
    },
    (r) => r.t.given(given.working),
  );
  const [fewest, most] = [
    blocked === null ? Math.min(least(true), least(false)) : least(blocked),
    least(blocked ?? false),
  ];
  return {
    ...row,
    verdict: given.low >= most ? 'holds' : given.high < fewest ? 'short' : 'cannot-say',
  };
}

function lineFindings(td: TieDown): Finding[] {
  return [
    ...td.knotIds
      .slice(0, 1)
      .map((id) => about(td, 'knot-prohibited', 'barred', '49 CFR 393.104(f)(1)', id)),
    ...td.sharpEdgeIds.map((id) =>
      about(td, 'edge-unprotected', 'barred', '49 CFR 393.104(f)', id),
    ),
    ...(td.adjustable ? [] : [about(td, 'not-adjustable', 'barred', '49 CFR 393.112')]),
  ];
}

function commodityFinding(input: RuleInput): Finding[] {
  const commodity = COMMODITIES[input.article.commodity];
  if (commodity.section === null) return [];
  return [
    {
      code: 'commodity-rules',
      effect: 'cannot-say',
      clause: `49 CFR ${commodity.section}`,
      values: { commodity: commodity.name, section: commodity.section },
    },
  ];
}

/** The sum and the count, as they add up over lines. */
function boundsOf({ article, tieDowns }: RuleInput): RuleBound[] {
  const { massKg, lengthM } = article;
  if (massKg === null) return [];
  const common = { direction: 'all', base: 0 } as const;
  return [
    {
      ...common,
      code: 'tie-down-count',
      unit: 'count',
      required: Math.min(
        leastTieDowns(lengthM, massKg, true),
        leastTieDowns(lengthM, massKg, false),
      ),
      each: tieDowns.map((td) => (td.wll.high > 0 ? 1 : 0)),
    },
    {
      ...common,
      code: 'aggregate-wll',
      unit: 'N',
      required: (massKg * STANDARD_GRAVITY) / 2,
      each: tieDowns.map((td) => td.wll.high * countingPart(td).high),
    },
  ];
}

/** US commercial road: 49 CFR 393.100–136, all from memory. The count and the sum of WLL give the verdict. */
export const usCmv: RuleSet = {
  id: 'us-cmv',
  ...RULE_SET_TITLES['us-cmv'],
  unmarkedByUsTable: true,
  mat: 'unmarked-mat',
  countsPretension: false,
  statics: {
    boxes: [US_WORKING_BOX, US_BREAKING_BOX],
    downPart: null,
    ruleStandsWithoutTension: true,
  },
  basis: (strength) => ({
    school: 'us-table',
    designFactor: strength.designFactor,
    markedOrTableOnly: true,
  }),
  bounds: boundsOf,
  assess: (input) => ({
    rows: [countRow(input), aggregateRow(input)],
    findings: [
      ...input.tieDowns.flatMap(lineFindings),
      ...commodityFinding(input),
      { code: 'recheck-on-road', effect: 'notice', clause: '49 CFR 392.9', values: {} },
      ...commonNotices(input),
    ],
  }),
};
