import { RULE_SET_IDS, type RuleSetId } from '../rule-set-ids';
import { auRoad } from './au-road';
import { euRoad } from './eu-road';
import type { RuleSet } from './rule-set';
import { ukRoad } from './uk-road';
import { seaA, seaB, seaC } from './sea-ctu';
import { site } from './site';
import { usCmv } from './us-cmv';
import { usLight } from './us-light';

const BY_ID: Record<RuleSetId, RuleSet> = {
  'us-cmv': usCmv,
  'us-light': usLight,
  'eu-road': euRoad,
  'au-road': auRoad,
  'uk-road': ukRoad,
  'sea-ctu-a': seaA,
  'sea-ctu-b': seaB,
  'sea-ctu-c': seaC,
  site,
};

/** The rule set of an id. */
export function ruleSet(id: RuleSetId): RuleSet {
  return BY_ID[id];
}

/** All rule sets in the order they are offered. */
export const RULE_SETS: readonly RuleSet[] = RULE_SET_IDS.map((id) => BY_ID[id]);
