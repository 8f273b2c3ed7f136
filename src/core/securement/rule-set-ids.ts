export const RULE_SET_IDS = [
  'us-cmv',
  'us-light',
  'eu-road',
  'au-road',
  'uk-road',
  'sea-ctu-a',
  'sea-ctu-b',
  'sea-ctu-c',
  'site',
] as const;
export type RuleSetId = (typeof RULE_SET_IDS)[number];

/** What a rule set is called, which edition it is, and for the driver in one line what it is and is not. */
export interface RuleSetTitle {
  readonly name: string;
  readonly edition: string;
  readonly scope: string;
}

/** Titles stand apart from the formulas: whoever only lists the sets needs no formula. */
export const RULE_SET_TITLES: Record<RuleSetId, RuleSetTitle> = {
  'us-cmv': {
    name: 'US commercial road',
    edition: '49 CFR 393.100–136',
    scope: 'Commercial vehicles in the United States. Knots in tie-downs are forbidden.',
  },
  'us-light': {
    name: 'US private light vehicle',
    edition: '49 CFR 393.102 as guidance',
    scope:
      'State law: nothing may drop, shift, leak or escape. The figures are guidance, not your state’s rule.',
  },
  'eu-road': {
    name: 'Europe, road',
    edition: 'EN 12195-1:2010',
    scope:
      'European road transport. Hand-tied rope has no lashing capacity under EN 12195-2; the statics use your crew’s school.',
  },
  'au-road': {
    name: 'Australia, road',
    edition: 'Load restraint performance standards',
    scope: 'Australian road transport. What the load must be held against, whatever holds it.',
  },
  'uk-road': {
    name: 'United Kingdom, road',
    edition: 'Guidance on load securing',
    scope:
      'Guidance by which a securement is judged: the whole weight forward, half of it to each side and to the rear.',
  },
  'sea-ctu-a': {
    name: 'Sea, area A',
    edition: 'CTU Code',
    scope: 'Carried by ship: waves up to 8 m. Lines count by their maximum securing load.',
  },
  'sea-ctu-b': {
    name: 'Sea, area B',
    edition: 'CTU Code',
    scope: 'Carried by ship: waves up to 12 m. Lines count by their maximum securing load.',
  },
  'sea-ctu-c': {
    name: 'Sea, area C',
    edition: 'CTU Code',
    scope: 'Carried by ship: any waves. Lines count by their maximum securing load.',
  },
  site: {
    name: 'Site, no vehicle',
    edition: 'static load with a dynamic allowance',
    scope:
      'Stage, farm, yard: nothing is driven. Each line within its limit with your allowance for what moves; what stands, stands.',
  },
};
