export const RULE_SET_IDS = ['us-cmv', 'us-light', 'eu-road'] as const;
export type RuleSetId = (typeof RULE_SET_IDS)[number];
/** What people call them. */
export const RULE_SET_NAMES: Record<RuleSetId, string> = {
  'us-cmv': 'US commercial road',
  'us-light': 'US private light vehicle',
  'eu-road': 'Europe, road',
};
