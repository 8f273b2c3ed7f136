import { ANY_KNOT } from '@/core/securement/advice/may-tie';
import { assess } from '@/core/securement/assess';
import { helpfulChanges } from '@/core/securement/advice/one-change';
import { LOCKER_NOT_ASKED } from '@/core/securement/locker-word';
import { type AdviceAnswer, type AdviceRequest, PROTOCOL } from './protocol';

/** Tries single changes to a plan away from the page, so that typing never waits for it. */
self.onmessage = (event: MessageEvent<AdviceRequest>): void => {
  if (event.data.protocol !== PROTOCOL) return;
  const { id, plan, gear, tied } = event.data;
  const locker = gear ? new Map(gear) : LOCKER_NOT_ASKED;
  const known = tied && new Set(tied);
  const answer: AdviceAnswer = {
    protocol: PROTOCOL,
    id,
    changes: helpfulChanges(
      plan,
      locker,
      assess(plan, locker),
      known ? (knot) => known.has(knot) : ANY_KNOT,
    ),
  };
  self.postMessage(answer);
};
