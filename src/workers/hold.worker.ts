import { lineFactsOf } from '@/core/securement/assess';
import { holdMap } from '@/core/securement/hold/map';
import { ruleInputOf } from '@/core/securement/rule-input';
import { ruleSet } from '@/core/securement/rules';
import { type HoldAnswer, type HoldRequest, PROTOCOL } from './protocol';

/** Enough directions for a smooth outline, few enough for every keystroke. */
const DRAWN_DIRECTIONS = 48;

/** Computes what is held round the compass away from the page, so that typing never waits for it. */
self.onmessage = (event: MessageEvent<HoldRequest>): void => {
  if (event.data.protocol !== PROTOCOL) return;
  const { id, plan } = event.data;
  const map = holdMap(
    ruleInputOf(plan, lineFactsOf(plan)),
    plan.deck,
    ruleSet(plan.ruleSet).statics,
    DRAWN_DIRECTIONS,
  );
  const answer: HoldAnswer = { protocol: PROTOCOL, id, map };
  self.postMessage(answer);
};
