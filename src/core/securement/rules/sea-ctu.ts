import { RULE_SET_TITLES } from '../rule-set-ids';
import { heldRows } from './held-rows';
import type { RuleSet, StaticsBox } from './rule-set';
import { commonNotices } from './shared';

const CLAUSE = 'CTU Code';

/** What a sea area asks, g, and the part of the weight on the deck lengthwise. Source: CTU Code and CSS Code, from memory. */
export const SEA_AREAS = {
  'sea-ctu-a': { across: 0.5, along: 0.3, alongWeightPart: 0.5 },
  'sea-ctu-b': { across: 0.7, along: 0.3, alongWeightPart: 0.3 },
  'sea-ctu-c': { across: 0.8, along: 0.4, alongWeightPart: 0.2 },
} as const;

/** At sea a load is asked across and along by turns, each with what is then left of its weight. */
function boxesOf({ across, along, alongWeightPart }: (typeof SEA_AREAS)[keyof typeof SEA_AREAS]) {
  const acrossBox: StaticsBox = {
    id: 'across',
    clause: `${CLAUSE}, across the ship`,
    strength: 'working',
    requiredG: { forward: 0, rearward: 0, left: across, right: across },
  };
  const alongBox: StaticsBox = {
    id: 'along',
    clause: `${CLAUSE}, along the ship`,
    strength: 'working',
    requiredG: { forward: along, rearward: along, left: 0, right: 0 },
    weightPart: alongWeightPart,
  };
  return [alongBox, acrossBox];
}

/** Carried by ship in one sea area; lines work up to their maximum securing load. */
function seaArea(id: keyof typeof SEA_AREAS): RuleSet {
  const boxes = boxesOf(SEA_AREAS[id]);
  return {
    id,
    ...RULE_SET_TITLES[id],
    unmarkedByUsTable: false,
    mat: 'anti-slip-mat',
    countsPretension: true,
    statics: { boxes, downPart: null, ruleStandsWithoutTension: false },
    basis: ({ designFactor }) => ({
      school: 'marine-msl',
      designFactor,
      markedOrTableOnly: false,
    }),
    assess: (input) => ({
      rows: boxes.flatMap((box) => heldRows(input, box, box.clause)),
      findings: commonNotices(input),
    }),
  };
}

export const seaA = seaArea('sea-ctu-a');
export const seaB = seaArea('sea-ctu-b');
export const seaC = seaArea('sea-ctu-c');
