import type { Plan } from '@/core/exchange/plan';
import type { Change } from '@/core/securement/advice/one-change';

/** Version of the messages; both sides ship together, so it only guards against a stale cached worker. */
export const PROTOCOL = 1;

export interface AdviceRequest {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly plan: Plan;
}

export interface AdviceAnswer {
  readonly protocol: typeof PROTOCOL;
  readonly id: number;
  readonly changes: readonly Change[];
}
