import { RULE_SET_TITLES } from '../rule-set-ids';
import { downwardRow, heldRows } from './held-rows';
import type { RuleSet, StaticsBox } from './rule-set';
import { commonNotices } from './shared';

const CLAUSE = 'Load restraint performance standards';

/** What the load must be held against, g. Source: Australian load restraint performance standards, from memory. */
const BOX: StaticsBox = {
  id: 'performance',
  clause: CLAUSE,
  strength: 'working',
  requiredG: { forward: 0.8, rearward: 0.5, left: 0.5, right: 0.5 },
};

/** Held down against 0.2 g upward, by lines and beyond its own weight: the stricter reading. Source: as above, from memory. */
const UPWARD_PART = 0.2;

/** Australia, road: held by accelerations, whatever the way of holding. */
export const auRoad: RuleSet = {
  id: 'au-road',
  ...RULE_SET_TITLES['au-road'],
  unmarkedByUsTable: false,
  mat: 'anti-slip-mat',
  countsPretension: true,
  statics: { boxes: [BOX], downPart: UPWARD_PART, ruleStandsWithoutTension: false },
  basis: ({ school, designFactor }) => ({ school, designFactor, markedOrTableOnly: false }),
  assess: (input) => ({
    rows: [
      ...heldRows(input, BOX, CLAUSE),
      ...(input.article.fullyContained
        ? []
        : [downwardRow(input, UPWARD_PART, `${CLAUSE}: over-lines by kept tension`)]),
    ],
    findings: commonNotices(input),
  }),
};
