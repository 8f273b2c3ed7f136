import type { Plan } from '../plan';

/** What of a plan is drawn. */
export type DrawnPlan = Pick<Plan, 'deck' | 'units' | 'lines'>;
