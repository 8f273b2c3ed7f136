import { RULE_SET_TITLES } from '../rule-set-ids';
import { downwardRow, heldRows } from './held-rows';
import type { RuleSet } from './rule-set';
import { commonNotices } from './shared';
import { US_BREAKING_BOX, US_WORKING_BOX } from './us-boxes';

/** Downward force where not fully contained, of the two readings the stricter. Source: 49 CFR 393.102(b), from memory. */
const DOWNWARD_PART = 0.2;

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
    return {
      rows: [
        ...heldRows(input, US_WORKING_BOX, `${US_WORKING_BOX.clause}, guidance`),
        ...heldRows(input, US_BREAKING_BOX, `${US_BREAKING_BOX.clause}, guidance`),
        ...(input.article.fullyContained
          ? []
          : [
              downwardRow(
                input,
                DOWNWARD_PART,
                '49 CFR 393.102(b), guidance: over-lines by kept tension',
              ),
            ]),
      ],
      findings: [
        { code: 'guidance-only', effect: 'notice', clause: 'state law', values: {} },
        ...commonNotices(input),
      ],
    };
  },
};
