import type { StaticsBox } from './rule-set';

/** Within working load limits. Source: 49 CFR 393.102(a)(2), from memory. */
export const US_WORKING_BOX: StaticsBox = {
  id: 'wll',
  clause: '49 CFR 393.102(a)(2)',
  strength: 'working',
  requiredG: { forward: 0.435, rearward: 0.5, left: 0.25, right: 0.25 },
};

/** Within breaking strength. Source: 49 CFR 393.102(a)(1), from memory. */
export const US_BREAKING_BOX: StaticsBox = {
  id: 'breaking',
  clause: '49 CFR 393.102(a)(1)',
  strength: 'breaking',
  requiredG: { forward: 0.8, rearward: 0.5, left: 0.5, right: 0.5 },
};
