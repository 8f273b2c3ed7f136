import { RULE_SET_TITLES } from '../rule-set-ids';
import { heldRows } from './held-rows';
import type { RuleSet, StaticsBox } from './rule-set';
import { commonNotices } from './shared';

const CLAUSE = 'UK guidance on load securing';

/** The whole weight forward, half of it to each side and to the rear. Source: UK guidance on load securing, from memory. */
const BOX: StaticsBox = {
  id: 'guidance',
  clause: CLAUSE,
  strength: 'working',
  requiredG: { forward: 1, rearward: 0.5, left: 0.5, right: 0.5 },
};

/** United Kingdom, road: guidance, by which a securement is judged. */
export const ukRoad: RuleSet = {
  id: 'uk-road',
  ...RULE_SET_TITLES['uk-road'],
  unmarkedByUsTable: false,
  mat: 'anti-slip-mat',
  countsPretension: true,
  statics: { boxes: [BOX], downPart: null, ruleStandsWithoutTension: false },
  basis: ({ school, designFactor }) => ({ school, designFactor, markedOrTableOnly: false }),
  assess: (input) => ({
    rows: heldRows(input, BOX, CLAUSE),
    findings: [
      { code: 'guidance-judges', effect: 'notice', clause: CLAUSE, values: {} },
      ...commonNotices(input),
    ],
  }),
};
