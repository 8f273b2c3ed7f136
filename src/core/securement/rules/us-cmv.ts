import { atMost, M_PER_FT, STANDARD_GRAVITY, KG_PER_LB } from '../../units/constants';
import { formula, traced, type Working } from '../../working/working';
import { COMMODITIES } from '../schema';
import type { Finding, TallyRow } from '../verdict';
import type { RuleInput, RuleSet, TieDown } from './rule-set';
import { about, commonNotices, rangedRow, requirement, weight } from './shared';

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
export function leastTieDowns(lengthM: number, massKg: number | null, blockedForward: boolean): number {
  if (blockedForward) return Math.max(1, tenFootParts(lengthM));
  const light = massKg !== null && atMost(massKg, LIGHT_ARTICLE_KG);
  if (atMost(lengthM, SHORT_ARTICLE_M) && light) return 1;
  if (atMost(lengthM, MIDDLE_ARTICLE_M)) return 2;
  return 2 + tenFootParts(lengthM - MIDDLE_ARTICLE_M);
}

/** Full or half counting of 393.106(d): full only from the vehicle, over the cargo, to the other side of the vehicle. */
export function countingPart(tieDown: Pick<TieDown, 'kind' | 'crosses'>): 1 | 0.5 {
  return tieDown.kind === 'over' && tieDown.crosses ? 1 : 0.5;
}

const halfWeight = formula({
  symbol: 'W/2', unit: 'N', text: 'W ÷ 2', source: '49 CFR 393.106(d)', confidence: 'from-memory',
  compute: ({ W }: { W: number }) => W / 2,
});
const counted = formula({
  symbol: 'c', unit: 'N', text: 'WLL × p', source: '49 CFR 393.106(d): full over the load, half to the load', confidence: 'from-memory',
  compute: ({ wll, part }: Record<'wll' | 'part', number>) => wll * part,
});

function aggregateRow(input: RuleInput): TallyRow {
  const required = traced.apply(halfWeight, 'half the weight', { W: weight(traced, input.article.massKg, STANDARD_GRAVITY) });
  return rangedRow({ code: 'aggregate-wll', direction: 'all', clause: '49 CFR 393.106(d)', required }, (r) =>
    r.t.sum('sum of working load limits', 'ΣWLL', 'N', input.tieDowns.map((td) =>
      r.t.apply(counted, td.name, {
        wll: r.read(td.wll),
        part: r.t.given({ label: 'counted part', symbol: 'p', value: countingPart(td), unit: 'ratio', source: '49 CFR 393.106(d)', confidence: 'from-memory' }),
      }))));
}

function countRow(input: RuleInput): TallyRow {
  const { article } = input;
  const blocked = article.blocking.forward.touching;
  const least = leastTieDowns(article.lengthM, article.massKg, blocked);
  const why = blocked ? 'blocked forward: 1 for every 10 ft' : 'not blocked forward: by length and weight';
  const given: Working = traced.given({
    label: 'tie-downs', symbol: 'n', value: input.tieDowns.length, unit: 'count', source: 'lines of this plan', confidence: 'computed',
  });
  return rangedRow({
    code: 'tie-down-count', direction: 'all', clause: '49 CFR 393.110', required: requirement('least tie-downs', 'n', least, 'count', `49 CFR 393.110, ${why}`),
  }, (r) => r.t.given(given));
}

function lineFindings(td: TieDown): Finding[] {
  return [
    ...td.knotIds.slice(0, 1).map((id) => about(td, 'knot-prohibited', 'barred', '49 CFR 393.104(f)(1)', id)),
    ...td.sharpEdgeIds.map((id) => about(td, 'edge-unprotected', 'barred', '49 CFR 393.104(f)', id)),
    ...(td.adjustable ? [] : [about(td, 'not-adjustable', 'barred', '49 CFR 393.112')]),
  ];
}

function commodityFinding(input: RuleInput): Finding[] {
  const commodity = COMMODITIES[input.article.commodity];
  if (commodity.section === null) return [];
  return [{ code: 'commodity-rules', effect: 'cannot-say', clause: `49 CFR ${commodity.section}`, values: { commodity: commodity.name, section: commodity.section } }];
}

/** US commercial road: 49 CFR 393.100–136, all from memory. The count and the sum of WLL give the verdict. */
export const usCmv: RuleSet = {
  id: 'us-cmv',
  name: 'US commercial road',
  edition: '49 CFR 393.100–136',
  standing: 'Commercial vehicles in the United States. Knots in tie-downs are forbidden.',
  unmarkedByUsTable: true,
  countsPretension: false,
  basis: (strength) => ({ school: 'us-table', designFactor: strength.designFactor, markedOrTableOnly: true }),
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
