import { formula, traced } from '../../working/working';
import { RULE_SET_TITLES } from '../rule-set-ids';
import type { TallyRow } from '../verdict';
import { heldRows } from './held-rows';
import type { RuleSet, StaticsBox, TieDown } from './rule-set';
import { commonNotices, rangedRow } from './shared';

const CLAUSE = 'static load with a dynamic allowance';

/** Least part of its weight that whatever stands must stand sideways: a floor out of level, a knock. Source: BS 5975, falsework, from memory. */
const SIDEWAYS_PART = 0.025;
const BOX: StaticsBox = {
  id: 'standing',
  clause: 'BS 5975, least horizontal force',
  strength: 'working',
  requiredG: {
    forward: SIDEWAYS_PART,
    rearward: SIDEWAYS_PART,
    left: SIDEWAYS_PART,
    right: SIDEWAYS_PART,
  },
};

const allowed = formula({
  symbol: 'T',
  unit: 'N',
  text: 'F × q',
  source: 'the tension it keeps, times the dynamic allowance',
  confidence: 'practice',
  symbols: { F: 'F', q: 'q' },
  compute: ({ F, q }: Record<'F' | 'q', number>) => F * q,
});

/** What a line keeps, with the allowance for what moves, against its working load limit. */
function staticRow(td: TieDown, allowance: number): TallyRow {
  const required = traced.apply(allowed, 'static load with its allowance', {
    F: traced.given({
      label: 'tension it keeps',
      symbol: 'F',
      value: td.keptN,
      unit: 'N',
      source: td.keptN === null ? 'not known' : 'its own system',
      confidence: 'computed',
    }),
    q: traced.given({
      label: 'dynamic allowance',
      symbol: 'q',
      value: allowance,
      unit: 'ratio',
      source: 'your crew’s figure',
      confidence: 'entered',
    }),
  });
  return {
    ...rangedRow({ code: 'static-load', direction: 'all', clause: CLAUSE, required }, (r) =>
      r.read(td.wll),
    ),
    of: td.name,
    lineId: td.id,
  };
}

/** No vehicle: stage, farm, yard. Every line within its limit with an allowance for what moves, and what stands, stands. */
export const site: RuleSet = {
  id: 'site',
  ...RULE_SET_TITLES['site'],
  unmarkedByUsTable: false,
  mat: 'anti-slip-mat',
  countsPretension: true,
  statics: { boxes: [BOX], downPart: null, ruleStandsWithoutTension: false },
  basis: ({ school, designFactor }) => ({ school, designFactor, markedOrTableOnly: false }),
  assess: (input) => ({
    rows: heldRows(input, BOX, BOX.clause),
    findings: [
      { code: 'site-only', effect: 'notice', clause: CLAUSE, values: {} },
      ...commonNotices(input),
    ],
  }),
  rowsOfLine: (tieDown, dynamicAllowance) => [staticRow(tieDown, dynamicAllowance)],
};
